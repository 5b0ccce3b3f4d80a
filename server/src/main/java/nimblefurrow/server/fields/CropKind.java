package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.time.Month;
import java.util.Arrays;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** Kinds of cash crop a field may carry, with what is usual where nothing is said. */
public enum CropKind {
  CORN("corn", "corn", 105, Month.MAY, 5, NextCrop.Kind.CORN),
  SILAGE_CORN("silageCorn", "silage corn", 108, Month.MAY, 8, NextCrop.Kind.CORN),
  SOYBEAN("soybean", "soybeans", 2.6, Month.MAY, 15, NextCrop.Kind.SOYBEAN),
  SMALL_GRAIN("smallGrain", "wheat", 0, Month.OCTOBER, 1, NextCrop.Kind.OTHER),
  NONE("none", "no crop", 0, Month.MAY, 15, NextCrop.Kind.OTHER);

  private final String key;
  private final String label;
  private final double usualMaturity;
  private final Month usualMonth;
  private final int usualDay;
  private final NextCrop.Kind next;

  CropKind(
      String key, String label, double usualMaturity, Month month, int day, NextCrop.Kind next) {
    this.key = key;
    this.label = label;
    this.usualMaturity = usualMaturity;
    this.usualMonth = month;
    this.usualDay = day;
    this.next = next;
  }

  /** The name on the wire. */
  public String key() {
    return key;
  }

  /** In a grower's words. */
  public String label() {
    return label;
  }

  /**
   * The kind of a wire name.
   *
   * @throws Refused when there is none
   */
  public static CropKind of(String key) {
    return Arrays.stream(values())
        .filter(k -> k.key.equals(key))
        .findFirst()
        .orElseThrow(() -> new Refused("", "there is no crop called “" + key + "”"));
  }

  /** What rules along a chain tell apart. */
  public Link.CropClass inChain() {
    return switch (this) {
      case CORN, SILAGE_CORN -> Link.CropClass.CORN;
      case SOYBEAN -> Link.CropClass.SOYBEAN;
      case SMALL_GRAIN -> Link.CropClass.SMALL_GRAIN;
      case NONE -> Link.CropClass.OTHER;
    };
  }

  /**
   * The day a crop is usually off the field where the season's weather is not asked: the day given,
   * else a usual one for its kind. Working values.
   */
  public static LocalDate usuallyOff(CropView crop, int seasonYear) {
    if (crop.harvestOn() != null) {
      return crop.harvestOn();
    }
    return switch (of(crop.kind())) {
      case CORN -> LocalDate.of(seasonYear, Month.OCTOBER, 10);
      case SILAGE_CORN -> LocalDate.of(seasonYear, Month.SEPTEMBER, 10);
      case SOYBEAN -> LocalDate.of(seasonYear, Month.SEPTEMBER, 28);
      case SMALL_GRAIN -> LocalDate.of(seasonYear, Month.JULY, 12);
      case NONE -> LocalDate.of(seasonYear, Month.JULY, 1);
    };
  }

  /** The day a crop of a year is planted: the day given, else a usual one. */
  public static LocalDate plantedOn(CropView crop, int seasonYear) {
    return of(crop.kind()).planted(crop, seasonYear);
  }

  /** A crop of a season as the model takes it. */
  public static CashCrop model(CropView crop, int seasonYear) {
    CropKind kind = of(crop.kind());
    LocalDate planted = kind.planted(crop, seasonYear);
    double maturity = crop.maturity() == null ? kind.usualMaturity : crop.maturity();
    double rows = crop.rowSpacingM() == null ? 0.762 : crop.rowSpacingM();
    @Nullable LocalDate harvest = crop.harvestOn();
    return switch (kind) {
      case CORN, SILAGE_CORN ->
          new CashCrop.Corn(
              planted, maturity, harvest, kind == SILAGE_CORN, CashCrop.Corn.USUAL_MOISTURE);
      case SOYBEAN -> new CashCrop.Soybean(planted, maturity, rows, harvest);
      case SMALL_GRAIN ->
          new CashCrop.SmallGrain(
              harvest == null ? LocalDate.of(seasonYear, Month.JULY, 12) : harvest);
      case NONE -> new CashCrop.None();
    };
  }

  /** What follows a cover, from the crop of the season after it. */
  public static NextCrop next(CropView crop, int seasonYear) {
    CropKind kind = of(crop.kind());
    return new NextCrop(kind.next, kind.planted(crop, seasonYear));
  }

  private LocalDate planted(CropView crop, int seasonYear) {
    if (crop.plantedOn() != null) {
      return crop.plantedOn();
    }
    // Grain taken off in a season was sown the autumn before.
    int year = this == SMALL_GRAIN ? seasonYear - 1 : seasonYear;
    return LocalDate.of(year, usualMonth, usualDay);
  }
}
