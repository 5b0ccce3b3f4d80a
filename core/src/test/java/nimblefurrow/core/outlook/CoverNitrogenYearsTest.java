package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.nutrient.NitrogenKnown;
import nimblefurrow.core.nutrient.NitrogenKnown.Clipped;
import nimblefurrow.core.nutrient.NitrogenKnown.CoverNitrogen;
import nimblefurrow.core.nutrient.NitrogenLedger;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Spread;
import org.junit.jupiter.api.Test;

/** A cover's nitrogen as a ledger takes it, out of the years the model ran. */
class CoverNitrogenYearsTest {
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);
  private static final LocalDate END = LocalDate.of(2027, 5, 12);

  private static CoverPlan plan(CoverComponent... cover) {
    CoverPlan p = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 8, 20), cover);
    return new CoverPlan(p.soil(), p.start(), p.cover(), p.method(), p.seedOn(), END, END);
  }

  private static CoverNitrogen of(CoverPlan plan) {
    return CoverNitrogenYears.of(FORECASTER, plan, WHEAT, Endings.ROLL_PLANT, null);
  }

  @Test
  void ryeHoldsWhatItTookAndALegumeMadeMostOfIts() {
    CoverNitrogen rye = of(plan(Farm.seed("cereal_rye", 80)));
    assertThat(rye.topsKgPerHa()).isPositive();
    assertThat(rye.takenUpKgPerHa()).isCloseTo(rye.topsKgPerHa(), within(1e-9));
    CoverNitrogen vetch = of(plan(Farm.seed("hairy_vetch", 25)));
    assertThat(vetch.takenUpKgPerHa()).isCloseTo(0.33 * vetch.topsKgPerHa(), within(1e-6));
    CoverNitrogen both = of(plan(Farm.seed("cereal_rye", 30), Farm.seed("hairy_vetch", 20)));
    assertThat(both.takenUpKgPerHa() / both.topsKgPerHa()).isBetween(0.34, 0.99);
  }

  @Test
  void whatIsFreedIsWhatTheEndingsOwnAnswerSays() {
    CoverPlan plan = plan(Farm.seed("hairy_vetch", 25));
    CoverNitrogen n = of(plan);
    AfterEnding after = AfterEnding.of(FORECASTER, plan, WHEAT, Endings.ROLL_PLANT);
    for (double share : new double[] {0.1, 0.5, 0.9}) {
      assertThat(n.freedKgPerHa().quantile(share))
          .isEqualTo(after.nitrogenKgPerHa().quantile(share));
    }
    assertThat(n.endedOn()).isEqualTo(END);
    assertThat(n.mulchByWeek())
        .isEqualTo(after.mulch().stream().map(Spread::median).toList())
        .hasSizeGreaterThan(8);
  }

  @Test
  void aSampleGoesThroughToTheLedgerAndRottingOrdersItsWeeks() {
    CoverPlan plan = plan(Farm.seed("hairy_vetch", 25));
    CoverNitrogen n =
        CoverNitrogenYears.of(FORECASTER, plan, WHEAT, Endings.ROLL_PLANT, new Clipped(3, 0.036));
    NitrogenLedger ledger = NitrogenLedger.of(new NitrogenKnown(List.of(), List.of(), n));
    assertThat(ledger.available()).isCloseTo(108 * (24.5 * 3.6 - 37) / 100, within(1e-9));
    double before = 0;
    for (NitrogenLedger.Week w : ledger.weeks()) {
      assertThat(w.low()).isLessThanOrEqualTo(w.middle());
      assertThat(w.high()).isGreaterThanOrEqualTo(w.middle());
      assertThat(w.middle()).as(w.on().toString()).isGreaterThanOrEqualTo(before - 1e-9);
      before = w.middle();
    }
    assertThat(before).isCloseTo(ledger.available(), within(1e-9));
  }

  @Test
  void ripeRyeTiesUpAndTheLedgerSaysBringItForward() {
    CoverPlan p = Farm.plan(Seedings.DRILL, LocalDate.of(2026, 9, 5), Farm.seed("cereal_rye", 90));
    LocalDate june = LocalDate.of(2027, 6, 8);
    CoverPlan ripe =
        new CoverPlan(p.soil(), p.start(), p.cover(), p.method(), p.seedOn(), june, june);
    NitrogenLedger ledger = NitrogenLedger.of(new NitrogenKnown(List.of(), List.of(), of(ripe)));
    assertThat(ledger.available()).isNegative();
    assertThat(ledger.credit("corn", false, 1).text()).startsWith("bring {n} forward");
    assertThat(ledger.weeks().get(ledger.weeks().size() - 1).middle()).isNegative();
  }
}
