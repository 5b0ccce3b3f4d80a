package nimblefurrow.server.job;

import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.setting.SettingLine;
import nimblefurrow.core.setting.SettingMemory;
import nimblefurrow.core.units.Reason;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.shed.CalibrationView;
import org.jspecify.annotations.Nullable;

/**
 * What a machine was set to before with the seed of a plan. A mix flows as none of its seeds does
 * alone, so that it is set by its own tries only.
 *
 * @param last the newest try of this seed; null when there is none
 * @param setting to begin with
 * @param note what to beware of
 * @param chartCorrection what it gave over what the chart promised
 */
record Remembered(
    @Nullable CalibrationView last,
    @Nullable Double setting,
    @Nullable Reason note,
    @Nullable Double chartCorrection) {

  /** What tries of a plan's seed are kept under: its species, in order. */
  static String key(PlanInput plan) {
    return plan.components().stream()
        .map(PlanInput.Component::species)
        .sorted()
        .collect(Collectors.joining("+"));
  }

  /** Of a machine's notes, newest first. */
  static Remembered of(List<CalibrationView> notes, PlanInput plan, double rateKgPerHa) {
    String key = key(plan);
    List<CalibrationView> tries =
        notes.stream()
            .filter(c -> c.species().equals(key))
            .filter(c -> c.setting() != null && c.rateKgPerHa() != null)
            .toList();
    if (tries.isEmpty()) {
      boolean parts =
          plan.components().size() > 1
              && notes.stream()
                  .anyMatch(
                      c ->
                          c.setting() != null
                              && plan.components().stream()
                                  .anyMatch(p -> p.species().equals(c.species())));
      return new Remembered(
          null,
          null,
          parts
              ? Reason.of("a mix needs its own try: tries of one of its seeds do not set it")
              : null,
          null);
    }
    CalibrationView last = tries.get(0);
    SettingMemory memory =
        SettingMemory.of(
            tries.stream()
                .map(c -> new SettingLine.Try(or(c.setting()), or(c.rateKgPerHa())))
                .toList(),
            rateKgPerHa);
    Double chart = last.chartKgPerHa();
    return new Remembered(
        last,
        memory.setting(),
        memory.note(),
        chart == null || chart <= 0 ? null : or(last.rateKgPerHa()) / chart);
  }

  private static double or(@Nullable Double value) {
    return value == null ? 0 : value;
  }
}
