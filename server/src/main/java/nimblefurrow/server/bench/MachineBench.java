package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import nimblefurrow.core.setting.Blend;
import nimblefurrow.core.setting.DepthCheck;
import nimblefurrow.core.setting.MeterLimits;
import nimblefurrow.core.setting.Rates;
import nimblefurrow.core.setting.RowPlan;
import nimblefurrow.core.setting.SettingLine;
import nimblefurrow.core.setting.SpreadPattern;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Setting the machine. */
@RestController
@RequestMapping("/api/bench")
class MachineBench {

  /** A rate. */
  record RateAnswer(double rateKgPerHa) {}

  @Schema(example = "{\"caughtKg\":0.42,\"openers\":4,\"spacingM\":0.19,\"distanceM\":80}")
  record CatchQuestion(double caughtKg, double openers, double spacingM, double distanceM) {}

  @PostMapping("/catch-test")
  RateAnswer catchTest(@RequestBody CatchQuestion q) {
    return new RateAnswer(Rates.caught(q.caughtKg(), q.openers(), q.spacingM(), q.distanceM()));
  }

  @Schema(example = "{\"kgPerMin\":14,\"widthM\":12,\"speedsKmh\":[8,10,12],\"targetKgPerHa\":70}")
  record TimedQuestion(
      double kgPerMin, double widthM, @Nullable List<Double> speedsKmh, double targetKgPerHa) {}

  @PostMapping("/timed-catch")
  Rates.Timed timedCatch(@RequestBody TimedQuestion q) {
    return Rates.timed(
        q.kgPerMin(),
        q.widthM(),
        q.speedsKmh() == null ? List.of() : q.speedsKmh(),
        q.targetKgPerHa());
  }

  @Schema(example = "{\"flowKgPerS\":0.5,\"speedMPerS\":7,\"swathM\":9}")
  record GateQuestion(double flowKgPerS, double speedMPerS, double swathM) {}

  @PostMapping("/gate")
  RateAnswer gate(@RequestBody GateQuestion q) {
    return new RateAnswer(Rates.gate(q.flowKgPerS(), q.speedMPerS(), q.swathM()));
  }

  @Schema(
      example =
          "{\"tries\":[{\"setting\":20,\"rateKgPerHa\":45},{\"setting\":30,\"rateKgPerHa\":66},"
              + "{\"setting\":40,\"rateKgPerHa\":84}],\"targetKgPerHa\":75}")
  record SettingQuestion(List<SettingLine.Try> tries, double targetKgPerHa) {}

  /** What to set, and the line it stands on. */
  record SettingAnswer(
      double setting,
      @Nullable Double low,
      @Nullable Double high,
      boolean extrapolated,
      double slope,
      double intercept,
      @Nullable Double spreadKgPerHa) {}

  @PostMapping("/setting")
  SettingAnswer setting(@RequestBody SettingQuestion q) {
    SettingLine line = SettingLine.through(q.tries(), q.targetKgPerHa());
    SettingLine.Answer a = line.forRate(q.targetKgPerHa());
    return new SettingAnswer(
        a.setting(),
        a.low(),
        a.high(),
        a.extrapolated(),
        line.slope(),
        line.intercept(),
        line.spreadKgPerHa());
  }

  @Schema(
      example = "{\"startKg\":500,\"leftKg\":200,\"areaHa\":5,\"targetKgPerHa\":70,\"setting\":40}")
  record RunningQuestion(
      double startKg,
      double leftKg,
      double areaHa,
      double targetKgPerHa,
      @Nullable Double setting,
      @Nullable List<SettingLine.Try> tries) {}

  /**
   * With the tries of an earlier fit the new setting moves along their line, shifted to what was
   * just achieved; without, it is in proportion.
   */
  @PostMapping("/running-check")
  Rates.Running runningCheck(@RequestBody RunningQuestion q) {
    return Rates.running(
        q.startKg(),
        q.leftKg(),
        q.areaHa(),
        q.targetKgPerHa(),
        q.setting() == null ? 1 : q.setting(),
        q.tries() == null ? List.of() : q.tries());
  }

  @Schema(example = "{\"traySpacingM\":1,\"traysG\":[0,2,5,8,9,10,9,9,7,4,1],\"maxCv\":0.15}")
  record PatternQuestion(double traySpacingM, List<Double> traysG, @Nullable Double maxCv) {}

  @PostMapping("/spread-pattern")
  SpreadPattern spreadPattern(@RequestBody PatternQuestion q) {
    return SpreadPattern.of(
        q.traySpacingM(), q.traysG(), q.maxCv() == null ? Usual.of("spreadVariation") : q.maxCv());
  }

  @Schema(example = "{\"depthsMm\":[20,25,30,35,40,25,25,60,30,10],\"lowMm\":20,\"highMm\":40}")
  record DepthQuestion(List<Double> depthsMm, double lowMm, double highMm) {}

  @PostMapping("/seed-depth")
  DepthCheck seedDepth(@RequestBody DepthQuestion q) {
    return DepthCheck.of(q.depthsMm(), q.lowMm(), q.highMm());
  }

  @Schema(
      example =
          "{\"cropSpacingM\":0.762,\"openers\":3,\"openerSpacingM\":0.19,\"nextRowM\":0.381,"
              + "\"areaHa\":40,\"zones\":[{\"species\":\"cereal_rye\",\"widthM\":0.5,"
              + "\"rateKgPerHa\":70,\"box\":\"rear\"},{\"species\":\"oats\",\"widthM\":0.262,"
              + "\"rateKgPerHa\":50,\"box\":\"front\"}]}")
  record RowsQuestion(
      double cropSpacingM,
      int openers,
      double openerSpacingM,
      @Nullable Double twinM,
      @Nullable Double nextRowM,
      @Nullable Double bandM,
      @Nullable Double areaHa,
      @Nullable List<RowPlan.Zone> zones) {}

  /** Rows across a gap, and seed by strip when strips were given. */
  record RowsAnswer(RowPlan rows, List<RowPlan.ZoneSeed> zones) {}

  @PostMapping("/rows")
  RowsAnswer rows(@RequestBody RowsQuestion q) {
    RowPlan rows =
        RowPlan.of(
            q.cropSpacingM(), q.openers(), q.openerSpacingM(), q.twinM(), q.nextRowM(), q.bandM());
    return new RowsAnswer(
        rows,
        q.zones() == null || q.zones().isEmpty()
            ? List.of()
            : RowPlan.zones(q.zones(), q.areaHa() == null ? 1 : q.areaHa()));
  }

  @Schema(
      example =
          "{\"seedKgPerHa\":20,\"fertiliserKgPerHa\":150,\"batchKg\":4000,\"hours\":3,"
              + "\"seedDensityKgPerM3\":720,\"fertiliserDensityKgPerM3\":1000}")
  record BlendQuestion(
      double seedKgPerHa,
      double fertiliserKgPerHa,
      double batchKg,
      double hours,
      double seedDensityKgPerM3,
      double fertiliserDensityKgPerM3) {}

  /** A blend and its cautions. */
  record BlendAnswer(
      double totalKgPerHa,
      double seedKgPerTonne,
      double seedShare,
      double batchSeedKg,
      double batchFertiliserKg,
      List<ReasonView> cautions) {}

  @PostMapping("/blend")
  BlendAnswer blend(@RequestBody BlendQuestion q) {
    Blend b =
        Blend.of(
            q.seedKgPerHa(),
            q.fertiliserKgPerHa(),
            q.batchKg(),
            q.hours(),
            q.seedDensityKgPerM3(),
            q.fertiliserDensityKgPerM3());
    return new BlendAnswer(
        b.totalKgPerHa(),
        b.seedKgPerTonne(),
        b.seedShare(),
        b.batchSeedKg(),
        b.batchFertiliserKg(),
        b.cautions().stream().map(ReasonView::of).toList());
  }

  /** What a meter holds and what to do beyond it. */
  record LimitsAnswer(
      double lowestKgPerHa, double highestKgPerHa, boolean holds, List<ReasonView> waysOut) {}

  @PostMapping("/meter-limits")
  LimitsAnswer meterLimits(@RequestBody SettingQuestion q) {
    MeterLimits m = MeterLimits.of(q.tries(), q.targetKgPerHa());
    return new LimitsAnswer(
        m.lowestKgPerHa(),
        m.highestKgPerHa(),
        m.holds(),
        m.waysOut().stream().map(ReasonView::of).toList());
  }
}
