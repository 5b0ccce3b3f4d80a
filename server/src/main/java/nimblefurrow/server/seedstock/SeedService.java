package nimblefurrow.server.seedstock;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Seed lots and mixes of a farm. Callers have checked who asks. */
@Service
public class SeedService {
  private static final String AWAY = "This farm has no such seed lot.";
  private static final String NO_MIX = "This farm has no such mix.";

  private final SeedLots lots;
  private final SeedUses uses;
  private final FarmMixes mixes;
  private final SpeciesService species;

  SeedService(SeedLots lots, SeedUses uses, FarmMixes mixes, SpeciesService species) {
    this.lots = lots;
    this.uses = uses;
    this.mixes = mixes;
    this.species = species;
  }

  /** All lots by species. */
  @Transactional(readOnly = true)
  public List<LotView> lots(UUID farmId) {
    Map<UUID, BigDecimal> used = new HashMap<>();
    uses.findByFarmId(farmId).forEach(u -> used.merge(u.lotId, u.kg, BigDecimal::add));
    return lots.findByFarmIdAndRemovedFalseOrderBySpeciesAscLotNoAsc(farmId).stream()
        .map(l -> view(l, used.getOrDefault(l.id, BigDecimal.ZERO)))
        .toList();
  }

  /**
   * Adds or changes a lot.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public LotView put(UUID farmId, LotView l) {
    check(farmId, l);
    Optional<SeedLot> there = lots.toPut(farmId, l.id(), AWAY);
    BigDecimal used = used(farmId, l.id());
    there.ifPresent(
        o -> {
          if (o.removed) {
            throw new Refused(
                "id", "This lot was taken out meanwhile; put it back, then change it.");
          }
          ChangedMeanwhile.unless(o.version, l.version(), "this lot", () -> view(o, used));
        });
    SeedLot stored = there.orElseGet(SeedLot::new);
    stored.id = l.id();
    stored.farmId = farmId;
    if (decimal(l.boughtKg(), 3).compareTo(used) < 0) {
      throw new Refused(
          "boughtKg",
          "%.0f kg (%.0f lb) of this lot went into fields already; less than that was not bought."
              .formatted(
                  used.doubleValue(),
                  used.doubleValue() / nimblefurrow.core.units.UnitSystem.KG_PER_LB));
    }
    stored.species = l.species();
    stored.variety = l.variety().strip();
    stored.lotNo = l.lotNo().strip();
    stored.supplier = l.supplier().strip();
    stored.germination = l.germination();
    stored.purity = l.purity();
    stored.testedOn = l.testedOn();
    stored.treated = l.treated();
    stored.organic = l.organic();
    stored.usdPerKg = decimal(l.usdPerKg(), 4);
    stored.boughtKg = decimal(l.boughtKg(), 3);
    UUID id = lots.saveAndFlush(stored).id;
    return lots(farmId).stream().filter(v -> v.id().equals(id)).findFirst().orElseThrow();
  }

  private BigDecimal used(UUID farmId, UUID lotId) {
    return uses.findByFarmId(farmId).stream()
        .filter(u -> u.lotId.equals(lotId))
        .map(u -> u.kg)
        .reduce(BigDecimal.ZERO, BigDecimal::add);
  }

  /** Seed drawn from a lot for a seeding. */
  public record Drawn(UUID logEntryId, UUID lotId, double kg) {}

  /** All that seedings drew from a farm's lots, the largest share first. */
  @Transactional(readOnly = true)
  public List<Drawn> drawn(UUID farmId) {
    List<Drawn> all = new ArrayList<>();
    for (SeedUse u : uses.findByFarmId(farmId)) {
      UUID entry = u.logEntryId;
      if (entry != null) {
        all.add(new Drawn(entry, u.lotId, u.kg.doubleValue()));
      }
    }
    all.sort(Comparator.comparingDouble((Drawn d) -> -d.kg()));
    return all;
  }

  /** Whether a lot is the farm's. */
  @Transactional(readOnly = true)
  public boolean has(UUID farmId, UUID lotId) {
    return lots.findByFarmIdAndId(farmId, lotId).isPresent();
  }

  private void check(UUID farmId, LotView l) {
    if (species.table(farmId).find(l.species()).isEmpty()) {
      throw new Refused("species", "Choose the species of this seed.");
    }
    if (l.germination() != null) {
      Need.share("germination", "Germination", l.germination());
    }
    if (l.purity() != null) {
      Need.share("purity", "Purity", l.purity());
    }
    Need.notNegative("usdPerKg", "The price", l.usdPerKg());
    Need.notNegative("boughtKg", "The mass bought", l.boughtKg());
    if (l.treated() && l.organic()) {
      throw new Refused("treated", "Treated seed is not organic seed; choose one.");
    }
  }

  /** Takes a lot out of the bin, or puts it back; what was used of it stays in the log. */
  @Transactional
  public void remove(UUID farmId, UUID lotId, boolean removed) {
    find(farmId, lotId).removed = removed;
  }

  /**
   * Takes seed off lots for a field.
   *
   * @param kgByLot mass by lot
   * @throws Refused when a lot does not hold as much
   */
  @Transactional
  public void use(
      UUID farmId, UUID fieldId, UUID logEntryId, Map<UUID, Double> kgByLot, LocalDate day) {
    lots.findByFarmIdAndIdInOrderById(farmId, kgByLot.keySet());
    Map<UUID, LotView> stock = new HashMap<>();
    lots(farmId).forEach(l -> stock.put(l.id(), l));
    kgByLot.forEach(
        (lotId, kg) -> {
          LotView lot = stock.get(lotId);
          if (lot == null) {
            throw new NotFound("This farm has no such seed lot.");
          }
          Need.positive("lots", "The mass taken from a lot", kg);
          if (kg > lot.leftKg() + 0.0005) {
            throw new Refused(
                "lots",
                "Lot %s holds %.0f kg (%.0f lb); %.0f kg (%.0f lb) cannot have come out of it."
                        .formatted(
                            lot.lotNo(),
                            lot.leftKg(),
                            lot.leftKg() / nimblefurrow.core.units.UnitSystem.KG_PER_LB,
                            kg,
                            kg / nimblefurrow.core.units.UnitSystem.KG_PER_LB)
                    + " Is more in stock than was written down, or did some come from another lot?");
          }
          SeedUse use = new SeedUse();
          use.id = UUID.randomUUID();
          use.farmId = farmId;
          use.lotId = lotId;
          use.fieldId = fieldId;
          use.logEntryId = logEntryId;
          use.kg = decimal(kg, 3);
          use.usedOn = day;
          uses.save(use);
        });
  }

  /** The farm's mixes by name. */
  @Transactional(readOnly = true)
  public List<MixView> mixes(UUID farmId) {
    return mixes.findByFarmIdOrderByName(farmId).stream().map(SeedService::view).toList();
  }

  /** Adds or changes a mix. */
  @Saving
  public MixView putMix(UUID farmId, MixView m) {
    if (m.name().isBlank()) {
      throw new Refused("name", "Give the mix a name.");
    }
    if (m.components().isEmpty()) {
      throw new Refused("components", "Choose at least one species.");
    }
    SpeciesTable table = species.table(farmId);
    for (int i = 0; i < m.components().size(); i++) {
      if (table.find(m.components().get(i).species()).isEmpty()) {
        throw new Refused("components[" + i + "].species", "Choose a species of the table.");
      }
    }
    mixes.findByFarmIdOrderByName(farmId).stream()
        .filter(o -> o.name.equalsIgnoreCase(m.name().strip()) && !o.id.equals(m.id()))
        .findFirst()
        .ifPresent(
            o -> {
              throw new Refused("name", "There is already a mix called " + o.name + ".");
            });
    Optional<FarmMix> there = mixes.toPut(farmId, m.id(), NO_MIX);
    there.ifPresent(
        o -> ChangedMeanwhile.unless(o.version, m.version(), "this mix", () -> view(o)));
    FarmMix stored = there.orElseGet(FarmMix::new);
    stored.id = m.id();
    stored.farmId = farmId;
    stored.name = m.name().strip();
    stored.components = m.components().stream().map(StoredSeed::of).toList();
    return view(mixes.saveAndFlush(stored));
  }

  /** Takes a mix away. */
  @Transactional
  public void removeMix(UUID farmId, UUID mixId) {
    mixes.delete(mixes.get(farmId, mixId, NO_MIX));
  }

  private SeedLot find(UUID farmId, UUID lotId) {
    return lots.get(farmId, lotId, AWAY);
  }

  private static BigDecimal decimal(double value, int places) {
    return BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
  }

  private static MixView view(FarmMix m) {
    return new MixView(
        m.id, m.version, m.name, m.components.stream().map(StoredSeed::component).toList());
  }

  private static LotView view(SeedLot l, @Nullable BigDecimal used) {
    return new LotView(
        l.id,
        l.version,
        l.species,
        l.variety,
        l.lotNo,
        l.supplier,
        l.germination,
        l.purity,
        l.testedOn,
        l.treated,
        l.organic,
        l.usdPerKg.doubleValue(),
        l.boughtKg.doubleValue(),
        used == null ? 0 : used.doubleValue());
  }
}
