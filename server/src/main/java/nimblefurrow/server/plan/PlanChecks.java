package nimblefurrow.server.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.seeding.PlanLimits;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;

/** What may be wrong with a plan, each with a sentence. */
final class PlanChecks {
  private final List<InputProblem.At> problems = new ArrayList<>();
  private final String where;

  private PlanChecks(String where) {
    this.where = where;
  }

  /** All that is wrong with a plan; empty when it can be stored. */
  static List<InputProblem.At> problems(
      PlanInput plan, int seasonYear, SpeciesTable table, String where) {
    PlanChecks checks = new PlanChecks(where);
    checks.check(plan, seasonYear, table);
    return checks.problems;
  }

  private void check(PlanInput plan, int seasonYear, SpeciesTable table) {
    if (plan.purposes().isEmpty()) {
      wrong("purposes", "Say at least one reason for the cover.");
    }
    plan.purposes().forEach(p -> known("purposes", Purpose::of, p));
    known("method", SeedingMethod::of, plan.method());
    known("ending", EndingMethod::of, plan.ending());
    components(plan.components(), table);
    rows(plan.rows());
    int season = SeasonDates.seasonOfSeeding(plan.seedOn(), seasonYear);
    SeasonDates.Range seeding = SeasonDates.seeding(season);
    if (!seeding.holds(plan.seedOn())) {
      wrong(
          "seedOn",
          "Seeding on %s is outside the season %d: %s to %s."
              .formatted(plan.seedOn(), season, seeding.first(), seeding.last()));
    }
    if (!plan.endOn().isAfter(plan.seedOn())) {
      wrong(
          "endOn",
          "The cover ends on %s, before it is seeded on %s."
              .formatted(plan.endOn(), plan.seedOn()));
    } else if (plan.endOn().isAfter(SeasonDates.whole(season).last())) {
      wrong("endOn", "The cover ends on " + plan.endOn() + ", after the season is over.");
    }
  }

  private void components(List<PlanInput.Component> components, SpeciesTable table) {
    if (components.isEmpty()) {
      wrong("components", "Choose at least one species.");
    }
    if (components.size() > PlanLimits.MOST_SPECIES) {
      wrong("components", "A mix may have at most " + PlanLimits.MOST_SPECIES + " species.");
    }
    Set<String> seen = new HashSet<>();
    for (int i = 0; i < components.size(); i++) {
      PlanInput.Component c = components.get(i);
      Species species = table.find(c.species()).orElse(null);
      if (species == null) {
        wrong("components[" + i + "].species", "There is no species “" + c.species() + "”.");
        continue;
      }
      if (!seen.add(c.species())) {
        wrong("components[" + i + "].species", species.name() + " stands in the mix twice.");
      }
      double low = PlanLimits.leastKgPerHa(species);
      double high = PlanLimits.mostKgPerHa(species);
      if (!(c.rateKgPerHa() >= low && c.rateKgPerHa() <= high)) {
        wrong(
            "components[" + i + "].rateKgPerHa",
            "%s at %.1f kg/ha (%.1f lb/ac): between %.1f and %.0f kg/ha (%.1f and %.0f lb/ac) can be seeded."
                .formatted(
                    species.name(),
                    c.rateKgPerHa(),
                    lb(c.rateKgPerHa()),
                    low,
                    high,
                    lb(low),
                    lb(high)));
      }
    }
  }

  private void rows(@Nullable RowSetupView rows) {
    try {
      if (rows != null) {
        rows.setup();
      }
    } catch (Refused e) {
      wrong("rows." + e.where(), String.valueOf(e.getMessage()));
    }
  }

  private static double lb(double kgPerHa) {
    return UnitSystem.US.convert(kgPerHa, Unit.KG_PER_HA);
  }

  private void known(String path, Consumer<String> lookup, String key) {
    try {
      lookup.accept(key);
    } catch (Refused e) {
      wrong(path, e.getMessage() + ".");
    }
  }

  private void wrong(String path, String sentence) {
    problems.add(new InputProblem.At(where.isEmpty() ? path : where + ": " + path, sentence));
  }
}
