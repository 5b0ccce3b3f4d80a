package nimblefurrow.server.plan;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;

/** Stored covers as links of a chain. */
public record Links(SpeciesTable table) {
  /** Covers as they were planned. */
  public List<Link.Cover> covers(List<PlanView> plans) {
    return plans.stream().map(this::cover).toList();
  }

  /** A cover as it was planned. */
  public Link.Cover cover(PlanView stored) {
    return cover(stored, stored.plan().seedOn(), stored.plan().endOn(), false);
  }

  /** A cover on the days it really stood, or is likely to. */
  public Link.Cover cover(
      PlanView stored, LocalDate seededOn, LocalDate endedOn, boolean treatedSeed) {
    PlanInput plan = stored.plan();
    List<Species> species = species(plan);
    return new Link.Cover(
        stored.id().toString(),
        Species.together(species),
        stored.seasonYear(),
        species,
        SeedingMethod.of(plan.method()),
        seededOn,
        endedOn,
        EndingMethod.of(plan.ending()),
        treatedSeed);
  }

  private List<Species> species(PlanInput plan) {
    return plan.components().stream().map(c -> table.get(c.species())).toList();
  }
}
