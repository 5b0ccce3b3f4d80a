package nimblefurrow.server.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seed.SeedBook;
import nimblefurrow.core.units.Need;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.learn.LearningService;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.seedstock.BoughtSeed;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the season's plans still need of each seed, against stock. */
@Service
class SeedList {
  private final SeedService seed;
  private final SpeciesService species;
  private final PlannedFields standings;
  private final LearningService learning;

  SeedList(
      SeedService seed, SpeciesService species, PlannedFields standings, LearningService learning) {
    this.learning = learning;
    this.seed = seed;
    this.species = species;
    this.standings = standings;
  }

  /** What a field asks of its seed: each kind is bought, kept and paid apart. */
  private enum Grade {
    ANY(""),
    /** Cattle eat what grows of it. */
    UNTREATED(", untreated"),
    ORGANIC(", organic");

    private final String words;

    Grade(String words) {
      this.words = words;
    }

    static Grade of(FieldView field, PlanInput plan) {
      if (field.organic()) {
        return ORGANIC;
      }
      boolean eaten =
          plan.purposes().contains(Purpose.FEED_CATTLE.key())
              || EndingMethod.of(plan.ending()).feeds();
      return eaten ? UNTREATED : ANY;
    }

    /** Whether a lot will do; what is not needed untreated is taken from the treated first. */
    boolean takes(LotView lot) {
      return switch (this) {
        case ANY -> !lot.organic();
        case UNTREATED -> !lot.organic() && !lot.treated();
        case ORGANIC -> lot.organic();
      };
    }
  }

  private record Want(String species, Grade grade) {}

  private static final class Wanted {
    double kg;
    final List<String> fields = new ArrayList<>();
  }

  /**
   * By kind of seed, the largest purchase first.
   *
   * @param allowance share bought over what is needed
   */
  @Transactional(readOnly = true)
  List<JobViews.SeedNeed> needs(UUID farmId, double allowance) {
    Need.notNegative("allowance", "The allowance", allowance);
    Map<Want, Wanted> wanted = wanted(farmId, allowance);
    List<LotView> lots = seed.lots(farmId);
    for (LotView l : lots) {
      Grade grade = l.organic() ? Grade.ORGANIC : Grade.ANY;
      wanted.computeIfAbsent(new Want(l.species(), grade), k -> new Wanted());
    }
    SpeciesTable table = species.table(farmId);
    Map<String, Double> untreatedTaken = new TreeMap<>();
    List<JobViews.SeedNeed> rows = new ArrayList<>();
    wanted.entrySet().stream()
        // What must be untreated has the first call on what is.
        .sorted(Comparator.comparing(e -> e.getKey().grade() == Grade.ANY))
        .forEach(
            e -> {
              Want want = e.getKey();
              double kg = e.getValue().kg;
              List<LotView> own =
                  lots.stream()
                      .filter(l -> l.species().equals(want.species()) && want.grade().takes(l))
                      .toList();
              double have = own.stream().mapToDouble(LotView::leftKg).sum();
              if (want.grade() == Grade.UNTREATED) {
                untreatedTaken.put(want.species(), Math.min(kg, have));
              } else if (want.grade() == Grade.ANY) {
                have -= untreatedTaken.getOrDefault(want.species(), 0.0);
              }
              rows.add(row(table.get(want.species()), want.grade(), e.getValue(), have, own));
            });
    rows.sort(Comparator.comparing((JobViews.SeedNeed n) -> -n.buyKg()));
    return rows;
  }

  private static JobViews.SeedNeed row(
      Species s, Grade grade, Wanted wanted, double have, List<LotView> own) {
    double buy = SeedBook.toBuy(wanted.kg, have);
    double price =
        BoughtSeed.toBuy(own.stream().map(LotView::bought).toList()).orElse(s.seedUsdPerKg());
    return new JobViews.SeedNeed(
        s.id(),
        s.name() + grade.words,
        grade == Grade.ORGANIC,
        grade == Grade.UNTREATED,
        wanted.kg,
        have,
        buy,
        buy * price,
        List.copyOf(wanted.fields));
  }

  private Map<Want, Wanted> wanted(UUID farmId, double allowance) {
    Map<Want, Wanted> wanted =
        new TreeMap<>(Comparator.comparing(Want::species).thenComparing(Want::grade));
    // Where more goes out than is meant, more is needed.
    double goesOut = learning.of(farmId).factor(Learnt.RATE, "");
    for (PlannedFields.ToSeed open : standings.toSeed(farmId)) {
      FieldView f = open.field();
      PlanView plan = open.plan();
      double rest = f.areaHa() * open.share();
      for (PlanInput.Component c : plan.plan().components()) {
        Wanted w =
            wanted.computeIfAbsent(
                new Want(c.species(), Grade.of(f, plan.plan())), k -> new Wanted());
        w.kg += c.rateKgPerHa() * rest * (1 + allowance) * goesOut;
        w.fields.add(f.name() + plan.plan().boxOf(c.species()));
      }
    }
    return wanted;
  }
}
