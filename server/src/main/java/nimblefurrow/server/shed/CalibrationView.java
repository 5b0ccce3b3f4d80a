package nimblefurrow.server.shed;

import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What was found when a machine was set.
 *
 * @param lotId which seed; null when only the species was noted
 * @param bench catch, timed, gate, running, pattern or depth
 * @param setting the number on the machine
 * @param rateKgPerHa what it gave
 * @param chartKgPerHa what the chart on the lid promised
 * @param words what else was found
 */
public record CalibrationView(
    UUID id,
    UUID machineId,
    @Nullable UUID lotId,
    String species,
    String gear,
    String bench,
    @Nullable Double setting,
    @Nullable Double rateKgPerHa,
    @Nullable Double chartKgPerHa,
    String words,
    LocalDate doneOn) {

  static CalibrationView of(Calibration c) {
    return new CalibrationView(
        c.id,
        c.machineId,
        c.lotId,
        c.species,
        c.gear,
        c.bench,
        c.setting,
        c.rateKgPerHa,
        c.chartKgPerHa,
        c.words,
        c.doneOn);
  }
}
