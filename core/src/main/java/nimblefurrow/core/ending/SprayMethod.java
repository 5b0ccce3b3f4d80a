package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.SprayKill;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** A way of ending whose one tool is a herbicide. */
abstract class SprayMethod extends EndingMethod {
  /** Boot, as a fraction of the way to mid-anthesis. */
  static final double BOOT = 0.78;

  /** In so large a part of the years something counts as safe to say. */
  private static final double MOSTLY = 0.7;

  SprayMethod(String key) {
    super(EndingTraits.shipped(key));
  }

  @Override
  public final boolean sprays() {
    return true;
  }

  @Override
  public List<Ending> acts(LocalDate on) {
    return List.of(Ending.Spray.usual(on));
  }

  @Override
  protected final WatchList.Item watch(WatchList.Ended e) {
    return WatchList.item(
        "kill",
        e.endOn().plusDays(7),
        e.endOn().plusDays(14),
        "look for green misses and count the kill",
        "skips and sheltered plants show within two weeks");
  }

  /** Grass takes the herbicide up best before boot. */
  static void beforeBoot(EndingField field, EndingFinding found) {
    if (!field.hasGrass()) {
      return;
    }
    Spread boot = field.ripe(s -> s.family() == Family.GRASS ? BOOT : 0);
    int before = boot.years() - boot.atMost(field.crop().count(found.to()));
    Reason odds =
        Reason.of("grass is still before boot on {day} in {years} of {all} years")
            .with("day", found.to())
            .with("years", before, Unit.COUNT)
            .with("all", field.years(), Unit.COUNT);
    if (before >= MOSTLY * field.years()) {
      found.because(odds);
    } else {
      found.care(odds);
    }
  }

  /** Species that one pass seldom ends. */
  static void hardToKill(EndingField field, EndingFinding found) {
    field
        .species(s -> s.advice().herbicide().startsWith("hard"))
        .forEach(
            s ->
                found.care(
                    Reason.of("{species} is {words}")
                        .with("species", s.name())
                        .with("words", s.advice().herbicide())));
    field
        .species(SecondPass::hard)
        .forEach(
            s -> {
              found.warn(
                  Reason.of("plan a second spray {first} to {last} on: {species} greens up again")
                      .with("first", SecondPass.SPRAY_AGAIN.least(), Unit.COUNT)
                      .with("last", SecondPass.SPRAY_AGAIN.most(), Unit.DAYS)
                      .with("species", s.name()));
              found.warn(
                  Reason.of(
                          "cold: below {cool} in the mean of three days fewer die, at {cold} a quarter"
                              + " fewer; wait for warm days")
                      .with("cool", SprayKill.WARM_C, Unit.CELSIUS)
                      .with("cold", SprayKill.COLD_C, Unit.CELSIUS));
            });
  }

  /** What holds for every spray. */
  static void cautions(EndingField field, EndingFinding found) {
    if (field.coverOn(found.middle()).median() > SprayJob.CAUGHT_MG) {
      found.warn(
          Reason.of("above {cover} of cover a soil residual is caught by the leaves")
              .with("cover", SprayJob.CAUGHT_MG, Unit.MG_PER_HA));
    }
    found.warn(Reason.of("the label is the law; a licensed applicator where required"));
  }
}
