package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Endings that are not instant: what stands is never lost or made, and each act does its work. */
class EndingsTest {
  private static final Sky SKY = Sky.over(Farm.RECORD, Station.shipped().get(0).place());
  private static final CashCrop WHEAT = new CashCrop.SmallGrain(LocalDate.of(1999, 7, 10));
  private static final LocalDate APRIL = LocalDate.of(2000, 4, 24);
  private static final LocalDate MAY = LocalDate.of(2000, 5, 22);

  private static SeasonPlan plan(List<Ending> acts, CoverComponent... cover) {
    return new SeasonPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        WHEAT,
        List.of(cover),
        Placement.DRILL,
        LocalDate.of(1999, 9, 12),
        acts,
        null);
  }

  private static SeasonRun run(List<Ending> acts, CoverComponent... cover) {
    return Farm.MODEL.run(SKY, plan(acts, cover));
  }

  private static SeasonRun rye(Ending... acts) {
    return run(List.of(acts), Farm.seed("cereal_rye", 70));
  }

  private static SeasonRun mix(List<Ending> acts) {
    return run(acts, Farm.seed("cereal_rye", 40), Farm.seed("hairy_vetch", 20));
  }

  private static double at(double[] column, SeasonRun run, LocalDate day) {
    return column[run.columns().indexOf(day)];
  }

  private static double cover(SeasonRun run, LocalDate day) {
    return run.columns().totalCoverMgPerHa(run.columns().indexOf(day));
  }

  private static double dead(SeasonRun run, LocalDate day) {
    return at(run.columns().mulchMgPerHa(), run, day) + at(run.columns().dyingMgPerHa(), run, day);
  }

  static Stream<Ending> acts() {
    return Stream.of(
        new Ending.Kill(MAY),
        Ending.Till.usual(MAY),
        Ending.Spray.usual(MAY),
        Ending.Roll.usual(MAY),
        new Ending.Cut(MAY, 10, false),
        new Ending.Cut(MAY, 10, true),
        Ending.Graze.usual(MAY, MAY));
  }

  @ParameterizedTest
  @MethodSource("acts")
  void nothingStandingIsLostOrMade(Ending act) {
    SeasonRun without = mix(List.of());
    SeasonRun with = mix(List.of(act));
    EndingEffect effect = with.effects().get(0);
    double taken =
        effect.mulchMgPerHa()
            + effect.dyingMgPerHa()
            + effect.takenOffMgPerHa()
            + effect.buriedMgPerHa();
    assertThat(taken).isPositive();
    assertThat(cover(with, MAY) + taken).isCloseTo(cover(without, MAY), within(1e-9));
    if (effect.buriedMgPerHa() == 0) {
      assertThat(dead(with, MAY) - dead(without, MAY))
          .isCloseTo(taken - effect.takenOffMgPerHa(), within(5e-4));
    }
  }

  @ParameterizedTest
  @MethodSource("acts")
  void waterIsStillConserved(Ending act) {
    SeasonRun run = mix(List.of(act));
    SeasonColumns c = run.columns();
    int last = c.days() - 1;
    int from = SKY.weather().indexOf(c.start());
    double rain = 0;
    for (int i = 0; i < c.days(); i++) {
      rain += SKY.weather().precipMm(from + i);
    }
    SeasonRun.Water w = run.water();
    double used =
        w.coverTranspirationMm()
            + w.cropTranspirationMm()
            + w.soilEvaporationMm()
            + w.drainageMm()
            + w.runoffMm();
    ModelParameters.SoilWater held = ModelParameters.shipped().soil(Soil.USUAL.texture());
    double start =
        1200 * (held.wiltingPoint() + 0.85 * (held.fieldCapacity() - held.wiltingPoint()));
    double end = Arrays.stream(c.soilWaterMm()).mapToDouble(layer -> layer[last]).sum();
    assertThat(start + rain - used).isCloseTo(end, within(1e-6));
  }

  @Test
  void aSprayedCoverFadesAndThenIsMulch() {
    SeasonRun sprayed = rye(Ending.Spray.usual(APRIL));
    EndingEffect effect = sprayed.effects().get(0);
    LocalDate brown = effect.brownOn();
    assertThat(brown).isBetween(APRIL.plusDays(12), APRIL.plusDays(18));
    assertThat(effect.kill()[0]).isBetween(0.9, 0.98);
    SeasonColumns c = sprayed.columns();
    assertThat(at(c.mulchMgPerHa(), sprayed, brown.minusDays(1))).isLessThan(0.5);
    assertThat(at(c.dyingMgPerHa(), sprayed, brown.minusDays(1))).isEqualTo(effect.dyingMgPerHa());
    assertThat(at(c.dyingMgPerHa(), sprayed, brown)).isZero();
    assertThat(at(c.mulchMgPerHa(), sprayed, brown)).isGreaterThan(effect.dyingMgPerHa());
    double before = at(c.leafAreaIndex(), sprayed, APRIL);
    double half = at(c.leafAreaIndex(), sprayed, APRIL.plusDays(6));
    double after = at(c.leafAreaIndex(), sprayed, brown.plusDays(1));
    assertThat(before).isGreaterThan(half);
    assertThat(half).isGreaterThan(after);
  }

  @Test
  void aSprayedCoverDrinksMoreThanADeadOneAndLessThanALivingOne() {
    double killed = rye(new Ending.Kill(APRIL)).water().coverTranspirationMm();
    double contact =
        rye(new Ending.Spray(APRIL, Ending.Mode.CONTACT, 1.0)).water().coverTranspirationMm();
    double systemic =
        rye(new Ending.Spray(APRIL, Ending.Mode.SYSTEMIC, 1.0)).water().coverTranspirationMm();
    double living = rye().water().coverTranspirationMm();
    assertThat(killed).isLessThan(contact);
    assertThat(contact).isLessThan(systemic);
    assertThat(systemic).isLessThan(living);
  }

  @Test
  void missesGrowOnAndTheGrowersOwnKillRules() {
    SeasonRun half = rye(new Ending.Spray(APRIL, Ending.Mode.SYSTEMIC, 0.5));
    assertThat(half.effects().get(0).kill()).containsExactly(0.5);
    assertThat(cover(half, MAY)).isGreaterThan(cover(half, APRIL));
    SeasonRun full = rye(new Ending.Spray(APRIL, Ending.Mode.SYSTEMIC, 1.0));
    assertThat(cover(full, APRIL)).isZero();
    assertThat(cover(full, MAY)).isZero();
  }

  @Test
  void coldAndRipenessMakeMisses() {
    // The three days around 4 March 2000 were cool; those around 24 April warm.
    double cool = kill("cereal_rye", LocalDate.of(2000, 3, 17));
    double warm = kill("cereal_rye", APRIL);
    double headed = kill("cereal_rye", LocalDate.of(2000, 5, 25));
    assertThat(cool).isLessThan(warm);
    assertThat(headed).isCloseTo(0.90, within(1e-6));
    assertThat(kill("red_clover", MAY)).isLessThan(kill("hairy_vetch", MAY));
    assertThat(kill("rapeseed", MAY)).isCloseTo(0.60, within(0.02));
    assertThat(kill("annual_ryegrass", MAY)).isBetween(0.5, 0.85);
  }

  private static double kill(String species, LocalDate day) {
    return run(List.of(Ending.Spray.usual(day)), Farm.seed(species, 25)).effects().get(0).kill()[0];
  }

  @Test
  void aRollersSurvivorsStandUpWithinAWeekAndRipenOn() {
    LocalDate boot = LocalDate.of(2000, 5, 10);
    SeasonRun lying = rye(Ending.Roll.usual(boot));
    SeasonRun atOnce = rye(new Ending.Roll(boot, Ending.Stems.DRY, Ending.Ground.FIRM, 450, 1, 0));
    assertThat(lying.effects().get(0).kill()).isEqualTo(atOnce.effects().get(0).kill());
    double first = at(lying.columns().leafAreaIndex(), lying, boot.plusDays(1));
    double later = at(lying.columns().leafAreaIndex(), lying, boot.plusDays(6));
    assertThat(first)
        .isLessThan(0.2 * at(atOnce.columns().leafAreaIndex(), atOnce, boot.plusDays(1)));
    assertThat(later).isGreaterThan(first);
    assertThat(cover(lying, MAY)).isBetween(0.5 * cover(lying, boot), cover(atOnce, MAY));
    assertThat(lying.components().get(0).stages()).containsKey("soft dough");
  }

  @Test
  void tillageTakesTheMulchFromTheTop() {
    SeasonRun tilled = rye(Ending.Till.usual(MAY));
    SeasonRun killed = rye(new Ending.Kill(MAY));
    assertThat(at(tilled.columns().mulchMgPerHa(), tilled, MAY))
        .isCloseTo(0.15 * at(killed.columns().mulchMgPerHa(), killed, MAY), within(1e-9));
    assertThat(at(tilled.columns().residueMgPerHa(), tilled, MAY))
        .isLessThan(at(killed.columns().residueMgPerHa(), killed, MAY));
  }

  @Test
  void whatIsCutBeforeItJointsGrowsAgainAndLaterMostlyNot() {
    LocalDate early = LocalDate.of(2000, 4, 5);
    SeasonRun young = rye(new Ending.Cut(early, 5, false));
    assertThat(young.effects().get(0).kill()).containsExactly(0);
    assertThat(cover(young, MAY)).isGreaterThan(cover(young, early) + 1);
    SeasonRun headed = rye(new Ending.Cut(MAY, 10, true));
    assertThat(headed.effects().get(0).kill()).containsExactly(0.7);
    assertThat(headed.effects().get(0).takenOffMgPerHa())
        .isGreaterThan(5 * headed.effects().get(0).mulchMgPerHa());
    SeasonRun vetch = run(List.of(new Ending.Cut(MAY, 10, true)), Farm.seed("hairy_vetch", 25));
    assertThat(vetch.effects().get(0).kill()).containsExactly(0);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.0, 0.2, 0.5})
  void cattleEatTheirRationDownToTheResidualAndTheRestGrowsBack(double trodden) {
    LocalDate from = LocalDate.of(2000, 4, 10);
    LocalDate until = LocalDate.of(2000, 5, 1);
    Ending.Graze graze = new Ending.Graze(from, until, 0.3, trodden, 0.8);
    SeasonRun grazed = rye(graze);
    EndingEffect effect = grazed.effects().get(0);
    assertThat(grazed.effects()).hasSize(1);
    assertThat(effect.takenOffMgPerHa()).isBetween(0.5, 22 * 0.3);
    assertThat(effect.mulchMgPerHa())
        .isCloseTo(effect.takenOffMgPerHa() * trodden / (1 - trodden), within(1e-9));
    for (LocalDate day = from; !day.isAfter(until); day = day.plusDays(1)) {
      assertThat(cover(grazed, day)).isGreaterThanOrEqualTo(0.8 - 1e-9);
    }
    assertThat(cover(grazed, MAY)).isGreaterThan(cover(grazed, until));
    assertThat(cover(grazed, MAY)).isLessThan(cover(rye(), MAY));
    assertThat(grazed.termination()).isNull();
  }

  @Test
  void actsFollowOneAnother() {
    Ending roll = Ending.Roll.usual(MAY);
    Ending spray = Ending.Spray.usual(MAY);
    SeasonRun both = rye(roll, spray);
    double missedByRoller = 1 - both.effects().get(0).kill()[0];
    double missedBySpray = 1 - both.effects().get(1).kill()[0];
    assertThat(cover(both, MAY))
        .isCloseTo(missedByRoller * missedBySpray * cover(rye(), MAY), within(1e-9));
    SeasonRun grazedFirst = rye(Ending.Graze.usual(APRIL.minusDays(15), APRIL), roll);
    assertThat(grazedFirst.termination().coverMgPerHa()).isLessThan(cover(rye(), MAY));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Ending.Spray(MAY, Ending.Mode.CONTACT, 1.2))
        .hasMessageContaining("the kill is 1.2");
    assertThatThrownBy(() -> Ending.Graze.usual(MAY, APRIL))
        .hasMessageContaining("before it begins");
    assertThatThrownBy(() -> new Ending.Cut(MAY, -1, true)).hasMessageContaining("-1.0 cm");
    assertThatThrownBy(() -> rye(new Ending.Kill(LocalDate.of(1999, 9, 1))))
        .hasMessageContaining("before it is seeded");
  }

  @Test
  void zonesMakeTheFieldByTheirWidth() {
    CropColumns crop = Farm.MODEL.crop(WHEAT, SKY);
    SeasonPlan all = plan(List.of(), Farm.seed("cereal_rye", 70));
    SeasonPlan strip = plan(List.of(new Ending.Kill(APRIL)), Farm.seed("cereal_rye", 70));
    RowZones split =
        RowZones.run(
            Farm.MODEL,
            SKY,
            crop,
            List.of(new RowZones.ZonePlan(0.6, all), new RowZones.ZonePlan(0.4, strip)));
    assertThat(split.coverMgPerHa(MAY)).isCloseTo(0.6 * cover(rye(), MAY), within(1e-9));
    assertThat(split.mulchMgPerHa(MAY))
        .isCloseTo(
            0.6 * dead(rye(), MAY) + 0.4 * dead(rye(new Ending.Kill(APRIL)), MAY), within(1e-9));
    assertThat(split.coverTranspirationMm())
        .isBetween(
            rye(new Ending.Kill(APRIL)).water().coverTranspirationMm(),
            rye().water().coverTranspirationMm());
    RowZones one = RowZones.run(Farm.MODEL, SKY, crop, List.of(new RowZones.ZonePlan(1, all)));
    assertThat(one.coverMgPerHa(MAY)).isEqualTo(cover(rye(), MAY));
    assertThatThrownBy(
            () -> RowZones.run(Farm.MODEL, SKY, crop, List.of(new RowZones.ZonePlan(0.7, all))))
        .hasMessageContaining("0.7 of the width");
  }
}
