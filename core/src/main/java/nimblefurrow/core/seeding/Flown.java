package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.units.Reason;

/** Seed from the air. */
abstract class Flown extends StandingCrop {
  Flown(String key, int beforeHarvestDays) {
    super(key, beforeHarvestDays);
  }

  @Override
  public final boolean flies() {
    return true;
  }

  @Override
  protected final List<Reason> cautions(SeedingSite site) {
    return List.of(
        Reason.of("licensed pilots only; keep people and animals out and mind the wind"));
  }
}
