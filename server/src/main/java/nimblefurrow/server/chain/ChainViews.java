package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.chain.ChainRules;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.money.CoverAccount;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Chains and years as they go over the wire. */
final class ChainViews {
  private ChainViews() {}

  /** What a link is. */
  enum LinkKind implements Keyed {
    CROP("crop"),
    COVER("cover");

    private final String key;

    LinkKind(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /** How far a link is. */
  enum LinkState implements Keyed {
    /** Gone. */
    PAST("past"),
    /** On the ground. */
    STANDING("standing"),
    /** To come. */
    AHEAD("ahead");

    private final String key;

    LinkState(String key) {
      this.key = key;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }
  }

  /**
   * A crop or a cover.
   *
   * @param id of a cover: that of its plan; of a crop: its kind and year
   * @param season the season it is planned in
   * @param from seeded or planted: as written down, else as likely or planned
   * @param fromLogged whether that is written down
   * @param until ended or harvested, likewise
   * @param purposes of a cover: why, in words
   * @param how of a cover: how it is seeded and ended, in words
   * @param grewMgPerHa the most cover up to its ending in the middle year; null for crops and
   *     without weather
   * @param behind the cover it follows with no crop between; null for none
   * @param nextSeason the season a cover behind it belongs to
   * @param cost of a cover, $/ha, out of its account
   * @param plan of a cover: as planned
   * @param version of a cover: for saving
   */
  record LinkView(
      String id,
      LinkKind kind,
      String name,
      int season,
      LocalDate from,
      boolean fromLogged,
      LocalDate until,
      boolean untilLogged,
      LinkState state,
      @Nullable PlanStatus status,
      List<String> purposes,
      String how,
      @Nullable Double grewMgPerHa,
      @Nullable String behind,
      int nextSeason,
      @Nullable CostView cost,
      @Nullable UUID planId,
      @Nullable Long version,
      @Nullable PlanInput plan) {}

  /**
   * What a cover costs, and what it costs and brings in all, $/ha.
   *
   * @param all what it costs as planned
   * @param net what it costs and brings as it stands; above nought it brings
   */
  record CostView(double all, double net) {
    static CostView of(CoverAccount a) {
      return new CostView(a.plannedCost(), a.stands());
    }
  }

  /** A rule that is not kept, at a link. */
  record BrokenView(ChainRules.Rule rule, String linkId, LocalDate on, ReasonView words) {}

  /**
   * Light at the ground through a season.
   *
   * @param start first day of the first week
   * @param light share of daylight, a value a week, in the middle year
   * @param dark weeks under {@code under}
   * @param open stretches of weeks that are not
   */
  record ShadeView(
      int season,
      LocalDate start,
      double under,
      List<Double> light,
      int dark,
      List<GapView> open) {}

  /** Days with nothing on the ground. */
  record GapView(LocalDate from, LocalDate to, int days) {}

  /**
   * A field's chain.
   *
   * @param links in the order of days
   * @param gaps between the first and the last of them
   */
  record ChainView(
      UUID fieldId,
      String name,
      double areaHa,
      LocalDate today,
      List<LinkView> links,
      List<BrokenView> broken,
      List<GapView> gaps) {}

  /**
   * A field's year in the table.
   *
   * @param crop the crop taken off in it; null where none is said
   * @param cropLabel in a grower's words
   * @param leftOut why it is left out of covers
   */
  record YearCell(
      int season,
      @Nullable CropView crop,
      String cropLabel,
      @Nullable String leftOut,
      List<BrokenView> broken) {}

  /**
   * A crop or cover in the table.
   *
   * @param crop kind of crop; null for covers
   * @param status of a cover; null for crops
   * @param logged whether its first day is written down
   */
  record YearLink(
      String id,
      LinkKind kind,
      String name,
      int season,
      Link.@Nullable CropClass crop,
      LocalDate from,
      LocalDate until,
      LinkState state,
      @Nullable PlanStatus status,
      boolean logged) {}

  /** A field in the table, with its links in the order of days. */
  record YearRow(
      UUID fieldId, String name, double areaHa, List<YearLink> links, List<YearCell> years) {}

  /** Area of a crop in a year. */
  record CropArea(String name, double areaHa) {}

  /** Sums of a year. */
  record YearSum(
      int season,
      List<CropArea> crops,
      double coverHa,
      double greenInWinterHa,
      double totalHa,
      int broken) {}

  /**
   * Fields by years.
   *
   * @param from first day drawn
   * @param to last day drawn
   */
  record YearsView(
      int thisSeason,
      LocalDate today,
      LocalDate from,
      LocalDate to,
      List<YearRow> rows,
      List<YearSum> sums) {}
}
