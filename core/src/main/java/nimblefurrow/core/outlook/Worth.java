package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.season.Going;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;

/** What a cover did for each purpose, year by year. */
final class Worth {
  private Worth() {}

  /** One spread a purpose, in {@link Purpose} order and units. */
  static List<Spread> of(CoverPlan plan, List<SeasonRun> runs) {
    List<Spread> all = new ArrayList<>();
    for (Purpose purpose : Purpose.values()) {
      all.add(Spread.of(runs.stream().mapToDouble(r -> measure(purpose, plan, r)).toArray()));
    }
    return all;
  }

  /** One run, in the unit of the purpose. */
  static double measure(Purpose purpose, CoverPlan plan, SeasonRun run) {
    SeasonColumns columns = run.columns();
    int end = Math.max(0, Math.min(columns.days() - 1, columns.indexOf(plan.endOn())));
    return switch (purpose) {
      case HOLD_SOIL -> {
        // Of the winter before the next crop; what is frost-seeded after it holds no soil then.
        LocalDate winter = LocalDate.of(plan.plantOn().getYear() - 1, Month.DECEMBER, 1);
        int december = columns.indexOf(winter);
        yield december >= 0 && december < columns.days() ? columns.lightCaught()[december] : 0;
      }
      case TAKE_UP_NITROGEN -> NitrogenInTops.at(plan.cover(), columns, end).kgPerHa();
      case MAKE_NITROGEN -> NitrogenInTops.at(plan.cover(), columns, end).availableKgPerHa();
      case SMOTHER_WEEDS, FEED_CATTLE -> columns.totalCoverMgPerHa(end);
      case OPEN_TIGHT_GROUND -> 100 * columns.rootsM()[end];
      case CARRY_MACHINE -> fitDays(columns, plan.plantOn());
    };
  }

  /** Fit days among the seven round a day. */
  static double fitDays(SeasonColumns columns, LocalDate day) {
    int middle = columns.indexOf(day);
    int fit = 0;
    for (int i = middle - 3; i <= middle + 3; i++) {
      if (i >= 0 && i < columns.days() && columns.going()[i] == Going.FIT) {
        fit++;
      }
    }
    return fit;
  }
}
