package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * One computed season.
 *
 * @param columns daily states
 * @param cashCropHarvestedOn the day the field was clear, when within the run's weather
 * @param components what became of each species
 * @param coverMgPerHa dry matter at the end of 20 November, 1 March, 1 April and 1 May
 * @param firstFitAfterApr20 first day from 20 April on which the ground is fit
 * @param water where the season's water went
 * @param termination the cover as its ending found it, when it was ended
 * @param effects what each act of the ending did, in order
 */
public record SeasonRun(
    SeasonColumns columns,
    @Nullable LocalDate cashCropHarvestedOn,
    List<Component> components,
    CoverOn coverMgPerHa,
    @Nullable LocalDate firstFitAfterApr20,
    Water water,
    @Nullable Terminated termination,
    List<EndingEffect> effects) {

  /**
   * @param liveSeedsPerM2 live seeds laid
   * @param emergedPerM2 plants that came up, all told
   * @param waitingPerM2 seed not yet up and not lost
   * @param emergedOn the day half were up
   * @param survival share left after all losses
   * @param winterSurvival share left after the coldest day
   * @param stageSpreadPtu spread of stages, PTU
   * @param keyStagePtu sum to the key stage, PTU
   * @param coverAtKeyStageMgPerHa own dry matter when the key stage was reached
   * @param stages days on which stages were reached, in order
   */
  public record Component(
      double liveSeedsPerM2,
      double emergedPerM2,
      double waitingPerM2,
      @Nullable LocalDate emergedOn,
      double survival,
      double winterSurvival,
      double stageSpreadPtu,
      double keyStagePtu,
      @Nullable Double coverAtKeyStageMgPerHa,
      Map<String, LocalDate> stages) {
    /** {@return share of live seed that came up} */
    public double emergedFraction() {
      return liveSeedsPerM2 > 0 ? emergedPerM2 / liveSeedsPerM2 : 0;
    }
  }

  /** Dry matter on four dates, Mg/ha; null where the run does not reach. */
  public record CoverOn(
      @Nullable Double nov20,
      @Nullable Double mar1,
      @Nullable Double apr1,
      @Nullable Double may1) {}

  /** Sums over the run, mm. */
  public record Water(
      double coverTranspirationMm,
      double cropTranspirationMm,
      double soilEvaporationMm,
      double drainageMm,
      double runoffMm) {}
}
