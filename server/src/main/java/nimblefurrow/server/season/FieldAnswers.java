package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Answers to questions about one field, as the wire shows them. */
final class FieldAnswers {
  private FieldAnswers() {}

  /** A range over the years: one year in ten is below low, one in ten above high. */
  public record Range(double low, double middle, double high) {}

  /** Which seeding dates, ways and rates reach a goal. */
  public record DatesQuestion(PlanInput plan, @Nullable GoalInput goal) {}

  /**
   * Odds by seeding day.
   *
   * @param day on which the goal is measured, when it has a day of its own
   * @param wanted years out of {@code years} that are wanted
   */
  public record DateOddsView(
      String words,
      double target,
      Unit unit,
      @Nullable LocalDate day,
      int years,
      int wanted,
      List<MethodOdds> methods) {}

  /** Odds by seeding day for one way of seeding and one thickness of the plan's rates. */
  public record MethodOdds(
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      String label,
      double thickness,
      List<PlanInput.Component> components,
      double seedUsdPerHa,
      List<OddsPoint> points,
      @Nullable LocalDate latest) {}

  /** In how many years seeding on a day reaches the goal. */
  public record OddsPoint(LocalDate day, int met) {}

  /**
   * What is left of the cover once it is ended.
   *
   * @param mulch by week from {@code on}, Mg/ha
   * @param living what lives on in the middle year by week, Mg/ha
   * @param target dead cover wanted, Mg/ha
   * @param holds below this much, Mg/ha, summer weeds come through
   */
  public record AfterView(
      @KeyOf(KeyOf.What.ENDING) String way,
      String label,
      LocalDate on,
      LocalDate plantOn,
      int years,
      Range kill,
      List<Range> mulch,
      List<Double> living,
      double target,
      double holds,
      Range mulchAtPlanting,
      Range livingAtPlanting,
      Range waterTakenMm,
      Range topSoilWetness,
      Range nitrogenKgPerHa,
      int fitAtPlanting,
      List<OnDate> byDate) {}

  /** Dead cover just after, and the kill, were it ended on a day. */
  public record OnDate(LocalDate day, Range mulch, Range kill) {}

  /**
   * How long cattle would live on a field's cover.
   *
   * @param head how many
   * @param rationKg what each eats a day, dry matter
   */
  public record FeedQuestion(PlanInput plan, double head, double rationKg) {}

  /**
   * Feed on a day, were the field grazed from then on.
   *
   * @param mgPerHa that can be taken
   * @param days that the cattle live on it
   */
  public record FeedDay(LocalDate day, Range mgPerHa, Range days) {}

  /**
   * Feed on hand, twice a month from October on.
   *
   * @param leftMgPerHa left standing so that it regrows
   * @param troddenShare trodden down
   */
  public record FeedOnHandView(double leftMgPerHa, double troddenShare, List<FeedDay> days) {}

  /** What stands behind a purpose's odds. */
  public record WhyView(
      @KeyOf(KeyOf.What.PURPOSE) String purpose,
      String label,
      String measure,
      Unit unit,
      double target,
      int met,
      List<YearView> years) {}

  /** One way the season may go. */
  public record YearView(
      int pastYear,
      double measure,
      boolean met,
      @Nullable LocalDate harvestedOn,
      LocalDate seededOn,
      @Nullable LocalDate emergedOn,
      double emergedShare,
      double winterSurvival,
      double coverMgPerHa) {}

  /**
   * Counts of a stand.
   *
   * @param counts plants in each frame, or along each length of row
   * @param frameM2 area of one; row length × row spacing for a length of row
   */
  public record StandQuestion(List<Double> counts, double frameM2, @Nullable Double confidence) {}

  /**
   * What came up, what to do about it, and what reseeding would still give.
   *
   * @param verdict {@code good}, {@code thinButTillers} or {@code reseed}
   * @param goalAsItIs years in which the first purpose is reached with this stand
   * @param goalReseeded years in which it is when drilled again today; null when it is too late
   * @param reseedReason when reseeding can still be done, or why not
   */
  public record StandView(
      double plantsPerM2,
      double low,
      double high,
      @Nullable Double shareOfLiveSeed,
      int frames,
      String verdict,
      ReasonView reason,
      int years,
      int goalAsItIs,
      @Nullable Integer goalReseeded,
      ReasonView reseedReason) {}
}
