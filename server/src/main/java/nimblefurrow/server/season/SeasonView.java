package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.outlook.SoilAtRisk;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.KeyOf;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/**
 * All fields of a farm as furrows.
 *
 * @param years how many past years the odds rest on
 * @param start first day of the weekly series
 * @param points how many weeks they hold
 * @param shapes cash crops by key, shared by the fields that grow the same
 */
public record SeasonView(
    FarmView farm,
    int years,
    LocalDate start,
    int points,
    @Nullable Strip weather,
    Map<String, CropShape> shapes,
    List<Furrow> furrows) {

  /**
   * Weather along the top.
   *
   * @param meanC mean temperature of each day seen from the start on
   * @param rainMm rain of each day seen
   * @param lowC coldest tenth of past years by week
   * @param middleC middle year by week
   * @param highC warmest tenth by week
   */
  public record Strip(
      double[] meanC, double[] rainMm, double[] lowC, double[] middleC, double[] highC) {}

  /** A cash crop by week: how tall it stands and how green it is, 0..1. */
  public record CropShape(double[] standing, double[] green) {}

  /**
   * What bare ground would lose.
   *
   * @param loss beside silt loam on a 9 % slope
   */
  public record SoilView(SoilAtRisk.Rank rank, String label, double loss, ReasonView why) {
    static SoilView of(FieldView f) {
      SoilAtRisk risk =
          SoilAtRisk.of(Keys.constant(Texture.class, f.texture()), f.slopePercent(), f.erodible());
      return new SoilView(risk.rank(), risk.rank().label(), risk.loss(), ReasonView.of(risk.why()));
    }
  }

  /**
   * One field's season.
   *
   * @param soil what of its soil bare ground would lose
   * @param shape key of its cash crop's shape; null without weather
   * @param harvest middle day the field is clear
   * @param harvestEarly one year of ten is clear by then
   * @param harvestLate nine of ten are
   * @param nextPlantOn when the next crop is planted
   * @param low cover in one year of ten by week, Mg/ha
   * @param seededOn when it was seeded, if it was
   * @param endedOn when it was ended, if it was
   * @param deeds how harvest, seeding, ending and planting stand
   * @param rest what a seeding of a part has left; null when nothing is left
   */
  public record Furrow(
      UUID fieldId,
      UUID pieceId,
      String name,
      double areaHa,
      boolean organic,
      String crop,
      String nextCrop,
      LocalDate nextPlantOn,
      @Nullable String leftOutReason,
      SoilView soil,
      @Nullable String shape,
      @Nullable LocalDate harvest,
      @Nullable LocalDate harvestEarly,
      @Nullable LocalDate harvestLate,
      @Nullable PlanView plan,
      String coverWords,
      @Nullable LocalDate seededOn,
      @Nullable LocalDate endedOn,
      List<DeedView> deeds,
      @Nullable WindowView window,
      double @Nullable [] low,
      double @Nullable [] middle,
      double @Nullable [] high,
      @Nullable Goal goal,
      @Nullable Rest rest,
      Next next,
      List<ReasonView> warnings) {}

  /**
   * The part of a field that has no seed yet, while it can still have it.
   *
   * @param share of the field, 0..1
   * @param seedOn day it counts for
   * @param goal its own odds
   */
  public record Rest(double share, LocalDate seedOn, Goal goal) {}

  /**
   * How one deed of the season stands.
   *
   * @param deed {@code harvested}, {@code seeded}, {@code ended} or {@code planted}
   * @param state {@code LOGGED}, {@code LIKELY}, {@code AHEAD}, {@code OVERDUE}, {@code TOO_LATE}
   *     or {@code NONE}
   * @param day as it counts
   */
  public record DeedView(Deed deed, DeedStanding.State state, LocalDate day) {}

  /**
   * In how many years so much is reached.
   *
   * @param words what so much does
   */
  public record LevelOdds(double from, String words, int met) {}

  /**
   * A reason's odds; {@code levels} tells how much of it does how much, least first; {@code poor}
   * odds are worth a warning.
   */
  public record Goal(
      @KeyOf(KeyOf.What.PURPOSE) String purpose,
      String label,
      String measure,
      double target,
      Unit unit,
      int met,
      int years,
      boolean poor,
      double low,
      double middle,
      double high,
      List<LevelOdds> levels) {}

  /** What the field asks for. */
  public record Next(
      NextStep.Kind kind, String label, @Nullable LocalDate due, ReasonView reason) {}

  /** A seeding window with the reason at each edge. */
  public record WindowView(
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      String methodLabel,
      boolean possible,
      Edge opens,
      Edge bestUntil,
      Edge closes,
      List<ReasonView> cautions) {}

  /** One edge of a window. */
  public record Edge(LocalDate day, ReasonView reason) {}
}
