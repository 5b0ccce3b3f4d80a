package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ending.EndingOption;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;

/**
 * One field's season in full.
 *
 * @param shape its cash crop by week
 * @param windows every way of seeding its cover, those possible first
 * @param endings every way of ending it, those that fit first
 * @param groundFit share of years in which the ground carries machines, by week
 * @param changes what would change, when this is a proposal
 * @param moved what each thing seen on the field changed in the forecast, oldest first
 */
public record FieldSeasonView(
    FieldView field,
    LocalDate today,
    LocalDate start,
    SeasonView.Furrow furrow,
    SeasonView.@Nullable CropShape shape,
    List<SeasonView.WindowView> windows,
    List<EndingView> endings,
    List<SpeciesView> species,
    List<SeasonView.Goal> goals,
    double @Nullable [] groundFit,
    List<PlanService.ChangeView> history,
    List<ReasonView> changes,
    List<SightingEffect> moved) {

  /** What one sighting moved in the forecast. */
  public record SightingEffect(LogService.EntryView entry, List<ReasonView> changes) {}

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
