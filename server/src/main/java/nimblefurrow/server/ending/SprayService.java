package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import nimblefurrow.core.ending.SprayJob;
import nimblefurrow.core.ending.SprayProduct;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.paper.ProductBook;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.support.Saving;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import nimblefurrow.server.worklog.ProductOut;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Products from their labels, and sprays made of them. Callers have checked who asks. */
@Service
public class SprayService implements ProductBook {
  private static final String AWAY = "This farm has no such product.";

  private final SprayProductRows products;
  private final PlannedFields planned;
  private final LogService log;

  SprayService(SprayProductRows products, PlannedFields planned, LogService log) {
    this.products = products;
    this.planned = planned;
    this.log = log;
  }

  /** The farm's products by name. */
  @Transactional(readOnly = true)
  List<SprayViews.ProductView> products(UUID farmId) {
    return products.findByFarmIdOrderByName(farmId).stream().map(SprayService::view).toList();
  }

  @Override
  @Transactional(readOnly = true)
  public boolean has(UUID farmId, UUID productId) {
    return products.findByFarmIdAndId(farmId, productId).isPresent();
  }

  /** Adds a product, for whoever has only its label. */
  @Transactional
  public void add(UUID farmId, SprayProduct label) {
    put(farmId, new SprayViews.ProductView(UUID.randomUUID(), null, label));
  }

  /**
   * Adds or changes a product.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  SprayViews.ProductView put(UUID farmId, SprayViews.ProductView in) {
    String name = in.label().name().strip();
    if (products.findByFarmIdOrderByName(farmId).stream()
        .anyMatch(p -> p.name.equalsIgnoreCase(name) && !p.id.equals(in.id()))) {
      throw new Refused("label.name", "There is already a product called " + name + ".");
    }
    Optional<SprayProductRow> there = products.toPut(farmId, in.id(), AWAY);
    there.ifPresent(r -> ChangedMeanwhile.unless(r.version, in.version(), r.name, () -> view(r)));
    SprayProductRow row = there.orElseGet(SprayProductRow::new);
    row.id = in.id();
    row.farmId = farmId;
    row.name = name;
    row.label = StoredProduct.SHAPE.store(in.label());
    return view(products.saveAndFlush(row));
  }

  /** Takes a product away. */
  @Transactional
  void remove(UUID farmId, UUID id) {
    products.delete(products.get(farmId, id, AWAY));
  }

  /** Works a spray out. */
  @Transactional(readOnly = true)
  SprayViews.SpraySheet sheet(UUID farmId, UUID fieldId, SprayViews.SprayInput in) {
    return sheet(farmId, job(farmId, fieldId, in), in);
  }

  /** Writes a spray down as it went out; the same id twice is the same spray. */
  @Transactional
  SprayViews.SpraySheet sprayed(
      UUID farmId, UUID fieldId, UUID entryId, SprayViews.SprayInput in, UUID account) {
    SprayJob job = job(farmId, fieldId, in);
    if (!log.has(farmId, entryId)) {
      Map<String, Double> actives = new HashMap<>();
      List<ProductOut> out = new ArrayList<>();
      for (SprayViews.ProductUse u : in.uses()) {
        SprayProduct p = label(farmId, u.productId());
        actives.merge(p.active(), u.ratePerHa() * p.activeGPerUnit(), Double::sum);
        out.add(new ProductOut(p.name(), u.ratePerHa(), p.rateUnit()));
      }
      log.add(
          farmId,
          fieldId,
          EntryView.of(entryId, in.on(), LogKind.SPRAYED, "").with(actives, out),
          planned.one(farmId, fieldId).farm().today(),
          account);
    }
    return sheet(farmId, job, in);
  }

  private SprayJob job(UUID farmId, UUID fieldId, SprayViews.SprayInput in) {
    PlannedField f = planned.one(farmId, fieldId);
    List<SprayJob.Use> uses =
        in.uses().stream()
            .map(u -> new SprayJob.Use(label(farmId, u.productId()), u.ratePerHa()))
            .toList();
    return SprayJob.of(
        uses,
        in.carrierLPerHa(),
        in.tankL(),
        in.areaHa(),
        new SprayJob.Context(
            in.on(),
            f.next().plantOn(),
            f.next().kind(),
            in.heightCm(),
            standing(f, in.on()),
            f.field().organic(),
            in.grazeFrom(),
            used(farmId, fieldId, in.on()),
            in.hardWater()));
  }

  /** Active ingredients of the calendar year up to a day, g/ha. */
  private Map<String, Double> used(UUID farmId, UUID fieldId, LocalDate on) {
    Map<String, Double> used = new HashMap<>();
    log.between(farmId, fieldId, on.withDayOfYear(1), on)
        .forEach(e -> e.actives().forEach((active, g) -> used.merge(active, g, Double::sum)));
    return used;
  }

  private double standing(PlannedField f, LocalDate on) {
    CoverPlan cover = f.cover();
    if (cover == null) {
      return 0;
    }
    Outlook outlook = planned.forecaster().outlook(cover, f.crop());
    return outlook.middleOn(on);
  }

  private SprayViews.SpraySheet sheet(UUID farmId, SprayJob job, SprayViews.SprayInput in) {
    List<SprayProduct> labels = in.uses().stream().map(u -> label(farmId, u.productId())).toList();
    return new SprayViews.SpraySheet(
        job.tanks(),
        job.parts().stream()
            .map(
                p ->
                    new SprayViews.SprayPart(
                        p.name(),
                        p.activeGPerHa(),
                        p.usedGPerHa(),
                        p.heightRow() == null ? null : p.heightRow().ratePerHa()))
            .toList(),
        job.findings().stream()
            .map(
                x ->
                    new SprayViews.SprayFinding(x.weight(), x.product(), ReasonView.of(x.reason())))
            .toList(),
        job.reentryHours(),
        job.rainFreeHours(),
        winds(labels.stream().map(SprayProduct::windLowMPerS))
            .max(Comparator.naturalOrder())
            .orElse(null),
        winds(labels.stream().map(SprayProduct::windHighMPerS))
            .min(Comparator.naturalOrder())
            .orElse(null));
  }

  private static Stream<Double> winds(Stream<@org.jspecify.annotations.Nullable Double> limits) {
    return limits.filter(Objects::nonNull).map(Objects::requireNonNull);
  }

  private SprayProduct label(UUID farmId, UUID id) {
    return StoredProduct.SHAPE.read(products.get(farmId, id, AWAY).label);
  }

  private static SprayViews.ProductView view(SprayProductRow row) {
    return new SprayViews.ProductView(row.id, row.version, StoredProduct.SHAPE.read(row.label));
  }
}
