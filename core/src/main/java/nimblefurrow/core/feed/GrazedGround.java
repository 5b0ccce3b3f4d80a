package nimblefurrow.core.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.units.Spread;
import org.jspecify.annotations.Nullable;

/**
 * A cover that animals are to graze, and what is known of it.
 *
 * @param areaHa of the piece it stands on
 * @param cover its components
 * @param seedOn the day it is or was seeded
 * @param lastOn the last day it stands
 * @param feed feed that can be taken were it all grazed from a day on, in every year, Mg/ha
 * @param fit in how many years of those the ground carries on a day
 * @param treated whether treated seed went out
 * @param sprays what was sprayed on it
 * @param frosts days of frost so far
 * @param richInNitrogen whether manure or much nitrogen went on it
 */
public record GrazedGround(
    double areaHa,
    List<CoverComponent> cover,
    LocalDate seedOn,
    LocalDate lastOn,
    Function<LocalDate, Spread> feed,
    Function<LocalDate, Integer> fit,
    boolean treated,
    List<Sprayed> sprays,
    List<LocalDate> frosts,
    boolean richInNitrogen) {
  public GrazedGround {
    cover = List.copyOf(cover);
    sprays = List.copyOf(sprays);
    frosts = List.copyOf(frosts);
  }

  /** A cover that was given more may hold nitrate, kg/ha. Working value. */
  private static final double MUCH_NITROGEN_KG = 60;

  /**
   * {@return whether a cover is to be tested for nitrate after something went on it}
   *
   * @param manure whether it was manure
   * @param nitrogenKgPerHa in it, kg/ha; null where nobody said
   */
  public static boolean rich(boolean manure, @Nullable Double nitrogenKgPerHa) {
    return manure || nitrogenKgPerHa != null && nitrogenKgPerHa > MUCH_NITROGEN_KG;
  }

  /**
   * A product that went on it.
   *
   * @param waitDays its label's grazing interval as the farm entered it; null where nobody did
   */
  public record Sprayed(LocalDate on, String product, @Nullable Integer waitDays) {}
}
