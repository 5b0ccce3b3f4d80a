package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A way of ending that goes on from a grown season is, to the last digit, the season run whole. */
class GrowingRunTest {
  private static final Sky SKY = Sky.over(Farm.RECORD, Station.shipped().get(0).place());
  private static final List<String> SPECIES =
      List.of("cereal_rye", "hairy_vetch", "oats", "crimson_clover", "radish", "annual_ryegrass");

  private record Case(SeasonPlan plan, List<Ending> acts, SeasonColumns.Detail detail) {}

  private static List<Case> cases() {
    Random random = new Random(23);
    List<Case> all = new ArrayList<>();
    for (int n = 0; n < 48; n++) {
      int year = 1998 + random.nextInt(20);
      LocalDate seeded = LocalDate.of(year, 8, 1).plusDays(random.nextInt(80));
      List<CoverComponent> cover = new ArrayList<>();
      for (int s = 0; s <= n % 3; s++) {
        cover.add(Farm.seed(SPECIES.get((n + s) % SPECIES.size()), 5 + random.nextInt(60)));
      }
      LocalDate end = seeded.plusDays(1 + random.nextInt(290));
      SeasonPlan plan =
          new SeasonPlan(
              Soil.USUAL,
              FieldStart.USUAL,
              n % 2 == 0
                  ? new CashCrop.None()
                  : new CashCrop.Soybean(LocalDate.of(year, 5, 10), 2.4, 0.76, null),
              cover,
              n % 5 == 0 ? Placement.BROADCAST : Placement.DRILL,
              seeded,
              List.of(),
              List.of(new Sighting.Cover(seeded.plusDays(60), 1.5)),
              null);
      SeasonColumns.Detail detail = SeasonColumns.Detail.values()[n / 2 % 2];
      all.add(new Case(plan, acts(n % 6, end), detail));
    }
    return all;
  }

  private static List<Ending> acts(int which, LocalDate on) {
    return switch (which) {
      case 0 -> List.of(new Ending.Kill(on));
      case 1 -> List.of(new Ending.Till(on, 0.7));
      case 2 -> List.of(new Ending.Cut(on, 10, true), new Ending.Kill(on.plusDays(25)));
      case 3 -> List.of(new Ending.Cut(on, 8, false));
      case 4 -> List.of(new Ending.Graze(on, on.plusDays(12), 0.1, 0.8, 0.2));
      default -> List.of();
    };
  }

  @ParameterizedTest
  @MethodSource("cases")
  void goesOnAsIfItHadBeenRunWhole(Case c) {
    CropColumns crop = Farm.MODEL.crop(c.plan().crop(), SKY);
    LocalDate from = c.plan().seededOn().plusDays(40);
    GrowingRun growing = Farm.MODEL.grow(SKY, crop, c.plan(), c.detail(), from);
    SeasonRun ended = growing.ended(c.acts());

    same(ended, Farm.MODEL.run(SKY, crop, c.plan().ending(c.acts()), c.detail()));
    // What it goes on from stays as it grew.
    same(growing.run(), Farm.MODEL.run(SKY, crop, c.plan(), c.detail()));
    assertThat(ended == growing.run()).isEqualTo(c.acts().isEmpty());
  }

  private static void same(SeasonRun one, SeasonRun other) {
    assertThat(one).usingRecursiveComparison().ignoringFields("columns.beside").isEqualTo(other);
    assertThat(one.columns().trafficabilityBare()).isEqualTo(other.columns().trafficabilityBare());
  }
}
