package nimblefurrow.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.CropColumns;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import nimblefurrow.core.weather.WeatherGenerator;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Writes the demonstration's years before and after its season: crops as they turn round, covers on
 * more fields each year, days and masses as the season model has them under the station's weather,
 * moved by a luck that is the seed below.
 *
 * <p>Arguments: the folder of the demonstration's files.
 */
final class DemoYears {
  private static final int SEASON = 2026;
  private static final int BACK = 3;
  private static final int AHEAD = 2;
  private static final long LUCK = 20260912;

  /** Weather after the record, as the demonstration has it. */
  private static final long WEATHER_SEED = 4107;

  /** Where rain held the drill up for so many days, vetch was meant and rye went out alone. */
  private static final int HELD_UP_DAYS = 6;

  private static final String WITH_VETCH = "cereal_rye:40;hairy_vetch:12";

  /** Shares of fields with a cover, from the first year to the last. */
  private static final double[] COVERED = {0.3, 0.5, 0.7};

  /** Of covers, how many come to nothing. */
  private static final double FAILS = 0.1;

  /** Where grain was once followed by feed, twice. */
  private static final String FORAGE = "Windmill";

  /** Where a thistle patch is to be smothered by covers without bare ground between. */
  private static final String SMOTHERED = "Lower Tile";

  private static final String[] HEADER = {
    "name",
    "season",
    "crop",
    "planted",
    "maturity",
    "harvest",
    "status",
    "purposes",
    "components",
    "method",
    "seed_on",
    "ending",
    "end_on",
    "log",
    "meant_components",
    "meant_method",
    "meant_on",
    "thought"
  };

  private final SeasonModel model = SeasonModel.shipped();
  private final SpeciesTable species = SpeciesTable.shipped();
  private final Sky sky;
  private final CSVPrinter out;

  /** Yields have a luck of their own: what else turned out stays as it was. */
  private final Random yields = new Random(LUCK + 1);

  private final DemoSoil soil = new DemoSoil(new Random(LUCK + 3));
  private final DemoBills bills = new DemoBills(new Random(LUCK + 2));

  private DemoYears(Sky sky, CSVPrinter out) {
    this.sky = sky;
    this.out = out;
  }

  public static void main(String[] arguments) throws IOException {
    Path folder = Path.of(arguments[0]);
    Station station = Station.shipped().get(0);
    DailyWeather past = station.record();
    DailyWeather after =
        WeatherGenerator.of(station.name())
            .generate(past.end().plusDays(1), LocalDate.of(2027, 8, 31), WEATHER_SEED);
    CSVFormat format = CSVFormat.DEFAULT.builder().setHeader(HEADER).setRecordSeparator("\n").get();
    try (var reader = Files.newBufferedReader(folder.resolve("fields.csv"));
        var writer = Files.newBufferedWriter(folder.resolve("years.csv"), StandardCharsets.UTF_8);
        CSVPrinter out = new CSVPrinter(writer, format)) {
      DemoYears years = new DemoYears(Sky.over(past.followedBy(after), station.place()), out);
      Random luck = new Random(LUCK);
      for (CSVRecord field : CsvTable.rows(reader)) {
        years.write(field, luck);
      }
    }
  }

  /** What is known of a field's crop in a year. */
  private record Year(int season, String crop, LocalDate planted, String maturity) {}

  private void write(CSVRecord field, Random luck) throws IOException {
    List<Year> years = new ArrayList<>();
    for (int season = SEASON - BACK; season <= SEASON; season++) {
      years.add(year(field, season, luck));
    }
    for (int i = 0; i < BACK; i++) {
      past(field, years.get(i), years.get(i + 1), luck);
    }
    if (SMOTHERED.equals(field.get("name"))) {
      year(field, SEASON + 2, luck);
      ahead(field, luck);
      smother(field);
      return;
    }
    for (int season = SEASON + 2; season <= SEASON + AHEAD; season++) {
      Year y = year(field, season, luck);
      out.printRecord(
          field.get("name"),
          season,
          y.crop(),
          y.planted(),
          y.maturity(),
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          "");
    }
    ahead(field, luck);
  }

  /** Two years turn round; behind grain come beans, corn and grain again. */
  private static String crop(CSVRecord field, int season) {
    String now = field.get("crop");
    String next = field.get("next");
    if (now.equals("smallGrain")) {
      return List.of("smallGrain", next, "soybean").get(Math.floorMod(season - SEASON, 3));
    }
    String other = now.equals(next) || now.equals("silageCorn") ? "soybean" : next;
    return season == SEASON + 1 ? next : Math.floorMod(season - SEASON, 2) == 0 ? now : other;
  }

  private static Year year(CSVRecord field, int season, Random luck) {
    String crop = crop(field, season);
    if (season == SEASON) {
      return new Year(season, crop, LocalDate.parse(field.get("planted")), field.get("maturity"));
    }
    int late = luck.nextInt(16);
    LocalDate planted =
        switch (crop) {
          case "soybean" -> LocalDate.of(season, Month.MAY, 8).plusDays(late);
          case "smallGrain" -> LocalDate.of(season - 1, Month.OCTOBER, 1).plusDays(late / 3);
          default -> LocalDate.of(season, Month.APRIL, 27).plusDays(late);
        };
    String maturity =
        switch (crop) {
          case "soybean" -> "2." + (1 + luck.nextInt(7));
          case "smallGrain" -> "";
          default -> String.valueOf(101 + luck.nextInt(10));
        };
    return new Year(season, crop, planted, maturity);
  }

  private CashCrop model(Year y) {
    return switch (y.crop()) {
      case "soybean" ->
          new CashCrop.Soybean(y.planted(), Double.parseDouble(y.maturity()), 0.762, null);
      case "smallGrain" -> new CashCrop.SmallGrain(LocalDate.of(y.season(), Month.JULY, 12));
      default ->
          new CashCrop.Corn(
              y.planted(),
              Double.parseDouble(y.maturity()),
              null,
              y.crop().equals("silageCorn"),
              CashCrop.Corn.USUAL_MOISTURE);
    };
  }

  /** What a grower seeds after a crop and before the next. */
  private record Cover(
      String purposes, String components, String method, String ending, int daysToPlanting) {}

  private static Cover cover(CSVRecord field, String crop, String next) {
    boolean organic = field.get("organic").equals("yes");
    if (crop.equals("smallGrain")) {
      return new Cover("openTightGround", "oats:45;radish:4", "drill", "winter", 14);
    }
    if (organic && next.equals("soybean")) {
      return new Cover("smotherWeeds", "cereal_rye:110", "drill", "rollPlant", 0);
    }
    if (organic) {
      return new Cover("makeNitrogen", "hairy_vetch:16;cereal_rye:14", "drill", "till", 14);
    }
    return next.equals("soybean")
        ? new Cover("holdSoil", "cereal_rye:70", "drill", "plantGreenSpray", -1)
        : new Cover("holdSoil", "cereal_rye:55", "drill", "sprayEarly", 15);
  }

  private void past(CSVRecord field, Year y, Year next, Random luck) throws IOException {
    boolean chosen = luck.nextDouble() < COVERED[y.season() - SEASON + BACK];
    // Grain is sown right behind the crop: there is no room for a cover.
    boolean covered = chosen && !next.crop().equals("smallGrain");
    boolean fails = luck.nextDouble() < FAILS;
    double grew = 0.75 + 0.45 * luck.nextDouble();
    int late = luck.nextInt(8);
    CashCrop crop = model(y);
    CropColumns columns = model.crop(crop, sky);
    LocalDate harvest =
        sky.weather().start().plusDays(columns.harvestIndex()).plusDays(luck.nextInt(5));
    Cover c = cover(field, y.crop(), next.crop());
    LocalDate seeded = harvest.plusDays(2L + late);
    if (y.crop().equals("smallGrain")) {
      seeded = seeded.plusDays(25);
    }
    boolean tooLate = seeded.isAfter(LocalDate.of(y.season(), Month.NOVEMBER, 12));
    StringBuilder log = new StringBuilder(harvest + "|harvested|||" + brought(y.crop()));
    String planting = next.crop().equals("smallGrain") ? "" : ";" + next.planted() + "|planted|";
    if (covered && FORAGE.equals(field.get("name")) && y.crop().equals("smallGrain")) {
      forage(field, y, next, harvest, log);
      return;
    }
    log.append(soil.of(field, y.season(), covered && !tooLate));
    if (!covered || tooLate) {
      log.append(planting);
      out.printRecord(
          field.get("name"),
          y.season(),
          y.crop(),
          y.planted(),
          y.maturity(),
          harvest,
          "",
          "",
          "",
          "",
          "",
          "",
          "",
          log,
          "",
          "",
          "",
          "");
      return;
    }
    boolean thought = c.components().startsWith("cereal_rye:") && late >= HELD_UP_DAYS;
    thought &= !field.get("organic").equals("yes");
    LocalDate planned = next.planted().minusDays(c.daysToPlanting());
    LocalDate ended = c.ending().equals("winter") ? planned : planned.plusDays(luck.nextInt(4));
    log.append(";").append(seeded).append("|seeded|as planned");
    if (!c.ending().equals("winter")) {
      double mass = mass(field, crop, columns, c, seeded, ended) * (fails ? 0.15 : grew);
      LocalDate seen = ended.minusDays(2);
      log.append(";").append(seen).append("|cover|");
      log.append(fails ? "came thin: dry ground after seeding" : "clipped before it was ended");
      log.append("||").append(String.format(Locale.ROOT, "%.2f", mass));
      log.append(";").append(ended).append("|ended|").append(fails ? "hardly worth it" : "");
    }
    log.append(planting);
    LocalDate killed = c.ending().equals("winter") ? null : ended;
    log.append(bills.of(y.season(), seed(c), seeded, c.ending(), killed));
    out.printRecord(
        field.get("name"),
        y.season(),
        y.crop(),
        y.planted(),
        y.maturity(),
        harvest,
        "accepted",
        c.purposes(),
        c.components(),
        c.method(),
        seeded,
        c.ending(),
        ended,
        log,
        thought ? WITH_VETCH : "",
        thought ? c.method() : "",
        thought ? seeded.minusDays(late) : "",
        thought ? "the drill came %d days late: no vetch any more, rye alone".formatted(late) : "");
  }

  /** What a harvest brought, Mg/ha, round the usual of its crop in the units it is sold by. */
  private String brought(String crop) {
    double luck = 0.85 + 0.3 * yields.nextDouble();
    double sold =
        switch (crop) {
          case "soybean" -> 56;
          case "smallGrain" -> 68;
          case "silageCorn" -> 22;
          default -> 192;
        };
    double mgPerHa = UnitSystem.US.toSi(Math.round(sold * luck), CropKind.of(crop).yieldUnit());
    return String.format(Locale.ENGLISH, "%.3f", mgPerHa);
  }

  /**
   * Behind grain: oats baled in autumn, triticale seeded into their stubble and grazed in spring.
   */
  private void forage(CSVRecord field, Year y, Year next, LocalDate harvest, StringBuilder log)
      throws IOException {
    CashCrop grain = model(y);
    Cover oats = new Cover("feedCattle", "oats:75", "drill", "hay", 0);
    LocalDate seeded = harvest.plusDays(12);
    LocalDate baled = seeded.plusDays(66);
    double hay = mass(field, grain, model.crop(grain, sky), oats, seeded, baled) * 0.9;
    log.append(";").append(seeded).append("|seeded|oats for hay");
    seen(log, baled, hay, "clipped before it was cut");
    log.append(";").append(baled).append("|ended|baled");
    print(field, y, y.crop(), harvest, oats, seeded, baled, log.toString());

    CashCrop.AfterCover after =
        new CashCrop.AfterCover(plan(field, grain, oats, seeded, baled), baled);
    Cover triticale = new Cover("feedCattle;holdSoil", "triticale:90", "drill", "graze", 0);
    LocalDate drilled = baled.plusDays(3);
    LocalDate off = next.planted().minusDays(5);
    double graze = mass(field, after, model.crop(after, sky), triticale, drilled, off) * 0.95;
    StringBuilder then = new StringBuilder(drilled + "|seeded|into the oat stubble");
    seen(then, off.minusDays(25), graze * 0.5, "at turn-out");
    then.append(";").append(off).append("|ended|cattle off");
    then.append(";").append(next.planted()).append("|planted|");
    print(field, y, "", null, triticale, drilled, off, then.toString());
  }

  /** Rye rolled down, a summer mix into its mulch, and rye again: a year without a crop. */
  private void smother(CSVRecord field) throws IOException {
    int year = SEASON + 2;
    Cover rye = new Cover("smotherWeeds", "cereal_rye:110", "drill", "rollPlant", 0);
    Cover summer = new Cover("smotherWeeds", "sorghum_sudan:28;cowpea:25", "drill", "mow", 0);
    propose(field, SEASON + 1, "", rye, day(year - 1, 10, 4), day(year, 6, 4));
    propose(field, year, "none", summer, day(year, 6, 7), day(year, 9, 8));
    propose(field, year, "", rye, day(year, 9, 10), day(year + 1, 6, 1));
  }

  private static LocalDate day(int year, int month, int day) {
    return LocalDate.of(year, month, day);
  }

  private void propose(
      CSVRecord field, int season, String crop, Cover c, LocalDate seeded, LocalDate ended)
      throws IOException {
    out.printRecord(
        field.get("name"),
        season,
        crop,
        "",
        "",
        "",
        "proposed",
        c.purposes(),
        c.components(),
        c.method(),
        seeded,
        c.ending(),
        ended,
        "",
        "",
        "",
        "",
        "");
  }

  private static void seen(StringBuilder log, LocalDate ended, double mass, String words) {
    log.append(";").append(ended.minusDays(2)).append("|cover|").append(words);
    log.append("||").append(String.format(Locale.ROOT, "%.2f", mass));
  }

  private void print(
      CSVRecord field,
      Year y,
      String crop,
      @Nullable LocalDate harvest,
      Cover c,
      LocalDate seeded,
      LocalDate ended,
      String log)
      throws IOException {
    boolean first = !crop.isEmpty();
    out.printRecord(
        field.get("name"),
        y.season(),
        crop,
        first ? y.planted() : "",
        first ? y.maturity() : "",
        harvest == null ? "" : harvest,
        "accepted",
        c.purposes(),
        c.components(),
        c.method(),
        seeded,
        c.ending(),
        ended,
        log,
        "",
        "",
        "",
        "");
  }

  /** Next season's covers on the fields that have one now, as a proposal. */
  private void ahead(CSVRecord field, Random luck) throws IOException {
    Year y = new Year(SEASON + 1, crop(field, SEASON + 1), LocalDate.of(2027, 5, 8), "");
    Year next = year(field, SEASON + 2, luck);
    if (!field.get("status").equals("accepted") || luck.nextDouble() < 0.3) {
      return;
    }
    Cover c = cover(field, y.crop(), next.crop());
    LocalDate seeded =
        LocalDate.of(SEASON + 1, Month.OCTOBER, y.crop().equals("soybean") ? 2 : 14)
            .plusDays(luck.nextInt(6));
    propose(field, SEASON + 1, "", c, seeded, next.planted().minusDays(c.daysToPlanting()));
  }

  private double mass(
      CSVRecord field,
      CashCrop crop,
      CropColumns columns,
      Cover c,
      LocalDate seeded,
      LocalDate ended) {
    SeasonRun run = model.run(sky, columns, plan(field, crop, c, seeded, ended));
    return run.columns().totalCoverMgPerHa(run.columns().indexOf(ended.minusDays(2)));
  }

  private SeasonPlan plan(
      CSVRecord field, CashCrop crop, Cover c, LocalDate seeded, LocalDate ended) {
    Soil soil =
        new Soil(
            Texture.valueOf(constant(field.get("texture"))),
            Drainage.valueOf(constant(field.get("drainage"))),
            field.get("tiled").equals("yes"));
    return new SeasonPlan(
        soil,
        FieldStart.USUAL,
        crop,
        seed(c),
        Placement.DRILL,
        seeded,
        EndingMethod.of(c.ending()).acts(ended),
        null);
  }

  private List<CoverComponent> seed(Cover c) {
    List<CoverComponent> components = new ArrayList<>();
    for (String part : c.components().split(";")) {
      String[] p = part.split(":");
      components.add(
          new CoverComponent(
              species.get(p[0]),
              Double.parseDouble(p[1]),
              CoverComponent.USUAL_GERMINATION,
              CoverComponent.USUAL_PURITY,
              null));
    }
    return components;
  }

  private static String constant(String key) {
    return key.replaceAll("([A-Z])", "_$1").toUpperCase(Locale.ROOT);
  }
}
