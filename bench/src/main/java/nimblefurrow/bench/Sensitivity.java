package nimblefurrow.bench;

import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.NitrogenLevel;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Spread;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * What moves the answers: rye drilled after soybeans, one thing changed at a time, medians over the
 * years of a station. Prints a Markdown table, what moves most first.
 */
public final class Sensitivity {
  private static final String RYE = "cereal_rye";
  private static final LocalDate SEEDED = LocalDate.of(2026, 9, 28);
  private static final LocalDate END = LocalDate.of(2027, 5, 25);
  private static final double RATE = 70;

  private record Answers(double stand, double nov20, double may1, double key, double keyDay) {}

  private record Row(String what, Answers less, Answers more) {}

  private final Forecaster forecaster;
  private final CropSeasons crop;

  private Sensitivity() {
    Scene scene = new Scene();
    forecaster = new Forecaster(scene.model);
    crop = scene.soybeans();
  }

  /** Prints the table. */
  public static void main(String[] arguments) throws IOException {
    new Sensitivity().print();
  }

  private void print() throws IOException {
    Species rye = SpeciesTable.shipped().get(RYE);
    Answers base = ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED, RATE, 0.9);
    List<Row> rows = new ArrayList<>();
    Map<String, String> columns = new TreeMap<>();
    columns.put("rue", "light use");
    columns.put("key_ptu", "sum to anthesis");
    columns.put("sla", "leaf area per mass");
    columns.put("k", "light caught per leaf");
    columns.put("t1", "temperature of full growth");
    columns.put("emerge_tt", "warmth to emerge");
    columns.put("seedling_mg", "size of a seedling");
    columns.put("leaf_max_m2", "largest leaf area of a plant");
    columns.put("root_max_m", "deepest roots");
    columns.put("w_max", "largest stand");
    columns.put("lt50", "hardiness");
    for (Map.Entry<String, String> c : columns.entrySet()) {
      rows.add(
          new Row(
              c.getValue() + " (`" + c.getKey() + "`) ±10 %",
              ask(changed(c.getKey(), 0.9), Soil.USUAL, FieldStart.USUAL, SEEDED, RATE, 0.9),
              ask(changed(c.getKey(), 1.1), Soil.USUAL, FieldStart.USUAL, SEEDED, RATE, 0.9)));
    }
    rows.add(
        new Row(
            "seeded 10 days later / earlier",
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED.plusDays(10), RATE, 0.9),
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED.minusDays(10), RATE, 0.9)));
    rows.add(
        new Row(
            "rate ±30 %",
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED, 0.7 * RATE, 0.9),
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED, 1.3 * RATE, 0.9)));
    rows.add(
        new Row(
            "germination 70 / 98 %",
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED, RATE, 0.7),
            ask(rye, Soil.USUAL, FieldStart.USUAL, SEEDED, RATE, 0.98)));
    rows.add(
        new Row(
            "nitrogen low / high",
            ask(rye, Soil.USUAL, start(NitrogenLevel.LOW, 0.85, 0.5), SEEDED, RATE, 0.9),
            ask(rye, Soil.USUAL, start(NitrogenLevel.HIGH, 0.85, 0.5), SEEDED, RATE, 0.9)));
    rows.add(
        new Row(
            "water on 1 April 40 / 100 % of available",
            ask(rye, Soil.USUAL, start(NitrogenLevel.MEDIUM, 0.4, 0.5), SEEDED, RATE, 0.9),
            ask(rye, Soil.USUAL, start(NitrogenLevel.MEDIUM, 1, 0.5), SEEDED, RATE, 0.9)));
    rows.add(
        new Row(
            "old residue 0 / 3 Mg/ha",
            ask(rye, Soil.USUAL, start(NitrogenLevel.MEDIUM, 0.85, 0), SEEDED, RATE, 0.9),
            ask(rye, Soil.USUAL, start(NitrogenLevel.MEDIUM, 0.85, 3), SEEDED, RATE, 0.9)));
    rows.add(
        new Row(
            "sandy loam / clay loam for silt loam",
            ask(rye, soil(Texture.SANDY_LOAM), FieldStart.USUAL, SEEDED, RATE, 0.9),
            ask(rye, soil(Texture.CLAY_LOAM), FieldStart.USUAL, SEEDED, RATE, 0.9)));
    rows.sort(Comparator.comparingDouble((Row r) -> -moved(r, base)));
    System.out.printf(
        Locale.ROOT,
        "As it is: %.0f %% of live seed comes up; %.2f Mg/ha on 20 Nov, %.2f on 1 May, %.2f at"
            + " mid-anthesis on day %.0f of the year.%n%n",
        100 * base.stand(),
        base.nov20(),
        base.may1(),
        base.key(),
        base.keyDay());
    System.out.println(
        "| changed | stand, points | 20 Nov, % | 1 May, % | at anthesis, % | anthesis, days |");
    System.out.println("|---|---|---|---|---|---|");
    rows.forEach(r -> print(r, base));
  }

  private static void print(Row r, Answers base) {
    System.out.printf(
        Locale.ROOT,
        "| %s | %+.0f / %+.0f | %+.0f / %+.0f | %+.0f / %+.0f | %+.0f / %+.0f | %+.0f / %+.0f |%n",
        r.what(),
        100 * (r.less().stand() - base.stand()),
        100 * (r.more().stand() - base.stand()),
        percent(r.less().nov20(), base.nov20()),
        percent(r.more().nov20(), base.nov20()),
        percent(r.less().may1(), base.may1()),
        percent(r.more().may1(), base.may1()),
        percent(r.less().key(), base.key()),
        percent(r.more().key(), base.key()),
        r.less().keyDay() - base.keyDay(),
        r.more().keyDay() - base.keyDay());
  }

  private static double percent(double value, double base) {
    return 100 * (value / base - 1);
  }

  /** How far a change moves growth on 1 May and at anthesis, either way. */
  private static double moved(Row r, Answers base) {
    return Math.max(Math.abs(r.less().key() - base.key()), Math.abs(r.more().key() - base.key()))
        + Math.max(
            Math.abs(r.less().may1() - base.may1()), Math.abs(r.more().may1() - base.may1()));
  }

  private static FieldStart start(NitrogenLevel nitrogen, double water, double residue) {
    return new FieldStart(nitrogen, water, residue);
  }

  private static Soil soil(Texture texture) {
    return new Soil(texture, Drainage.MODERATE, false);
  }

  /** Rye with one column of its row changed. */
  private static Species changed(String column, double factor) throws IOException {
    CSVRecord row =
        CsvTable.shipped("species.csv").stream()
            .filter(r -> r.get("id").equals(RYE))
            .findFirst()
            .orElseThrow();
    Map<String, String> cells = row.toMap();
    cells.put(column, String.valueOf(Double.parseDouble(row.get(column)) * factor));
    StringBuilder text = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
      printer.printRecord(cells.keySet());
      printer.printRecord(cells.values());
    }
    return SpeciesTable.of(CsvTable.rows(new StringReader(text.toString()))).get(RYE);
  }

  private Answers ask(
      Species rye, Soil soil, FieldStart start, LocalDate on, double rate, double germination) {
    CoverPlan plan =
        new CoverPlan(
            soil,
            start,
            List.of(new CoverComponent(rye, rate, germination, 0.98, null)),
            SeedingMethod.of("drill"),
            on,
            END,
            END);
    List<SeasonRun> runs = forecaster.runs(plan, crop);
    return new Answers(
        middle(runs, r -> r.components().get(0).emergedFraction()),
        middle(runs, r -> orZero(r.coverMgPerHa().nov20())),
        middle(runs, r -> orZero(r.coverMgPerHa().may1())),
        middle(runs, r -> orZero(r.components().get(0).coverAtKeyStageMgPerHa())),
        middle(
            runs,
            r -> {
              LocalDate day = r.components().get(0).stages().get("mid-anthesis");
              return day == null ? 365 : day.getDayOfYear();
            }));
  }

  private static double orZero(Double value) {
    return value == null ? 0 : value;
  }

  private static double middle(List<SeasonRun> runs, ToDoubleFunction<SeasonRun> of) {
    return Spread.of(runs.stream().mapToDouble(of).toArray()).median();
  }
}
