package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.season.EndingEffect;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Trafficability;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.OwnErrors;
import nimblefurrow.core.units.OwnError;
import nimblefurrow.core.units.Spread;

/**
 * What a cover did for each purpose, year by year: the one measure behind every screen's odds.
 * Purposes that hang on how the cover ends are read from runs that were ended; the rest from runs
 * left to grow.
 */
final class Worth {
  private Worth() {}

  /** One spread a purpose, in {@link Purpose} order and units. */
  static List<Spread> of(CoverPlan plan, List<SeasonRun> growing, List<SeasonRun> ended) {
    List<Spread> all = new ArrayList<>();
    for (Purpose purpose : Purpose.values()) {
      all.add(spread(purpose, plan, purpose.hangsOnEnding() ? ended : growing));
    }
    return all;
  }

  /** One purpose over all years, with the model's own error. */
  static Spread spread(Purpose purpose, CoverPlan plan, List<SeasonRun> runs) {
    return Spread.of(runs.stream().mapToDouble(r -> measure(purpose, plan, r)).toArray())
        .with(error(purpose, plan));
  }

  /** How far the model may be off in a purpose's measure. */
  static OwnError error(Purpose purpose, CoverPlan plan) {
    OwnErrors errors = OwnErrors.of(plan);
    return switch (purpose) {
      case HOLD_SOIL -> errors.light(lookedAt(plan));
      case CARRY_MACHINE -> OwnError.NONE;
      default -> errors.growth(plan.endOn());
    };
  }

  /** One run, in the unit of the purpose. */
  static double measure(Purpose purpose, CoverPlan plan, SeasonRun run) {
    SeasonColumns columns = run.columns();
    int end = inside(columns, plan.endOn());
    return switch (purpose) {
      case HOLD_SOIL -> {
        int december = columns.indexOf(lookedAt(plan));
        yield december >= 0 && december < columns.days() ? columns.lightCaught()[december] : 0;
      }
      case TAKE_UP_NITROGEN -> NitrogenInTops.takenUp(plan.cover(), columns, end);
      case MAKE_NITROGEN ->
          NitrogenInTops.at(plan.cover(), columns, end).availableKgPerHa()
              + NitrogenInTops.fromWinterkill(plan.cover(), columns, end);
      case SMOTHER_WEEDS -> onTheGround(columns, inside(columns, later(plan)));
      case OPEN_TIGHT_GROUND -> RootsGrown.until(plan.cover(), columns, end);
      case CARRY_MACHINE -> fitDaysAdded(columns, plan.plantOn());
      case FEED_CATTLE -> run.effects().stream().mapToDouble(EndingEffect::takenOffMgPerHa).sum();
    };
  }

  /** The winter before the next crop; what is frost-seeded after it holds no soil then. */
  private static LocalDate lookedAt(CoverPlan plan) {
    return LocalDate.of(plan.plantOn().getYear() - 1, Month.DECEMBER, 1);
  }

  /** The later of ending and planting. */
  static LocalDate later(CoverPlan plan) {
    return plan.endOn().isAfter(plan.plantOn()) ? plan.endOn() : plan.plantOn();
  }

  /** Cover on a day, dead or alive, Mg/ha. */
  static double onTheGround(SeasonColumns c, int day) {
    return c.totalCoverMgPerHa(day) + c.mulchMgPerHa()[day] + c.dyingMgPerHa()[day];
  }

  /** The index of a day, or of the nearest there is. */
  static int inside(SeasonColumns c, LocalDate day) {
    return Math.max(0, Math.min(c.days() - 1, c.indexOf(day)));
  }

  /** Fit days among the seven round a day, less those of bare ground beside it. */
  static double fitDaysAdded(SeasonColumns columns, LocalDate day) {
    return fitDays(columns.trafficability(), columns.indexOf(day))
        - fitDays(columns.trafficabilityBare(), columns.indexOf(day));
  }

  private static double fitDays(Trafficability[] trafficability, int middle) {
    int fit = 0;
    for (int i = middle - 3; i <= middle + 3; i++) {
      if (i >= 0 && i < trafficability.length && trafficability[i] == Trafficability.FIT) {
        fit++;
      }
    }
    return fit;
  }
}
