package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.Climate;

/**
 * A field that a cover is to be seeded on.
 *
 * @param climate of the place
 * @param crop the cash crop's years
 * @param soil the ground
 * @param cover species, at least one
 */
public record SeedingSite(Climate climate, CropSeasons crop, Soil soil, List<Species> cover) {
  /** Harvest spread over fewer days than this is said as one day. */
  private static final int WORTH_A_RANGE_DAYS = 3;

  public SeedingSite {
    cover = List.copyOf(cover);
  }

  /** {@return whether a row crop stands on it in summer} */
  public boolean rows() {
    return crop.crop() instanceof CashCrop.Corn || soybeans();
  }

  /** {@return whether that is corn} */
  public boolean corn() {
    return crop.crop() instanceof CashCrop.Corn;
  }

  /** {@return whether that is soybeans} */
  public boolean soybeans() {
    return crop.crop() instanceof CashCrop.Soybean;
  }

  /** {@return whether a chopper takes the crop off} */
  public boolean silage() {
    return crop.crop() instanceof CashCrop.Corn corn && corn.silage();
  }

  /** {@return whether a small grain stands on it} */
  public boolean smallGrain() {
    return crop.crop() instanceof CashCrop.SmallGrain;
  }

  /**
   * {@return an edge}
   *
   * @param count days from the season's start
   * @param reason what sets it; its {@code day} is filled in
   */
  public Window.Edge edge(double count, Reason reason) {
    LocalDate day = crop.day(count);
    return new Window.Edge(day, reason.with("day", day));
  }

  /** The day the crop is off, or the day from which nothing stands in the way. */
  Window.Edge harvest(String text) {
    if (crop.crop() instanceof CashCrop.AfterCover after) {
      return new Window.Edge(
          after.endedOn(),
          Reason.of("{cover} stands before it and is ended on {day}")
              .with(
                  "cover",
                  Species.together(
                      after.before().cover().stream().map(CoverComponent::species).toList()))
              .with("day", after.endedOn()));
    }
    if (crop.crop() instanceof CashCrop.None) {
      return new Window.Edge(
          crop.ensemble().start().plusDays(WindowFinder.SUMMER),
          Reason.of("nothing stands on the field"));
    }
    Spread harvest = crop.harvest();
    Reason reason = Reason.of(text);
    if (harvest.quantile(0.9) - harvest.quantile(0.1) >= WORTH_A_RANGE_DAYS) {
      reason =
          Reason.of(text + ", {early} to {late} in eight of ten")
              .with("early", crop.day(harvest.quantile(0.1)))
              .with("late", crop.day(harvest.quantile(0.9)));
    }
    return edge(harvest.median(), reason);
  }
}
