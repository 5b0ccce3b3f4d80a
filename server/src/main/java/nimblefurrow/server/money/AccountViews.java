package nimblefurrow.server.money;

import java.util.List;
import java.util.UUID;
import nimblefurrow.core.money.AccountSum;
import nimblefurrow.core.record.MoneyPart;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.server.season.MoneyView;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Accounts as they go over the wire. */
public final class AccountViews {
  private AccountViews() {}

  /**
   * A line; what it brings is above nought, what it costs below.
   *
   * @param id of a line that the farm wrote by itself, with its version for saving
   * @param label what it is for, in a grower's words
   * @param planned $/ha; null for what nobody planned
   * @param came $/ha; null while it is not known
   */
  public record LineView(
      @Nullable UUID id,
      @Nullable Long version,
      MoneyPart part,
      String label,
      ReasonView words,
      @Nullable Double planned,
      @Nullable Double came) {}

  /**
   * One cover's account.
   *
   * @param link whether it stands behind another of its season: how it is asked for
   * @param cover its species
   * @param crop that follows it, in a grower's words
   * @param planned all of it, $/ha
   * @param stands what came, the rest as planned, $/ha
   * @param closed whether all has come
   */
  public record CoverAccountView(
      UUID planId,
      UUID fieldId,
      String field,
      double areaHa,
      int season,
      boolean link,
      String cover,
      String crop,
      String seeding,
      String ending,
      String landlord,
      List<LineView> lines,
      double planned,
      double stands,
      boolean closed) {}

  /** What covers of a farm have in common. */
  public enum By implements Keyed {
    COVER("cover", "cover"),
    SEEDING("seeding", "way of seeding"),
    ENDING("ending", "way of ending"),
    CROP("crop", "crop that follows"),
    YEAR("year", "year"),
    FIELD("field", "field"),
    LANDLORD("landlord", "landlord");

    private final String key;
    private final String label;

    By(String key, String label) {
      this.key = key;
      this.label = label;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }

    /** In a grower's words. */
    public String label() {
      return label;
    }

    /** What a cover has of it; empty for none. */
    public String of(CoverAccountView a) {
      return switch (this) {
        case COVER -> a.cover();
        case SEEDING -> a.seeding();
        case ENDING -> a.ending();
        case CROP -> a.crop();
        case YEAR -> String.valueOf(a.season());
        case FIELD -> a.field();
        case LANDLORD -> a.landlord();
      };
    }
  }

  /** Covers that have something in common; US dollars. */
  public record SumView(
      String name,
      int covers,
      double areaHa,
      double plannedUsd,
      double standsUsd,
      List<MoneyView.PartUsd> parts) {
    static SumView of(AccountSum s) {
      return new SumView(
          s.name(),
          s.covers(),
          s.areaHa(),
          s.plannedUsd(),
          s.standsUsd(),
          s.parts().entrySet().stream()
              .sorted(java.util.Map.Entry.comparingByKey())
              .map(p -> MoneyView.PartUsd.of(p.getKey(), p.getValue()))
              .toList());
    }
  }

  /** Sums by one thing that covers have in common, what brings most an area first. */
  public record SumsBy(By by, String label, List<SumView> sums) {}

  /** All covers of some seasons. */
  public record FarmAccounts(
      int first, int last, SumView all, List<SumsBy> sums, List<CoverAccountView> covers) {}

  /** A line as the farm writes it. */
  record LineInput(
      @Nullable Long version,
      MoneyPart part,
      String words,
      @Nullable Double plannedUsdPerHa,
      @Nullable Double cameUsdPerHa) {}
}
