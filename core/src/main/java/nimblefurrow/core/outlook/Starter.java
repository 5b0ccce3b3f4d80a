package nimblefurrow.core.outlook;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;

/**
 * A simple plan to begin with: a species or two for the reason, the first way of seeding that is
 * still open, and an ending that goes with the next crop.
 */
public final class Starter {
  private static final List<SeedingMethod> IN_ORDER =
      List.of(
          SeedingMethod.DRILL,
          SeedingMethod.HIGH_CLEARANCE,
          SeedingMethod.DRONE,
          SeedingMethod.COMBINE_HEAD,
          SeedingMethod.BROADCAST,
          SeedingMethod.FROST);

  private final SpeciesTable table;

  public Starter(SpeciesTable table) {
    this.table = table;
  }

  /**
   * A plan to begin with.
   *
   * @param species ids of the species
   * @param rates bulk rates in the same order, kg/ha
   * @param method how to seed
   * @param seedOn when
   * @param ending how to end it
   * @param endOn when
   */
  public record Start(
      List<String> species,
      List<Double> rates,
      SeedingMethod method,
      LocalDate seedOn,
      EndingWay ending,
      LocalDate endOn) {}

  /** A plan for a purpose on a field. */
  public Start plan(
      Purpose purpose,
      WindowFinder windows,
      Soil soil,
      NextCrop next,
      boolean organic,
      LocalDate today) {
    List<Species> cover = speciesFor(purpose, next).stream().map(table::get).toList();
    Optional<Window> open =
        IN_ORDER.stream()
            .map(m -> windows.find(cover, m, soil))
            .filter(w -> w.possible() && !w.closes().day().isBefore(today))
            .findFirst();
    Window window = open.orElseGet(() -> windows.find(cover, SeedingMethod.DRILL, soil));
    LocalDate seedOn = later(window.opens().day(), today);
    double share = cover.size() > 1 ? 0.6 : 1;
    List<Double> rates =
        cover.stream().map(s -> share * rate(s, window.method().buried())).toList();
    EndingWay ending = ending(purpose, cover, next, organic);
    return new Start(
        cover.stream().map(Species::id).toList(),
        rates,
        window.method(),
        seedOn,
        ending,
        endOn(ending, next));
  }

  private static double rate(Species species, boolean buried) {
    return buried ? species.seed().drilled().typical() : species.seed().surface().typical();
  }

  private static List<String> speciesFor(Purpose purpose, NextCrop next) {
    return switch (purpose) {
      case MAKE_NITROGEN -> List.of("hairy_vetch");
      case OPEN_TIGHT_GROUND -> List.of("radish", "oats");
      case FEED_CATTLE -> List.of("triticale");
      case HOLD_SOIL -> next.kind() == NextCrop.Kind.CORN ? List.of("oats") : List.of("cereal_rye");
      default -> List.of("cereal_rye");
    };
  }

  private static EndingWay ending(
      Purpose purpose, List<Species> cover, NextCrop next, boolean organic) {
    boolean winterkilled = cover.stream().allMatch(s -> s.winter().lt50HardC() > -9);
    if (winterkilled) {
      return EndingWay.WINTER;
    }
    boolean rolls = cover.stream().noneMatch(s -> s.advice().roller().equals("no"));
    if (organic) {
      return rolls ? EndingWay.ROLL_PLANT : EndingWay.TILL;
    }
    if (next.kind() == NextCrop.Kind.SOYBEAN) {
      return purpose == Purpose.SMOTHER_WEEDS
          ? EndingWay.PLANT_GREEN_ROLL
          : EndingWay.PLANT_GREEN_SPRAY;
    }
    return EndingWay.SPRAY_EARLY;
  }

  private static LocalDate endOn(EndingWay ending, NextCrop next) {
    LocalDate plant = next.plantOn();
    return switch (ending) {
      case SPRAY_EARLY, WINTER -> plant.minusDays(12);
      case PLANT_GREEN_SPRAY -> plant.plusDays(1);
      case PLANT_GREEN_ROLL -> plant.plusDays(20);
      case TILL -> plant.minusDays(7);
      default -> plant;
    };
  }

  private static LocalDate later(LocalDate a, LocalDate b) {
    return a.isAfter(b) ? a : b;
  }
}
