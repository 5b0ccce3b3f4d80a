package nimblefurrow.server.takeaway;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.support.CsvText;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.SafeCells;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The plan as a table (RFC 4180) and back. Columns with wire names come back in; columns in words
 * are for people and are not read.
 */
final class PlanCsv {
  private static final String[] COLUMNS = {
    "field",
    "status",
    "purposes",
    "species",
    "rates_kg_per_ha",
    "method",
    "seed_on",
    "ending",
    "end_on",
    "area_ha",
    "crop",
    "next_crop",
    "window_opens",
    "window_closes",
    "in_words"
  };

  private static final int MOST_LINES = 5000;

  private PlanCsv() {}

  /** A plan read back, with where it stood. */
  record Read(String at, String field, PlanInput plan) {}

  static String write(List<PlanRow> rows) {
    StringWriter text = new StringWriter();
    CSVFormat format = CSVFormat.RFC4180.builder().setHeader(COLUMNS).get();
    try (CSVPrinter csv = new CSVPrinter(text, format)) {
      for (PlanRow r : rows) {
        PlanInput p = r.plan();
        csv.printRecord(
            SafeCells.of(
                r.field(),
                p.status(),
                String.join(";", p.purposes()),
                p.components().stream()
                    .map(PlanInput.Component::species)
                    .collect(Collectors.joining(";")),
                p.components().stream()
                    .map(c -> plain(c.rateKgPerHa(), 4))
                    .collect(Collectors.joining(";")),
                p.method(),
                p.seedOn(),
                p.ending(),
                p.endOn(),
                plain(r.areaHa(), 2),
                r.crop(),
                r.nextCrop(),
                r.opens() == null ? "" : r.opens(),
                r.closes() == null ? "" : r.closes(),
                r.coverWords()));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text.toString();
  }

  private static String plain(double value, int places) {
    return BigDecimal.valueOf(value)
        .setScale(places, RoundingMode.HALF_UP)
        .stripTrailingZeros()
        .toPlainString();
  }

  /**
   * Reads the program's own table back, after whatever a spreadsheet did to it.
   *
   * @throws InputProblem with a sentence for each line that cannot be read
   */
  static List<Read> read(byte[] bytes) {
    CsvText table = CsvText.read(bytes);
    List<String> missing =
        Arrays.stream(COLUMNS).limit(9).filter(c -> !table.columns().contains(c)).toList();
    if (!missing.isEmpty()) {
      throw new InputProblem("line 1", "The head line lacks " + String.join(", ", missing) + ".");
    }
    List<Read> plans = new ArrayList<>();
    List<InputProblem.At> problems = new ArrayList<>();
    for (CSVRecord row : table.rows()) {
      if (plans.size() + problems.size() >= MOST_LINES) {
        throw new InputProblem(
            "file",
            "The file has more than %,d lines; a farm has fewer fields.".formatted(MOST_LINES));
      }
      try {
        plans.add(read(table, row));
      } catch (InputProblem problem) {
        problems.addAll(problem.problems());
      }
    }
    if (!problems.isEmpty()) {
      throw new InputProblem(problems);
    }
    return plans;
  }

  private static Read read(CsvText table, CSVRecord row) {
    String at = CsvText.at(row);
    String[] species = table.cell(row, "species").split(";");
    String[] rates = table.cell(row, "rates_kg_per_ha").split(";");
    if (species.length != rates.length) {
      throw new InputProblem(
          at, "%s: %d species but %d rates.".formatted(at, species.length, rates.length));
    }
    List<PlanInput.Component> components = new ArrayList<>();
    for (int i = 0; i < species.length; i++) {
      components.add(new PlanInput.Component(species[i].strip(), rate(rates[i].strip(), at)));
    }
    String name = table.cell(row, "field");
    return new Read(
        at,
        SafeCells.read(name),
        new PlanInput(
            status(table.cell(row, "status"), at),
            List.of(table.cell(row, "purposes").split(";")),
            components,
            table.cell(row, "method"),
            day(table.cell(row, "seed_on"), at),
            table.cell(row, "ending"),
            day(table.cell(row, "end_on"), at)));
  }

  private static PlanStatus status(String text, String at) {
    try {
      return PlanStatus.of(text.toLowerCase(Locale.ROOT));
    } catch (Refused e) {
      throw new InputProblem(at, at + ": " + e.getMessage());
    }
  }

  private static double rate(String text, String at) {
    try {
      return Double.parseDouble(text.replace(',', '.'));
    } catch (NumberFormatException e) {
      throw new InputProblem(at, at + ": “" + text + "” is not a rate.");
    }
  }

  private static LocalDate day(String text, String at) {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeException e) {
      throw new InputProblem(at, at + ": “" + text + "” is not a day such as 2026-09-28.");
    }
  }
}
