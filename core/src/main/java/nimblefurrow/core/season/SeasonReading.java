package nimblefurrow.core.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.weather.DailyWeather;
import org.jspecify.annotations.Nullable;

/** Reads a season's answers off its days once they are through. */
final class SeasonReading {
  /** Below this much mulch, Mg/ha, summer annuals come through. */
  private static final double MULCH_THAT_HOLDS = 4;

  private static final int LATER_DAYS = 28;

  private final DailyWeather weather;
  private final SeasonPlan plan;
  private final SeasonColumns columns;
  private final int days;

  SeasonReading(DailyWeather weather, SeasonPlan plan, SeasonColumns columns) {
    this.weather = weather;
    this.plan = plan;
    this.columns = columns;
    this.days = columns.days();
  }

  SeasonRun run(ComponentState[] stand, int harvest, SoilColumn soil, EndingActs acts) {
    List<SeasonRun.Component> components = new ArrayList<>();
    for (ComponentState c : stand) {
      components.add(component(c));
    }
    int year = plan.year();
    return new SeasonRun(
        columns,
        harvest >= 0 && harvest < weather.days() ? weather.start().plusDays(harvest) : null,
        List.copyOf(components),
        new SeasonRun.CoverOn(
            coverOn(LocalDate.of(year, Month.NOVEMBER, 20)),
            coverOn(LocalDate.of(year + 1, Month.MARCH, 1)),
            coverOn(LocalDate.of(year + 1, Month.APRIL, 1)),
            coverOn(LocalDate.of(year + 1, Month.MAY, 1))),
        firstFit(LocalDate.of(year + 1, Month.APRIL, 20)),
        new SeasonRun.Water(
            soil.coverTranspirationMm,
            soil.cropTranspirationMm,
            soil.evaporationMm,
            soil.drainageMm,
            soil.runoffMm),
        followUp(acts.termination()),
        acts.effects());
  }

  private SeasonRun.Component component(ComponentState c) {
    Map<String, LocalDate> stages = new LinkedHashMap<>();
    for (int s = 0; s < c.stageDays.length; s++) {
      if (c.stageDays[s] != Emergence.NOT_YET) {
        stages.put(
            c.species.clock().scale().stages().get(s).name(),
            weather.start().plusDays(c.stageDays[s]));
      }
    }
    return new SeasonRun.Component(
        c.liveSeeds,
        c.emergence.emerged,
        c.emergence.waiting,
        c.hasEmerged() ? weather.start().plusDays(c.emergence.emergedOn) : null,
        c.survival,
        1 - c.hardening.worst,
        c.stageSpreadPtu(),
        c.need,
        Double.isNaN(c.massAtKey) ? null : c.massAtKey,
        stages);
  }

  private @Nullable Double coverOn(LocalDate date) {
    int day = columns.indexOf(date);
    return day >= 0 && day < days ? columns.totalCoverMgPerHa(day) : null;
  }

  private @Nullable LocalDate firstFit(LocalDate from) {
    for (int day = Math.max(0, columns.indexOf(from)); day < days; day++) {
      if (columns.trafficability[day] == Trafficability.FIT) {
        return columns.start().plusDays(day);
      }
    }
    return null;
  }

  /** Standing dead cover shades the ground as mulch does, so it counts with it. */
  private @Nullable Terminated followUp(@Nullable Terminated t) {
    if (t == null || !columns.full()) {
      return t;
    }
    int day = columns.indexOf(t.on());
    if (day < 0) {
      // Ended before this run was cut: what came of it was the earlier run's to say.
      return t;
    }
    int until = day;
    while (until < days && dead(until) >= MULCH_THAT_HOLDS) {
      until++;
    }
    int last = days - 1;
    boolean capped = until > last || day + LATER_DAYS > last;
    return t.withFollowUp(
        (Math.min(until, last) - day) / 7.0, dead(Math.min(day + LATER_DAYS, last)), capped);
  }

  private double dead(int day) {
    return columns.mulchMgPerHa[day] + columns.dyingMgPerHa[day];
  }
}
