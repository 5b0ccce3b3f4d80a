package nimblefurrow.core.chain;

import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Kinds of cash crop a field may carry, with what is usual where nothing is said. Usual days and
 * maturities are working values for the middle of the country's maize belt.
 */
public enum CropKind implements Keyed {
  CORN("corn", "corn", 105, usual(Month.MAY, 5), usual(Month.OCTOBER, 10)),
  SILAGE_CORN("silageCorn", "silage corn", 108, usual(Month.MAY, 8), usual(Month.SEPTEMBER, 10)),
  SOYBEAN("soybean", "soybeans", 2.6, usual(Month.MAY, 15), usual(Month.SEPTEMBER, 28)),
  SMALL_GRAIN("smallGrain", "wheat", 0, usual(Month.OCTOBER, 1), usual(Month.JULY, 12)),
  NONE("none", "no crop", 0, usual(Month.MAY, 15), usual(Month.JULY, 1));

  /** Thirty inches. */
  private static final double USUAL_ROWS_M = 0.762;

  private final String key;
  private final String label;
  private final double maturity;
  private final MonthDay planted;
  private final MonthDay off;

  CropKind(String key, String label, double maturity, MonthDay planted, MonthDay off) {
    this.key = key;
    this.label = label;
    this.maturity = maturity;
    this.planted = planted;
    this.off = off;
  }

  private static MonthDay usual(Month month, int day) {
    return MonthDay.of(month, day);
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return in a grower's words} */
  public String label() {
    return label;
  }

  /**
   * {@return the kind of a wire name}
   *
   * @param key the name
   * @throws Refused when there is none
   */
  public static CropKind of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("", "there is no crop called “" + key + "”"));
  }

  /** {@return what its yield is sold at; null for no crop} */
  public @Nullable Priced priced() {
    return switch (this) {
      case CORN -> Priced.CORN;
      case SOYBEAN -> Priced.SOYBEAN;
      case SMALL_GRAIN -> Priced.SMALL_GRAIN;
      case SILAGE_CORN -> Priced.SILAGE;
      case NONE -> null;
    };
  }

  /** {@return how its yield is said; wheat's bushel weighs what that of beans does} */
  public Unit yieldUnit() {
    return switch (this) {
      case CORN -> Unit.CORN_MG_PER_HA;
      case SOYBEAN, SMALL_GRAIN -> Unit.BEAN_MG_PER_HA;
      case SILAGE_CORN, NONE -> Unit.SILAGE_MG_PER_HA;
    };
  }

  /** {@return what rules along a chain tell apart} */
  public Link.CropClass inChain() {
    return switch (this) {
      case CORN, SILAGE_CORN -> Link.CropClass.CORN;
      case SOYBEAN -> Link.CropClass.SOYBEAN;
      case SMALL_GRAIN -> Link.CropClass.SMALL_GRAIN;
      case NONE -> Link.CropClass.OTHER;
    };
  }

  /** {@return what it is to a cover it follows} */
  public NextCrop.Kind next() {
    return switch (this) {
      case CORN, SILAGE_CORN -> NextCrop.Kind.CORN;
      case SOYBEAN -> NextCrop.Kind.SOYBEAN;
      case SMALL_GRAIN, NONE -> NextCrop.Kind.OTHER;
    };
  }

  /**
   * {@return the day a crop is planted: the day given, else a usual one}
   *
   * @param given null where none is
   * @param year the year it is taken off
   */
  public LocalDate plantedOn(@Nullable LocalDate given, int year) {
    // Grain taken off in a year was sown the autumn before.
    return given != null ? given : planted.atYear(this == SMALL_GRAIN ? year - 1 : year);
  }

  /**
   * {@return the days it may be planted on}
   *
   * @param year the year it is taken off
   */
  public SeasonDates.Range planting(int year) {
    return this == SMALL_GRAIN ? SeasonDates.sowingOfGrain(year) : SeasonDates.planting(year);
  }

  /**
   * {@return the day a crop is off the field where no weather is known to ask the model about: the
   * day given, else a usual one}
   *
   * @param given null where none is
   * @param year the year it is taken off
   */
  public LocalDate offOn(@Nullable LocalDate given, int year) {
    return given != null ? given : off.atYear(year);
  }

  /**
   * {@return a crop as the model takes it}
   *
   * @param plantedOn null where no day is given
   * @param days relative maturity of corn, days; maturity group of soybeans; null where none is
   * @param rowsM row spacing, m; null where none is given
   * @param harvestOn the day it is off; null where the model is to say
   * @param year the year it is taken off
   */
  public CashCrop model(
      @Nullable LocalDate plantedOn,
      @Nullable Double days,
      @Nullable Double rowsM,
      @Nullable LocalDate harvestOn,
      int year) {
    LocalDate sown = plantedOn(plantedOn, year);
    double ripens = days == null ? maturity : days;
    return switch (this) {
      case CORN, SILAGE_CORN ->
          new CashCrop.Corn(
              sown, ripens, harvestOn, this == SILAGE_CORN, CashCrop.Corn.USUAL_MOISTURE);
      case SOYBEAN ->
          new CashCrop.Soybean(sown, ripens, rowsM == null ? USUAL_ROWS_M : rowsM, harvestOn);
      case SMALL_GRAIN -> new CashCrop.SmallGrain(offOn(harvestOn, year));
      case NONE -> new CashCrop.None();
    };
  }
}
