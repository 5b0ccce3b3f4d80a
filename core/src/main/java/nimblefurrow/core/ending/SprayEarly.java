package nimblefurrow.core.ending;

import java.time.LocalDate;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** Kill ahead with a herbicide, plant into brown residue. */
final class SprayEarly extends SprayMethod {
  /** Grass before corn: no longer ahead, or weeds are back by planting. Working value. */
  private static final int GRASS_BEFORE_CORN_MOST_DAYS = 14;

  SprayEarly() {
    super("sprayEarly");
  }

  @Override
  public PlantingLag lag(CoverPlan plan, NextCrop.Kind next) {
    PlantingLag lag = traits().lag();
    return next == NextCrop.Kind.CORN && plan.hasGrass()
        ? new PlantingLag(lag.least(), GRASS_BEFORE_CORN_MOST_DAYS, lag.usual())
        : lag;
  }

  @Override
  protected void judge(EndingField field, EndingFinding found) {
    PlantingLag lag = lag(field.plan(), field.next().kind());
    LocalDate plant = field.next().plantOn();
    found.range(lag.firstEnd(plant), lag.lastEnd(plant));
    found.fits(
        Reason.of("{first} to {last} before planting on {plant}")
            .with("first", lag.most(), Unit.COUNT)
            .with("last", lag.least(), Unit.DAYS)
            .with("plant", plant));
    beforeBoot(field, found);
    hardToKill(field, found);
    if (field.grassBeforeCorn()) {
      found.because(Reason.of("grass before corn ties up nitrogen and shares seedling diseases"));
    }
    found.warn(Reason.of("a dead mat dries slowly: keep watching the ground"));
    cautions(field, found);
  }

  @Override
  public String school(NextCrop.Kind next) {
    return next == NextCrop.Kind.CORN
        ? "kill ahead of corn, plant brown"
        : "kill ahead, plant brown";
  }
}
