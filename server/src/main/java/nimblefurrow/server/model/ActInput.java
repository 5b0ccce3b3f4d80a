package nimblefurrow.server.model;

import java.time.LocalDate;
import nimblefurrow.core.season.Ending;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;

/**
 * One act of an ending at the model's door. What is not given is the usual.
 *
 * @param way kill, roll, spray, till, mow, hay or graze
 * @param on the day; the first day of grazing
 * @param until the last day of grazing
 * @param mode of a spray: systemic or contact
 * @param kill of a spray, when known; 0..1
 * @param heightCm of the stubble after mowing or hay
 * @param buried by tillage, share of mulch and residue
 * @param intakeMgPerHa eaten a day
 * @param troddenShare trodden down of what the plants lose
 * @param residualMgPerHa left by grazing
 * @param standUpDays in which a roller's survivors stand up
 */
record ActInput(
    String way,
    LocalDate on,
    @Nullable LocalDate until,
    @Nullable String mode,
    @Nullable Double kill,
    @Nullable Double heightCm,
    @Nullable Double buried,
    @Nullable Double intakeMgPerHa,
    @Nullable Double troddenShare,
    @Nullable Double residualMgPerHa,
    @Nullable String stems,
    @Nullable String ground,
    @Nullable Double rollerKgPerM,
    @Nullable Integer passes,
    @Nullable Integer standUpDays) {

  Ending act(String path) {
    return switch (way) {
      case "kill" -> new Ending.Kill(on);
      case "roll" -> roll();
      case "spray" ->
          new Ending.Spray(
              on,
              mode == null ? Ending.Mode.SYSTEMIC : Keys.constant(Ending.Mode.class, mode),
              kill);
      case "till" -> buried == null ? Ending.Till.usual(on) : new Ending.Till(on, buried);
      case "mow" -> new Ending.Cut(on, or(heightCm, 10), false);
      case "hay" -> new Ending.Cut(on, or(heightCm, 8), true);
      case "graze" -> graze(path);
      default ->
          throw new InputProblem(
              path + ".way",
              "“%s” is no way to end a cover here: kill, roll, spray, till, mow, hay or graze."
                  .formatted(way));
    };
  }

  private Ending.Roll roll() {
    return new Ending.Roll(
        on,
        stems == null ? Ending.Stems.DRY : Keys.constant(Ending.Stems.class, stems),
        ground == null ? Ending.Ground.FIRM : Keys.constant(Ending.Ground.class, ground),
        or(rollerKgPerM, 450),
        passes == null ? 1 : passes,
        standUpDays == null ? 7 : standUpDays);
  }

  private Ending.Graze graze(String path) {
    if (until == null) {
      throw new InputProblem(path + ".until", "Grazing needs its last day (until).");
    }
    Ending.Graze usual = Ending.Graze.usual(on, until);
    return new Ending.Graze(
        on,
        until,
        or(intakeMgPerHa, usual.intakeMgPerHa()),
        or(troddenShare, usual.troddenShare()),
        or(residualMgPerHa, usual.residualMgPerHa()));
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }
}
