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
import nimblefurrow.core.machine.HireTerms;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.money.Bill;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.shed.MachineView;
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

  /** What a job is to be charged by; what is not said is the machine's own. */
  record Charge(
      @Nullable Double pricePerHa,
      @Nullable Double pricePerHour,
      @Nullable Double weightLimitKgPerHa,
      @Nullable Double minimumCharge,
      @Nullable Double ferryKm,
      @Nullable Double pricePerKm,
      @Nullable Double taxPercent) {
    double tax() {
      return taxPercent == null ? 0 : taxPercent;
    }

    Price price(Price own) {
      HireTerms t = own.terms();
      Price price =
          new Price(
              pricePerHour == null ? own.usdPerHour() : pricePerHour,
              pricePerHa == null ? own.usdPerHa() : pricePerHa,
              true,
              new HireTerms(
                  weightLimitKgPerHa == null ? t.weightLimitKgPerHa() : weightLimitKgPerHa,
                  minimumCharge == null ? t.leastUsd() : minimumCharge,
                  ferryKm == null ? t.wayKm() : ferryKm,
                  pricePerKm == null ? t.usdPerKm() : pricePerKm));
      if (price.basis(0) == null) {
        throw new Refused("pricePerHa", "Say what it costs, by area or by the hour.");
      }
      return price;
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
    MachineView machine = shed.machine(farmId, machineId);
    Bill bill =
        Bill.of(
            units(speaks),
            new Bill.Job("Work", areaHa, areaHa / haPerHour, rateKgPerHa),
            charge.price(machine.machine().price()),
            charge.tax());
    String under = "%s, %s, %s".formatted(farm.name(), machine.name(), day(farm.today()));
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
    UUID machineId = done.machineId();
    Price own =
        machineId == null
            ? new Price(null, null, true)
            : shed.machine(farmId, machineId).machine().price();
    Bill bill =
        Bill.of(
            units,
            new Bill.Job("Work", done.areaHa(), hours, done.rateKgPerHa()),
            charge.price(own),
            charge.tax());
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
