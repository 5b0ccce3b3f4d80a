package nimblefurrow.server.season;

import java.time.LocalDate;
import nimblefurrow.core.outlook.Goal;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;

/**
 * What a grower wants of a cover.
 *
 * @param measure {@code purpose}, {@code cover} or {@code ground}
 * @param purpose which purpose, when that is measured
 * @param day on which cover or ground is measured
 * @param target in the measure's unit; the purpose's own when null
 * @param share of years wanted, 0 to 1
 */
record GoalInput(
    String measure,
    @Nullable String purpose,
    @Nullable LocalDate day,
    @Nullable Double target,
    @Nullable Double share) {

  Goal goal(int seasonYear) {
    Goal.Measure what =
        switch (measure) {
          case "purpose" -> new Goal.Of(Purpose.of(purpose == null ? "" : purpose));
          case "cover" -> new Goal.CoverOn(inSeason(seasonYear));
          case "ground" -> new Goal.GroundOn(inSeason(seasonYear));
          default -> throw new InputProblem("goal.measure", "There is no goal of that kind.");
        };
    double enough = target != null ? target : what instanceof Goal.Of o ? o.purpose().target() : 0;
    double odds = share == null ? Goal.USUAL_SHARE : share;
    if (!(enough >= 0 && enough < 1e5)) {
      throw new InputProblem("goal.target", "Say how much is enough, 0 or more.");
    }
    if (!(odds > 0 && odds <= 1)) {
      throw new InputProblem("goal.share", "Say in how many years of ten it is wanted, 1 to 10.");
    }
    return new Goal(what, enough, odds);
  }

  private LocalDate inSeason(int seasonYear) {
    if (day == null) {
      throw new InputProblem("goal.day", "Say by which day.");
    }
    SeasonDates.Range season = SeasonDates.whole(seasonYear);
    if (!season.holds(day)) {
      throw new InputProblem(
          "goal.day",
          "%s is outside this season, %s to %s.".formatted(day, season.first(), season.last()));
    }
    return day;
  }
}
