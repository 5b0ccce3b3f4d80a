package nimblefurrow.server.demo;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.plan.RowSetupView;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** The made-up farm's files, read. */
final class DemoRows {
  private DemoRows() {}

  static List<CSVRecord> rows(String file) {
    try {
      return CsvTable.rows(
          new InputStreamReader(new ByteArrayInputStream(resource(file)), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static byte[] resource(String name) {
    try (InputStream in = DemoFarm.class.getResourceAsStream("/demo/" + name)) {
      if (in == null) {
        throw new IllegalStateException("no resource " + name);
      }
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static CropView crop(CSVRecord r) {
    return new CropView(
        r.get("crop"),
        day(r.get("planted")),
        r.get("maturity").isEmpty() ? null : Double.valueOf(r.get("maturity")),
        null,
        day(r.get("harvest")));
  }

  static @Nullable PlanInput plan(CSVRecord r) {
    if (r.get("status").isEmpty()) {
      return null;
    }
    return new PlanInput(
            PlanStatus.of(r.get("status")),
            List.of(r.get("purposes").split(";")),
            components(r.get("components")),
            r.get("method"),
            LocalDate.parse(r.get("seed_on")),
            r.get("ending"),
            LocalDate.parse(r.get("end_on")))
        .withRows(rows(r));
  }

  /** Rows as “openers;apart;product;nitrogen;band”, in m and kg/ha; most fields say nothing. */
  private static @Nullable RowSetupView rows(CSVRecord r) {
    if (!r.isMapped("rows") || r.get("rows").isEmpty()) {
      return null;
    }
    String[] p = r.get("rows").split(";");
    double band = Double.parseDouble(p[4]);
    return new RowSetupView(
        2 * band,
        Integer.parseInt(p[0]),
        Double.parseDouble(p[1]),
        null,
        1,
        1,
        null,
        0,
        List.of(),
        new RowSetupView.SideDressed(p[2], Double.parseDouble(p[3]), band));
  }

  private static List<PlanInput.Component> components(String text) {
    return Arrays.stream(text.split(";"))
        .map(c -> c.split(":"))
        .map(c -> new PlanInput.Component(c[0], Double.parseDouble(c[1])))
        .toList();
  }

  /** The plan as it was first meant, where somebody thought again; else the plan itself. */
  static PlanInput meant(CSVRecord r, PlanInput plan) {
    if (r.get("thought").isEmpty()) {
      return plan;
    }
    return new PlanInput(
        plan.status(),
        plan.purposes(),
        components(r.get("meant_components")),
        r.get("meant_method"),
        LocalDate.parse(r.get("meant_on")),
        plan.ending(),
        plan.endOn());
  }

  static @Nullable LocalDate day(String text) {
    return text.isEmpty() ? null : LocalDate.parse(text);
  }
}
