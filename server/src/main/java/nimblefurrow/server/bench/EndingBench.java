package nimblefurrow.server.bench;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.IntFunction;
import nimblefurrow.core.count.FloweringCount;
import nimblefurrow.core.count.KillCount;
import nimblefurrow.core.count.MulchSample;
import nimblefurrow.core.count.StageSeen;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.ending.RollerWeight;
import nimblefurrow.core.ending.TankMix;
import nimblefurrow.core.hours.WorkHours;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Counts, sheets and hours of an ending. */
@RestController
@RequestMapping("/api/bench")
class EndingBench {

  private final SpeciesTable table;

  EndingBench(SpeciesTable table) {
    this.table = table;
  }

  /**
   * @param species a species of the table whose stage is asked for
   * @param look what was looked for on each head; anthers or bloom when not said
   */
  @Schema(
      example =
          "{\"stops\":[{\"heads\":10,\"flowering\":8},{\"heads\":10,\"flowering\":9}],"
              + "\"target\":0.8,\"riskTooEarly\":0.1,\"riskTooLate\":0.1,\"maxStops\":20}")
  record FloweringQuestion(
      List<FloweringCount.Stop> stops,
      @Nullable Double target,
      @Nullable Double riskTooEarly,
      @Nullable Double riskTooLate,
      @Nullable Integer maxStops,
      @Nullable String species,
      StageSeen.@Nullable Look look) {}

  /** The verdict after the stops so far. */
  record FloweringAnswer(
      double share,
      double low,
      double high,
      String decision,
      int stopsLeft,
      double correlation,
      @Nullable StageSeen stage) {}

  @PostMapping("/flowering")
  FloweringAnswer flowering(@RequestBody FloweringQuestion q) {
    FloweringCount c =
        FloweringCount.of(
            q.stops(),
            or(q.target(), Usual.of("floweringTarget")),
            or(q.riskTooEarly(), Usual.of("countRisk")),
            or(q.riskTooLate(), Usual.of("countRisk")),
            q.maxStops() == null ? (int) Usual.of("mostStops") : q.maxStops());
    return new FloweringAnswer(
        c.share(),
        c.low(),
        c.high(),
        word(c.decision()),
        c.stopsLeft(),
        c.correlation(),
        stage(q, c.share()));
  }

  private @Nullable StageSeen stage(FloweringQuestion q, double share) {
    if (q.species() == null) {
      return null;
    }
    // A species of a farm's own has the stages of the one it grows like; the web asks for that one.
    StageScale scale =
        table
            .find(q.species())
            .orElseThrow(() -> new Refused("species", "There is no such species in the table."))
            .clock()
            .scale();
    StageSeen.Look look = q.look();
    return StageSeen.of(scale, look == null ? StageSeen.Look.usual(scale) : look, share);
  }

  @Schema(
      example =
          "{\"samples\":[{\"wetKg\":1.4,\"frameM2\":0.25},{\"wetKg\":1.1,\"frameM2\":0.25}],"
              + "\"dryMatterFraction\":0.22,\"targetMgPerHa\":8,\"confidence\":0.9}")
  record MulchQuestion(
      List<MulchSample.Hoop> samples,
      double dryMatterFraction,
      @Nullable Double targetMgPerHa,
      @Nullable Double confidence) {}

  @PostMapping("/mulch")
  MulchSample mulch(@RequestBody MulchQuestion q) {
    return MulchSample.of(
        q.samples(),
        q.dryMatterFraction(),
        or(q.targetMgPerHa(), 0),
        or(q.confidence(), Usual.of("confidence")));
  }

  @Schema(example = "{\"frames\":[{\"before\":50,\"after\":4},{\"before\":46,\"after\":7}]}")
  record KillQuestion(List<KillCount.Frame> frames, @Nullable Double confidence) {}

  @PostMapping("/kill")
  KillCount kill(@RequestBody KillQuestion q) {
    return KillCount.of(q.frames(), or(q.confidence(), Usual.of("confidence")));
  }

  @Schema(example = "{\"emptyKg\":3600,\"widthM\":12,\"waterL\":1800}")
  record RollerQuestion(double emptyKg, double widthM, @Nullable Double waterL) {}

  @PostMapping("/roller")
  RollerWeight roller(@RequestBody RollerQuestion q) {
    return RollerWeight.of(q.emptyKg(), q.widthM(), or(q.waterL(), 0));
  }

  @Schema(
      example =
          "{\"products\":[{\"name\":\"Demo systemic A\",\"ratePerHa\":2.1,\"unit\":\"L\"}],"
              + "\"carrierLPerHa\":140,\"tankL\":2400,\"areaHa\":40}")
  record TankQuestion(
      List<TankMix.Rate> products, double carrierLPerHa, double tankL, double areaHa) {}

  @PostMapping("/tank")
  TankMix tank(@RequestBody TankQuestion q) {
    return TankMix.of(q.products(), q.carrierLPerHa(), q.tankL(), q.areaHa());
  }

  /**
   * @param start local time of the first hour
   * @param from first hour to judge: a number of hours after the start, or a local time; the hours
   *     before it wet and dry the stems
   */
  record HoursQuestion(
      @Nullable Double latitudeDeg,
      @Nullable String start,
      @Nullable Object from,
      WorkHours.Hourly hourly,
      @Nullable Double topSoilWetness) {}

  /**
   * One hour of one kind of work.
   *
   * @param hour local time; a number of hours when no start was given
   */
  record HourAnswer(Object hour, String verdict, String limit, double stemWetnessMm) {}

  /** All kinds of work. */
  record HoursAnswer(
      List<HourAnswer> rolling,
      List<HourAnswer> spraying,
      List<HourAnswer> air,
      List<HourAnswer> drilling) {}

  @PostMapping("/hours")
  HoursAnswer hours(@RequestBody HoursQuestion q) {
    WorkHours hours = WorkHours.of(q.hourly(), or(q.topSoilWetness(), Usual.of("groundWetness")));
    LocalDateTime start = q.start() == null ? null : time("start", q.start());
    int first = first(q.from(), start, hours.hours().size());
    return new HoursAnswer(
        judged(hours, first, start, hours::rolling),
        judged(hours, first, start, hours::spraying),
        judged(hours, first, start, hours::air),
        judged(hours, first, start, hours::drilling));
  }

  private static List<HourAnswer> judged(
      WorkHours hours,
      int first,
      @Nullable LocalDateTime start,
      IntFunction<WorkHours.Judged> judge) {
    List<HourAnswer> all = new ArrayList<>();
    for (int i = first; i < hours.hours().size(); i++) {
      WorkHours.Judged j = judge.apply(i);
      Object hour = start == null ? i : start.plusHours(i).toString();
      all.add(
          new HourAnswer(hour, word(j.verdict()), j.limit(), hours.hours().get(i).stemWetnessMm()));
    }
    return all;
  }

  private static int first(@Nullable Object from, @Nullable LocalDateTime start, int hours) {
    if (from == null) {
      return 0;
    }
    long first;
    if (from instanceof Number n) {
      first = n.longValue();
    } else if (start != null) {
      first = ChronoUnit.HOURS.between(start, time("from", from.toString()));
    } else {
      throw new Refused(
          "start", "Give the local time of the first hour, or count “from” in hours.");
    }
    if (first < 0 || first >= hours) {
      throw new Refused(
          "from", "The first hour to judge lies outside the %d hours given.".formatted(hours));
    }
    return (int) first;
  }

  private static LocalDateTime time(String where, String text) {
    try {
      String plain = text.length() > 19 ? text.substring(0, 19) : text;
      return plain.length() == 10
          ? LocalDateTime.parse(plain + "T00:00")
          : LocalDateTime.parse(plain.replaceAll("Z$", ""));
    } catch (DateTimeParseException e) {
      throw new Refused(where, "“" + text + "” is not a time such as 2027-05-22T06:00.");
    }
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }

  private static String word(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}
