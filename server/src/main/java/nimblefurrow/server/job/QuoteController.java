package nimblefurrow.server.job;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import nimblefurrow.core.load.HirePrice;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.shed.ShedService;
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
  private final ShedService shed;
  private final Access access;

  QuoteController(FarmService farms, ShedService shed, Access access) {
    this.farms = farms;
    this.shed = shed;
    this.access = access;
  }

  @GetMapping("/quote.pdf")
  ResponseEntity<byte[]> quote(
      @PathVariable UUID farmId,
      @RequestParam UUID machineId,
      @RequestParam double areaHa,
      @RequestParam double rateKgPerHa,
      @RequestParam double haPerHour,
      @RequestParam double pricePerHa,
      @RequestParam double pricePerHour,
      @RequestParam double weightLimitKgPerHa,
      @RequestParam(defaultValue = "0") double minimumCharge,
      @RequestParam(defaultValue = "0") double ferryKm,
      @RequestParam(defaultValue = "0") double pricePerKm,
      @RequestParam(name = "units", defaultValue = "us") String speaks,
      @RequestParam(defaultValue = "quote") String kind,
      @RequestParam(defaultValue = "") String to)
      throws IOException {
    access.see(farmId);
    FarmView farm = farms.see(farmId);
    HirePrice p =
        HirePrice.of(
            areaHa,
            rateKgPerHa,
            haPerHour,
            new HirePrice.Tariff(
                pricePerHa, pricePerHour, weightLimitKgPerHa, minimumCharge, ferryKm, pricePerKm));
    UnitSystem units = speaks.equals("metric") ? UnitSystem.METRIC : UnitSystem.US;
    List<QuotePdf.Row> rows = new ArrayList<>();
    rows.add(new QuotePdf.Row("Area", said(units, areaHa, Unit.HA)));
    rows.add(new QuotePdf.Row("Seed", said(units, rateKgPerHa, Unit.KG_PER_HA)));
    rows.add(
        p.basis() == HirePrice.Basis.AREA
            ? new QuotePdf.Row("Work by area", money(p.work()))
            : new QuotePdf.Row(
                "Work, %.1f hours at %s".formatted(p.hours(), money(pricePerHour)),
                money(p.work())));
    if (p.minimumApplied()) {
      rows.add(new QuotePdf.Row("Raised to the least for a job", money(minimumCharge)));
    }
    rows.add(new QuotePdf.Row("The way there, %.0f km".formatted(ferryKm), money(p.ferry())));
    boolean invoice = kind.equals("invoice");
    byte[] pdf =
        QuotePdf.of(
            invoice ? "Invoice for seeding" : "Quote for seeding",
            "%s, %s, %s%s"
                .formatted(
                    farm.name(),
                    shed.machine(farmId, machineId).name(),
                    farm.today(),
                    to.isBlank() ? "" : ", for " + to),
            rows,
            new QuotePdf.Row(invoice ? "To pay" : "Price", money(p.charge())),
            "Seed is not in the price. Weather and ground decide the day.");
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_PDF)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            "attachment; filename=\"" + (invoice ? "invoice" : "quote") + ".pdf\"")
        .body(pdf);
  }

  private static String said(UnitSystem units, double value, Unit unit) {
    return units.say(new Figure.Amount(value, unit));
  }

  private static String money(double usd) {
    return String.format(Locale.ENGLISH, "$%,.2f", usd);
  }
}
