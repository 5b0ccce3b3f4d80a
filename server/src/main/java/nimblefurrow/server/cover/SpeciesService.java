package nimblefurrow.server.cover;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.OwnSpecies;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The species of a farm. Callers have checked who asks. */
@Service
public class SpeciesService {
  private static final String AWAY = "This farm has no such species.";

  private final SpeciesTable shipped;
  private final OwnSpeciesRows rows;
  private final SeedPrices prices;

  SpeciesService(SpeciesTable shipped, OwnSpeciesRows rows, SeedPrices prices) {
    this.prices = prices;
    this.shipped = shipped;
    this.rows = rows;
  }

  /** The table a farm chooses from: what ships, then its own, at the prices it pays. */
  @Transactional(readOnly = true)
  public SpeciesTable table(UUID farmId) {
    return shipped
        .with(
            rows.findByFarmIdOrderByName(farmId).stream()
                .map(row -> StoredSpecies.SHAPE.read(row.facts))
                .toList())
        .priced(prices.of(farmId));
  }

  /** The farm's own species by name. */
  @Transactional(readOnly = true)
  public List<OwnSpeciesView> own(UUID farmId) {
    return rows.findByFarmIdOrderByName(farmId).stream().map(SpeciesService::view).toList();
  }

  /**
   * Adds or changes a species of the farm's own.
   *
   * @throws Refused when it lies outside what the model of its likeness holds for, or its name is
   *     taken
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public OwnSpeciesView put(UUID farmId, OwnSpeciesView in) {
    OwnSpecies facts = in.facts();
    facts.in(shipped);
    String name = facts.name().strip();
    table(farmId).all().stream()
        .filter(s -> s.name().equalsIgnoreCase(name) && !s.id().equals(facts.id()))
        .findFirst()
        .ifPresent(
            s -> {
              throw new Refused("name", "There is already a species called " + s.name() + ".");
            });
    Optional<OwnSpeciesRow> there = rows.toPut(farmId, facts.id(), AWAY);
    there.ifPresent(r -> ChangedMeanwhile.unless(r.version, in.version(), r.name, () -> view(r)));
    OwnSpeciesRow row = there.orElseGet(OwnSpeciesRow::new);
    row.id = facts.id();
    row.farmId = farmId;
    row.name = name;
    row.facts = StoredSpecies.SHAPE.store(facts);
    return view(rows.saveAndFlush(row));
  }

  /**
   * Takes a species of the farm's own away.
   *
   * @throws Refused when a plan, lot or mix still names it
   */
  @Transactional
  public void remove(UUID farmId, String id) {
    OwnSpeciesRow row = rows.get(farmId, id, AWAY);
    rows.usedIn(farmId, id).stream()
        .findFirst()
        .ifPresent(
            where -> {
              throw new Refused("id", row.name + " is still used in " + where + ".");
            });
    rows.delete(row);
  }

  private static OwnSpeciesView view(OwnSpeciesRow row) {
    return new OwnSpeciesView(row.version, StoredSpecies.SHAPE.read(row.facts));
  }
}
