package nimblefurrow.bench;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;

/**
 * How long a farm of a thousand fields takes over all past years, on all cores: no two plans are
 * the same, four crops and three soils are shared as on a real farm.
 */
public final class ThousandFields {
  private static final int FIELDS = 1000;
  private static final int ROUNDS = 9;

  private ThousandFields() {}

  private record Case(CoverPlan plan, CropSeasons crop) {}

  /** Prints one line a round. */
  public static void main(String[] arguments) {
    Scene scene = new Scene();
    Forecaster forecaster = new Forecaster(scene.model);
    List<Case> farm = farm(scene, new Random(7));
    double[] seconds = new double[ROUNDS];
    for (int round = 0; round < ROUNDS; round++) {
      long from = System.nanoTime();
      long seasons =
          farm.parallelStream().mapToLong(c -> forecaster.runs(c.plan(), c.crop()).size()).sum();
      seconds[round] = (System.nanoTime() - from) / 1e9;
      System.out.printf("%,d field-seasons in %.2f s%n", seasons, seconds[round]);
    }
    double[] warm = Arrays.copyOfRange(seconds, 3, ROUNDS);
    Arrays.sort(warm);
    System.out.printf("warm: median %.2f s, best %.2f s%n", warm[warm.length / 2], warm[0]);
  }

  private static List<Case> farm(Scene scene, Random random) {
    SpeciesTable table = SpeciesTable.shipped();
    List<CropSeasons> crops =
        List.of(
            scene.soybeans(),
            scene.grow(new CashCrop.Corn(LocalDate.of(2026, 4, 28), 108, null, false, 20)),
            scene.grow(new CashCrop.Corn(LocalDate.of(2026, 5, 6), 112, null, false, 20)),
            scene.grow(new CashCrop.SmallGrain(LocalDate.of(2026, 7, 15))));
    Texture[] textures = {Texture.SILT_LOAM, Texture.CLAY_LOAM, Texture.SANDY_LOAM};
    String[] species = {"cereal_rye", "winter_wheat", "oats", "hairy_vetch", "annual_ryegrass"};
    List<Case> cases = new ArrayList<>();
    IntStream.range(0, FIELDS)
        .forEach(
            n -> {
              CoverComponent cover =
                  new CoverComponent(
                      table.get(species[n % species.length]),
                      30 + 60 * random.nextDouble(),
                      0.9,
                      0.98,
                      null);
              LocalDate end = LocalDate.of(2027, 4, 20).plusDays(random.nextInt(40));
              cases.add(
                  new Case(
                      new CoverPlan(
                          new Soil(textures[n % 3], Drainage.MODERATE, false),
                          FieldStart.USUAL,
                          List.of(cover),
                          n % 4 == 1 ? SeedingMethod.of("drone") : SeedingMethod.of("drill"),
                          LocalDate.of(2026, 9, 1).plusDays(random.nextInt(50)),
                          end,
                          end),
                      crops.get(n % crops.size())));
            });
    return cases;
  }
}
