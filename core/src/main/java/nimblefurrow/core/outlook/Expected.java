package nimblefurrow.core.outlook;

import java.util.Optional;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/** What a forecast had of something before it was seen. */
public final class Expected {
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  private Expected() {}

  /**
   * {@return what was to be expected of a sighting; nothing of a height, which no forecast tells}
   *
   * @param seen what was seen
   * @param before the outlook without it
   * @param crop seasons of the field, for its days
   */
  public static Optional<Reason> of(Sighting seen, Outlook before, CropSeasons crop) {
    if (seen instanceof Sighting.Cover c) {
      return Optional.of(
          range(
              before.middleOn(c.on()),
              before.lowOn(c.on()),
              before.highOn(c.on()),
              Unit.MG_PER_HA));
    }
    if (seen instanceof Sighting.Plants p) {
      Spread plants = before.species().get(p.component()).plantsPerM2();
      return Optional.of(
          range(plants.median(), plants.quantile(LOW), plants.quantile(HIGH), Unit.PER_M2));
    }
    if (seen instanceof Sighting.Stage s) {
      int day = crop.count(s.on());
      String at = "";
      for (Outlook.StageOdds stage : before.species().get(s.component()).stages()) {
        if (stage.day().median() <= day) {
          at = stage.name();
        }
      }
      return Optional.of(
          at.isEmpty()
              ? Reason.of("the forecast had it leafy still")
              : Reason.of("the forecast had it at {stage}").with("stage", at));
    }
    return Optional.empty();
  }

  private static Reason range(double middle, double low, double high, Unit unit) {
    return Reason.of("the forecast had {middle}, {low} to {high} in eight years of ten")
        .with("middle", middle, unit)
        .with("low", low, unit)
        .with("high", high, unit);
  }
}
