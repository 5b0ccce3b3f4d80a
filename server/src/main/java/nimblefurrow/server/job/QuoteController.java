package nimblefurrow.server.job;

import java.io.IOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import nimblefurrow.core.load.Bill;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.shed.ShedService;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Quotes and invoices for seeding someone else's field. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class QuoteController {
  private final FarmService farms;
  private final FieldService fields;
  private final SeedingLog jobs;
  private final ShedService shed;
  private final Access access;

  QuoteController(
      FarmService farms, FieldService fields, SeedingLog jobs, ShedService shed, Access access) {
    this.farms = farms;
    this.fields = fields;
    this.jobs = jobs;
    this.shed = shed;
    this.access = access;
  }

  /** What a job is to be charged by. */
  record Charge(
      double pricePerHa,
      double pricePerHour,
      double weightLimitKgPerHa,
      @Nullable Double minimumCharge,
      @Nullable Double ferryKm,
      @Nullable Double pricePerKm,
      @Nullable Double taxPercent) {
    double tax() {
      return or(taxPercent);
    }

    HirePrice.Tariff tariff() {
      return new HirePrice.Tariff(
          pricePerHa,
          pricePerHour,
          weightLimitKgPerHa,
          or(minimumCharge),
          or(ferryKm),
          or(pricePerKm));
    }

    private static double or(@Nullable Double value) {
      return value == null ? 0 : value;
    }
  }

  @GetMapping("/quote.pdf")
  ResponseEntity<byte[]> quote(
      @PathVariable UUID farmId,
      @RequestParam UUID machineId,
      @RequestParam double areaHa,
      @RequestParam double rateKgPerHa,
      @RequestParam double haPerHour,
      @ParameterObject Charge charge,
      @RequestParam(name = "units", defaultValue = "us") String speaks,
      @RequestParam(defaultValue = "") String to)
      throws IOException {
    access.see(farmId);
    FarmView farm = farms.see(farmId);
    Need.positive("haPerHour", "The area an hour", haPerHour);
    Bill bill =
        Bill.of(
            units(speaks), areaHa, rateKgPerHa, areaHa / haPerHour, charge.tariff(), charge.tax());
    String under =
        "%s, %s, %s"
            .formatted(farm.name(), shed.machine(farmId, machineId).name(), day(farm.today()));
    return pdf("quote", rows(units(speaks), areaHa, rateKgPerHa, bill), under, to, bill);
  }

  /** The bill for a seeding as it was logged. */
  @GetMapping("/fields/{fieldId}/seedings/{entryId}/invoice.pdf")
  ResponseEntity<byte[]> invoice(
      @PathVariable UUID farmId,
      @PathVariable UUID fieldId,
      @PathVariable UUID entryId,
      @RequestParam double hours,
      @ParameterObject Charge charge,
      @RequestParam(name = "units", defaultValue = "us") String speaks,
      @RequestParam(defaultValue = "") String to)
      throws IOException {
    access.see(farmId);
    FarmView farm = farms.see(farmId);
    JobViews.Seeding done = jobs.seeding(farmId, fieldId, entryId);
    Need.positive("hours", "The hours it took", hours);
    UnitSystem units = units(speaks);
    Bill bill =
        Bill.of(units, done.areaHa(), done.rateKgPerHa(), hours, charge.tariff(), charge.tax());
    List<QuotePdf.Row> rows = new ArrayList<>();
    rows.add(new QuotePdf.Row("Field", fields.get(farmId, fieldId).name()));
    rows.add(
        new QuotePdf.Row(
            "Seeded" + (done.machine() == null ? "" : " with " + done.machine()),
            day(done.doneOn())));
    rows.add(new QuotePdf.Row("Seed that went out", said(units, done.seedKg(), Unit.KG)));
    rows.addAll(rows(units, done.areaHa(), done.rateKgPerHa(), bill));
    return pdf("invoice", rows, "%s, %s".formatted(farm.name(), day(farm.today())), to, bill);
  }

  private static List<QuotePdf.Row> rows(
      UnitSystem units, double areaHa, double rateKgPerHa, Bill bill) {
    List<QuotePdf.Row> rows = new ArrayList<>();
    rows.add(new QuotePdf.Row("Area", fine(units, areaHa, Unit.HA)));
    rows.add(new QuotePdf.Row("Rate", fine(units, rateKgPerHa, Unit.KG_PER_HA)));
    bill.lines().forEach(l -> rows.add(new QuotePdf.Row(l.words(), Bill.money(l.amount()))));
    return rows;
  }

  private static ResponseEntity<byte[]> pdf(
      String kind, List<QuotePdf.Row> rows, String under, String to, Bill bill) throws IOException {
    boolean invoice = kind.equals("invoice");
    byte[] bytes =
        QuotePdf.of(
            invoice ? "Invoice for seeding" : "Quote for seeding",
            under + (to.isBlank() ? "" : ", for " + to.strip()),
            rows,
            new QuotePdf.Row(invoice ? "To pay" : "Price", Bill.money(bill.total())),
            "Seed is not in the price." + (invoice ? "" : " Weather and ground decide the day."));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + kind + ".pdf\"")
        .body(bytes);
  }

  private static UnitSystem units(String speaks) {
    return speaks.equals("metric") ? UnitSystem.METRIC : UnitSystem.US;
  }

  private static String day(LocalDate date) {
    return date.format(DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH));
  }

  private static String said(UnitSystem units, double value, Unit unit) {
    return units.say(new Figure.Amount(value, unit));
  }

  /** With the digits it has: 40.25 ac is not 40. */
  private static String fine(UnitSystem units, double value, Unit unit) {
    boolean us = units == UnitSystem.US;
    double shown =
        unit == Unit.HA
            ? us ? value / UnitSystem.HA_PER_ACRE : value
            : us ? value * UnitSystem.HA_PER_ACRE / UnitSystem.KG_PER_LB : value;
    BigDecimal digits =
        BigDecimal.valueOf(shown).setScale(unit == Unit.HA ? 2 : 1, RoundingMode.HALF_UP);
    String suffix = unit == Unit.HA ? us ? "ac" : "ha" : us ? "lb/ac" : "kg/ha";
    return "%,.2f".formatted(digits).replaceAll("\\.?0+$", "") + " " + suffix;
  }
}
