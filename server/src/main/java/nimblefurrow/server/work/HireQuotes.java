package nimblefurrow.server.work;

import java.io.IOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.machine.Price;
import nimblefurrow.core.money.Bill;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.job.QuotePdf;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What the kept jobs of a customer come to, from their loads and the machines' prices. */
@Service
class HireQuotes {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private final KeptPlan work;
  private final HireService hire;
  private final FarmService farms;
  private final PlannedFields planned;
  private final ShedService shed;

  HireQuotes(
      KeptPlan work, HireService hire, FarmService farms, PlannedFields planned, ShedService shed) {
    this.work = work;
    this.hire = hire;
    this.farms = farms;
    this.planned = planned;
    this.shed = shed;
  }

  /**
   * One job of a quote.
   *
   * @param loads of seed; null for work without any
   * @param by {@code area}, {@code hours}, or {@code nothing} for a machine without a price
   * @param words what is charged, with quantity and price as they are
   * @param usd what the words come to, to the cent
   */
  record QuoteLine(
      UUID fieldId,
      String field,
      String label,
      String machine,
      LocalDate startOn,
      double areaHa,
      double hours,
      @Nullable Integer loads,
      ChargedBy by,
      String words,
      BigDecimal usd) {}

  /**
   * A quote.
   *
   * @param usd the sum of the lines as they are shown
   */
  record QuoteView(String customer, List<QuoteLine> lines, BigDecimal usd) {}

  /** The quote for a farm that is worked for; no lines while nothing of it is kept. */
  QuoteView of(UUID farmId, UUID customerId, UnitSystem units) {
    FarmView customer =
        hire.customers(farmId).stream()
            .filter(c -> c.id().equals(customerId))
            .findFirst()
            .orElseThrow(() -> new NotFound("That farm's jobs are not in this plan."));
    Map<UUID, PlannedField> fields =
        planned.everyLink(customer).stream()
            .collect(Collectors.toMap(f -> orField(f.link(), f.field().id()), f -> f));
    Map<UUID, MachineView> machines =
        shed.machines(farmId).stream().collect(Collectors.toMap(MachineView::id, m -> m));
    List<QuoteLine> lines = new ArrayList<>();
    for (WorkViews.ItemView i : work.work(farmId).items()) {
      PlannedField field = fields.get(orField(JobKind.link(i.job()), i.fieldId()));
      MachineView machine = machines.get(i.doerId());
      if (customerId.equals(i.customerId()) && field != null && machine != null) {
        lines.add(line(i, field, machine, units));
      }
    }
    BigDecimal sum = lines.stream().map(QuoteLine::usd).reduce(BigDecimal.ZERO, BigDecimal::add);
    return new QuoteView(customer.name(), lines, sum);
  }

  private static QuoteLine line(
      WorkViews.ItemView i, PlannedField f, MachineView m, UnitSystem units) {
    double areaHa = f.field().areaHa();
    List<CoverComponent> seed = i.kind() == JobKind.SEED ? seed(i, f) : List.of();
    double rate = CoverComponent.rate(seed);
    Price price = m.machine().price();
    Bill charged = Bill.of(units, new Bill.Job(i.label(), areaHa, i.hours(), rate), price, 0);
    return new QuoteLine(
        i.fieldId(),
        i.field(),
        i.label(),
        i.doer(),
        i.startOn(),
        areaHa,
        i.hours(),
        seed.isEmpty() ? null : m.machine().loads(areaHa, seed).loads(),
        ChargedBy.of(price, rate),
        charged.lines().stream().map(Bill.Line::words).collect(Collectors.joining("; ")),
        charged.total());
  }

  private static UUID orField(@Nullable UUID link, UUID fieldId) {
    return link == null ? fieldId : link;
  }

  private static List<CoverComponent> seed(WorkViews.ItemView i, PlannedField f) {
    CoverPlan cover = f.cover();
    return cover == null ? List.of() : cover.coverFor(SeedingMethod.of(i.way()));
  }

  /** The quote on paper. */
  byte[] paper(UUID farmId, UUID customerId, boolean metric) throws IOException {
    UnitSystem units = metric ? UnitSystem.METRIC : UnitSystem.US;
    QuoteView quote = of(farmId, customerId, units);
    FarmView farm = farms.get(farmId);
    List<QuotePdf.Row> rows = new ArrayList<>();
    for (QuoteLine l : quote.lines()) {
      String loads =
          l.loads() == null ? "" : ", %d load%s".formatted(l.loads(), l.loads() == 1 ? "" : "s");
      rows.add(
          new QuotePdf.Row(
              "%s, %s: %s%s"
                  .formatted(
                      l.field(),
                      l.startOn().format(DAY),
                      l.words().isEmpty() ? l.label() : l.words(),
                      loads),
              l.by() == ChargedBy.NOTHING ? "no price yet" : Bill.money(l.usd())));
    }
    return QuotePdf.of(
        "Quote for field work",
        "%s, %s, for %s".formatted(farm.name(), farm.today().format(DAY), quote.customer()),
        rows,
        new QuotePdf.Row("Price", Bill.money(quote.usd())),
        "Seed and products are not in the price. Weather and ground decide the day.");
  }
}
