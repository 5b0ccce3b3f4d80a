package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.core.units.Reason;
import org.junit.jupiter.api.Test;

/** Other days of a cover tried while all else of its plan stays. */
class TriedDaysTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final Forecaster FORECASTER = new Forecaster(Farm.MODEL);
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 12);
  private static final LocalDate SEED = LocalDate.of(2026, 10, 5);
  private static final LocalDate CLOSES = LocalDate.of(2026, 11, 10);
  private static final LocalDate END = LocalDate.of(2027, 5, 10);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 24);
  private static final CoverPlan RYE =
      Farm.plan(Seedings.DRILL, SEED, Farm.seed("cereal_rye", 80)).ended(END, PLANT, List.of());

  private static TriedDays tried(
      LocalDate today, Map<Deed, LocalDate> logged, Map<Deed, KeptDay> kept) {
    return new TriedDays(
        new FieldStanding.Known(today, null, null, PLANT, logged, Map.of(), Map.of(), 1),
        kept,
        RYE,
        Endings.SPRAY_EARLY,
        CLOSES,
        Purpose.SMOTHER_WEEDS);
  }

  @Test
  void theCoverStandsFromTheTriedDayToTheTriedDayEndedItsWay() {
    CoverPlan is =
        tried(TODAY, Map.of(), Map.of()).on(SEED.plusDays(9), END.minusDays(3)).orElseThrow();
    assertThat(is.seedOn()).isEqualTo(SEED.plusDays(9));
    assertThat(is.endOn()).isEqualTo(END.minusDays(3));
    assertThat(is.plantOn()).isEqualTo(PLANT);
    assertThat(is.acts()).isEqualTo(Endings.SPRAY_EARLY.acts(END.minusDays(3))).isNotEmpty();
    assertThat(is.cover()).isEqualTo(RYE.cover());
  }

  @Test
  void whatIsSeededStaysOnItsDay() {
    Map<Deed, LocalDate> seeded = Map.of(Deed.SEEDING, SEED);
    LocalDate november = LocalDate.of(2026, 11, 20);
    assertThat(tried(november, seeded, Map.of()).on(SEED.plusDays(9), END).orElseThrow().seedOn())
        .isEqualTo(SEED);
  }

  @Test
  void aKeptDayHoldsForTheMeantDayAlone() {
    Map<Deed, KeptDay> kept = Map.of(Deed.SEEDING, new KeptDay(SEED.plusDays(4), SEED));
    TriedDays t = tried(TODAY, Map.of(), kept);
    assertThat(t.on(SEED, END).orElseThrow().seedOn()).isEqualTo(SEED.plusDays(4));
    assertThat(t.on(SEED.plusDays(1), END).orElseThrow().seedOn()).isEqualTo(SEED.plusDays(1));
  }

  @Test
  void whatCanNoLongerBeSeededChangesNothing() {
    TriedDays t = tried(CLOSES.plusDays(1), Map.of(), Map.of());
    assertThat(t.on(SEED, END)).isEmpty();
    assertThat(t.changes(FORECASTER, BEANS, SEED, END.plusDays(5))).isEmpty();
  }

  @Test
  void theChangesAreThoseOfTheTwoCovers() {
    TriedDays t = tried(TODAY, Map.of(), Map.of());
    CoverPlan was = t.on(SEED, END).orElseThrow();
    CoverPlan is = t.on(SEED, END.plusDays(8)).orElseThrow();
    List<Reason> changes = t.changes(FORECASTER, BEANS, SEED, END.plusDays(8));
    assertThat(changes)
        .isEqualTo(
            PlanDifference.between(
                was,
                FORECASTER.outlook(was, BEANS),
                is,
                FORECASTER.outlook(is, BEANS),
                Purpose.SMOTHER_WEEDS));
    assertThat(changes.get(0).text()).isEqualTo("ended {days} later");
    assertThat(changes.get(1).text()).isEqualTo("{mass} more cover at the end");
  }
}
