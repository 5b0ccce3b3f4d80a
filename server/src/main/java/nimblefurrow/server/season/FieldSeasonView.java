package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanHistory;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.worklog.EntryView;
import org.jspecify.annotations.Nullable;

/**
 * One field's season in full.
 *
 * @param shape its cash crop by week
 * @param windows every way of seeding its cover, those possible first
 * @param endings every way of ending it, those that fit first
 * @param groundFit share of years in which the ground carries machines, by week
 * @param limits days that bind what is planned, whoever set them
 * @param changes what would change, when this is a proposal
 * @param moved what each thing seen on the field changed in the forecast, oldest first
 * @param sky rain and frost along it; null without weather
 */
public record FieldSeasonView(
    FieldView field,
    LocalDate today,
    LocalDate start,
    SeasonView.Furrow furrow,
    SeasonView.@Nullable CropShape shape,
    List<Limit> limits,
    List<SeasonView.WindowView> windows,
    List<EndingView> endings,
    List<SpeciesView> species,
    List<SeasonView.Goal> goals,
    double @Nullable [] groundFit,
    List<PlanHistory.ChangeView> history,
    List<ReasonView> changes,
    List<SightingEffect> moved,
    @Nullable Sky sky) {

  /**
   * What the weather was, and what is to be reckoned with, along the season.
   *
   * @param rainMm rain of each day seen, from the season's start on
   * @param wetShare of each of the next days, how many of the ways the weather may go are wet
   * @param frostEarly the first killing frost of autumn, the earliest in ten years
   * @param frostMiddle the middle year's
   * @param frostLate the latest in ten years
   */
  public record Sky(
      double[] rainMm,
      double[] wetShare,
      LocalDate frostEarly,
      LocalDate frostMiddle,
      LocalDate frostLate) {}

  /** What sets a limit. */
  public enum LimitKind {
    /** The last day an insurer or office lets the cover be ended. */
    INSURER,
    /** A residual in the ground that the cover's species have to wait for. */
    PLANT_BACK,
    /** A group of animals is on the cover. */
    GRAZED,
    /** No animal may be on the cover. */
    NO_GRAZING
  }

  /** Days that bind what is planned: from the first to the last, both of them. */
  public record Limit(LimitKind kind, LocalDate from, LocalDate to, ReasonView why) {}

  /**
   * What one sighting moved in the forecast.
   *
   * @param expected what the forecast had before it; null where it tells nothing of the kind
   */
  public record SightingEffect(
      EntryView entry, @Nullable ReasonView expected, List<ReasonView> changes) {}

  /** One way to end the cover. */
  public record EndingView(
      @KeyOf(KeyOf.What.ENDING) String way,
      String label,
      EndingOption.Fit fit,
      LocalDate from,
      LocalDate to,
      int yearsReady,
      int years,
      double coverMgPerHa,
      List<ReasonView> reasons,
      List<ReasonView> cautions) {}

  /** What becomes of one species: plants per m², share that winters, stages. */
  public record SpeciesView(
      String name,
      double plantsLow,
      double plantsMiddle,
      double plantsHigh,
      double winterSurvival,
      List<StageView> stages) {}

  /** When a stage is reached; days are null in years it is not. */
  public record StageView(
      String name,
      int yearsReached,
      int years,
      @Nullable LocalDate early,
      @Nullable LocalDate middle,
      @Nullable LocalDate late) {}
}
