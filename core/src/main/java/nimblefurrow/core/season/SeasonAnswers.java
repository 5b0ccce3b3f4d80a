package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A season under the names of the model's public door: {@code summary} and {@code days} as columns.
 * Values are numbers, texts, dates, lists and maps.
 */
public final class SeasonAnswers {
  private SeasonAnswers() {}

  /**
   * {@return the summary of a run by key}
   *
   * @param run season asked about
   */
  public static Map<String, @Nullable Object> summary(SeasonRun run) {
    Map<String, @Nullable Object> s = new LinkedHashMap<>();
    s.put("cashCropHarvestedOn", run.cashCropHarvestedOn());
    s.put("liveSeedsPerM2", each(run, SeasonRun.Component::liveSeedsPerM2));
    s.put("emergedPerM2", each(run, SeasonRun.Component::emergedPerM2));
    s.put("emergedFraction", each(run, SeasonRun.Component::emergedFraction));
    s.put("emergedOn", each(run, SeasonRun.Component::emergedOn));
    s.put("survival", each(run, SeasonRun.Component::survival));
    s.put("winterSurvival", each(run, SeasonRun.Component::winterSurvival));
    s.put("stageSpreadPtu", each(run, SeasonRun.Component::stageSpreadPtu));
    s.put("keyStagePtu", each(run, SeasonRun.Component::keyStagePtu));
    s.put("coverAtKeyStageMgPerHa", each(run, SeasonRun.Component::coverAtKeyStageMgPerHa));
    s.put("stages", each(run, SeasonRun.Component::stages));
    Map<String, @Nullable Object> cover = new LinkedHashMap<>();
    cover.put("nov20", run.coverMgPerHa().nov20());
    cover.put("mar1", run.coverMgPerHa().mar1());
    cover.put("apr1", run.coverMgPerHa().apr1());
    cover.put("may1", run.coverMgPerHa().may1());
    s.put("coverMgPerHa", cover);
    s.put("firstFitAfterApr20", run.firstFitAfterApr20());
    s.put("coverTranspirationMm", run.water().coverTranspirationMm());
    s.put("cropTranspirationMm", run.water().cropTranspirationMm());
    s.put("soilEvaporationMm", run.water().soilEvaporationMm());
    s.put("drainageMm", run.water().drainageMm());
    s.put("runoffMm", run.water().runoffMm());
    if (run.termination() != null) {
      s.put("termination", termination(run.termination()));
    }
    if (!run.effects().isEmpty()) {
      s.put("acts", run.effects().stream().map(SeasonAnswers::effect).toList());
    }
    return s;
  }

  private static Map<String, @Nullable Object> termination(Terminated t) {
    Map<String, @Nullable Object> m = new LinkedHashMap<>();
    m.put("on", t.on());
    m.put("coverMgPerHa", t.coverMgPerHa());
    m.put("kill", list(t.kill()));
    m.put("carbonToNitrogen", t.carbonToNitrogen());
    m.put("nitrogenInTopsKgPerHa", t.nitrogenInTopsKgPerHa());
    m.put("availableNitrogenKgPerHa", t.availableNitrogenKgPerHa());
    m.put("coverTranspirationMm", t.coverTranspirationMm());
    m.put("stageFraction", list(t.stageFraction()));
    m.put("mulchMgPerHa", t.mulchMgPerHa());
    m.put("heightCm", list(t.heightCm()));
    m.put("weeksOfCover", t.weeksOfCover());
    m.put("mulch28dMgPerHa", t.mulch28dMgPerHa());
    m.put("cutShortByRunsEnd", t.cutShort());
    if (t.smallWeeds28d() != null && t.largeWeeds28d() != null) {
      m.put("weedEmergence28d", Map.of("small", t.smallWeeds28d(), "large", t.largeWeeds28d()));
    }
    return m;
  }

  private static Map<String, @Nullable Object> effect(EndingEffect e) {
    Map<String, @Nullable Object> m = new LinkedHashMap<>();
    m.put("way", e.act().getClass().getSimpleName().toLowerCase(Locale.ROOT));
    m.put("on", e.act().on());
    m.put("kill", list(e.kill()));
    m.put("mulchMgPerHa", e.mulchMgPerHa());
    m.put("dyingMgPerHa", e.dyingMgPerHa());
    m.put("takenOffMgPerHa", e.takenOffMgPerHa());
    m.put("buriedMgPerHa", e.buriedMgPerHa());
    m.put("brownOn", e.brownOn());
    return m;
  }

  /**
   * {@return the daily states of a run by key, each a list with one value a day or one list a
   * component}
   *
   * @param run season asked about
   */
  public static Map<String, Object> days(SeasonRun run) {
    SeasonColumns c = run.columns();
    Map<String, Object> d = new LinkedHashMap<>();
    d.put("start", c.start());
    d.put("lightAtGround", c.lightAtGround);
    d.put("coverMgPerHa", c.coverMgPerHa);
    d.put("plantsPerM2", c.plantsPerM2);
    d.put("leafAreaIndex", c.leafAreaIndex);
    d.put("lightCaught", c.lightCaught);
    d.put("stageFraction", c.stageFraction);
    d.put("photothermalUnits", c.photothermalUnits);
    d.put("hardening", c.hardening);
    d.put("soilWaterMm", c.soilWaterMm);
    d.put("topSoilWetness", c.topSoilWetness);
    d.put("going", Arrays.stream(c.trafficability).map(SeasonAnswers::word).toList());
    d.put("mulchMgPerHa", c.mulchMgPerHa);
    d.put("dyingMgPerHa", c.dyingMgPerHa);
    d.put("mulchCarbonToNitrogen", c.mulchCarbonToNitrogen);
    d.put("residueMgPerHa", c.residueMgPerHa);
    // The door's vectors hold the depth in cm under this key: docs/decisions/0004.
    d.put("snowWaterMm", c.snowDepthCm);
    d.put("waterStatus", c.waterStatus);
    d.put("surfaceSkinMm", c.surfaceSkinMm);
    return d;
  }

  /**
   * {@return the states at the end of one day by key}
   *
   * @param run season asked about
   * @param date day asked for
   */
  public static Map<String, Object> checkpoint(SeasonRun run, LocalDate date) {
    int i = run.columns().indexOf(date);
    Map<String, Object> at = new LinkedHashMap<>();
    days(run)
        .forEach(
            (key, column) -> {
              if (column instanceof double[] values) {
                at.put(key, values[i]);
              } else if (column instanceof double[][] values) {
                at.put(key, Arrays.stream(values).map(v -> v[i]).toList());
              } else if (column instanceof List<?> values) {
                at.put(key, values.get(i));
              }
            });
    at.put("date", date.toString());
    return at;
  }

  private static String word(Trafficability trafficability) {
    return trafficability.name().toLowerCase(Locale.ROOT);
  }

  private static <T extends @Nullable Object> List<T> each(
      SeasonRun run, Function<SeasonRun.Component, T> what) {
    return java.util.Collections.unmodifiableList(
        new java.util.ArrayList<>(run.components().stream().map(what).toList()));
  }

  private static List<Double> list(double[] values) {
    return Arrays.stream(values).boxed().toList();
  }
}
