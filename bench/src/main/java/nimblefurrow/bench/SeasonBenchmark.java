package nimblefurrow.bench;

import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Field-seasons per second and core: one year of one plan, alone or a mix of four. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SeasonBenchmark {
  private static final int YEARS = 29;

  /** Species of the cover. */
  @Param({"cereal_rye", "cereal_rye,hairy_vetch,crimson_clover,radish"})
  public String cover;

  private CropSeasons crop;
  private CoverPlan plan;
  private Forecaster forecaster;

  /** Prepares what fields of a station and crop share. */
  @Setup
  public void prepare() {
    Scene scene = new Scene();
    crop = scene.soybeans();
    SpeciesTable table = SpeciesTable.shipped();
    List<CoverComponent> components =
        List.of(cover.split(",")).stream()
            .map(id -> new CoverComponent(table.get(id), 20, 0.9, 0.98, null))
            .toList();
    LocalDate may = LocalDate.of(2027, 5, 15);
    plan =
        new CoverPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            components,
            SeedingMethod.of("drill"),
            LocalDate.of(2026, 9, 28),
            may,
            may);
    forecaster = new Forecaster(scene.model);
  }

  /** The model alone. */
  @Benchmark
  @OperationsPerInvocation(YEARS)
  public List<SeasonRun> runs() {
    return forecaster.runs(plan, crop);
  }

  /** The model and what the Season view reads off it. */
  @Benchmark
  @OperationsPerInvocation(YEARS)
  public Outlook outlook() {
    return forecaster.outlook(plan, crop);
  }
}
