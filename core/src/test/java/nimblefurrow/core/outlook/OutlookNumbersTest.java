package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

/** What is read off an outlook, from one made by hand: five points a week apart. */
class OutlookNumbersTest {
  private static final LocalDate START = LocalDate.of(2026, 7, 1);

  static Outlook with(double cover, double ripe, int years, Outlook.SpeciesOutlook... species) {
    double[] middle = {0, 1, 4, 3, 2};
    Spread[] worth = new Spread[Purpose.values().length];
    IntStream.range(0, worth.length).forEach(p -> worth[p] = same(p, years));
    worth[Purpose.SMOTHER_WEEDS.ordinal()] = same(cover, years);
    List<Outlook.SpeciesOutlook> all =
        species.length > 0 ? List.of(species) : List.of(rye("mid-anthesis", ripe, years));
    return new Outlook(
        years,
        START,
        7,
        new double[5],
        middle,
        new double[5],
        new double[5],
        new double[5],
        new double[5],
        same(270, years),
        same(280, years),
        all,
        List.of(worth));
  }

  static Outlook.SpeciesOutlook rye(String stage, double day, int years) {
    return new Outlook.SpeciesOutlook(
        "Cereal rye",
        same(200, years),
        same(1, years),
        List.of(
            new Outlook.StageOdds("boot", years, same(day - 10, years)),
            new Outlook.StageOdds(stage, years, same(day, years))));
  }

  private static Spread same(double value, int years) {
    return Spread.of(IntStream.range(0, years).mapToDouble(y -> value).toArray());
  }

  @Test
  void theMiddleLiesOnALineBetweenPointsAndIsNothingOutside() {
    Outlook o = with(5, 500, 10);
    assertThat(o.middleOn(START)).isZero();
    assertThat(o.middleOn(START.plusDays(7))).isEqualTo(1);
    assertThat(o.middleOn(START.plusDays(10))).isCloseTo(1 + 3 * 3 / 7.0, within(1e-12));
    assertThat(o.middleOn(START.plusDays(28))).as("the last point").isEqualTo(2);
    assertThat(o.middleOn(START.plusDays(29))).isZero();
    assertThat(o.middleOn(START.minusDays(1))).isZero();
  }

  @Test
  void theMostUntilADayCountsThePointsUpToIt() {
    Outlook o = with(5, 500, 10);
    assertThat(o.mostUntil(START.plusDays(10))).isCloseTo(1 + 9 / 7.0, within(1e-12));
    assertThat(o.mostUntil(START.plusDays(13))).isLessThan(4);
    assertThat(o.mostUntil(START.plusDays(14))).isEqualTo(4);
    assertThat(o.mostUntil(START.plusDays(28))).as("it was more before").isEqualTo(4);
    assertThat(o.mostUntil(START.plusDays(90))).isEqualTo(4);
  }

  @Test
  void seedIsRipeWithTheFirstSpeciesThatGetsSoFar() {
    StageScale scale = Farm.species("cereal_rye").clock().scale();
    String viable =
        scale.stages().stream()
            .filter(s -> s.fraction() >= scale.viableSeedFrom())
            .findFirst()
            .orElseThrow()
            .name();
    var two = List.of(Farm.species("cereal_rye"), Farm.species("winter_wheat"));
    Outlook both = with(5, 0, 9, rye(viable, 530, 9), rye(viable, 520, 9));
    assertThat(both.seedRipe(two)).hasValue(520);
    Outlook one = with(5, 0, 9, rye(viable, Double.POSITIVE_INFINITY, 9), rye(viable, 533, 9));
    assertThat(one.seedRipe(two)).hasValue(533);
    assertThat(with(5, 0, 9, rye("boot stage", 1, 9)).seedRipe(two.subList(0, 1))).isEmpty();
  }

  @Test
  void itKnowsAboutHowMuchHeapItHolds() {
    // 8 series of 5 points; 2 + 2 + 2 spreads beside those of each purpose, each of 9 + 8 doubles;
    // two of them spread out into nine points a year.
    int spreads = 2 + Purpose.values().length + 2 + 2;
    assertThat(with(5, 500, 9).bytes()).isEqualTo(8 * (8 * 5 + spreads * 17L + 2 * 9 * 9) + 1500);
    assertThat(with(5, 500, 10).bytes()).isEqualTo(8 * (8 * 5 + spreads * 18L + 2 * 9 * 10) + 1500);
  }

  private static final CoverPlan PLAN =
      Farm.plan(
          nimblefurrow.core.Seedings.DRILL, LocalDate.of(2026, 10, 1), Farm.seed("cereal_rye", 70));

  private static List<String> moved(CoverPlan now, Outlook was, Outlook is) {
    List<Reason> said = PlanDifference.between(PLAN, was, now, is, Purpose.SMOTHER_WEEDS);
    return said.stream().map(r -> r.say(UnitSystem.METRIC)).toList();
  }

  @Test
  void aMoveSaysDaysMassRipenessAndOddsEachWay() {
    double target = Purpose.SMOTHER_WEEDS.target();
    Outlook was = with(target - 1, 500, 10);
    CoverPlan later = PLAN.seededOn(PLAN.seedOn().plusDays(6));
    CoverPlan both = later.ended(PLAN.endOn().minusDays(2), PLAN.plantOn(), List.of());
    String reached = Purpose.SMOTHER_WEEDS.label() + " in 10 of 10 years, was 0";
    assertThat(moved(both, was, with(target, 503, 10)))
        .containsExactly(
            "seeded 6 days later",
            "ended 2 days earlier",
            "1.0 Mg/ha more cover at the end",
            "ripe 3 days later",
            reached);
    CoverPlan back = PLAN.seededOn(PLAN.seedOn().minusDays(4));
    CoverPlan longer = back.ended(PLAN.endOn().plusDays(9), PLAN.plantOn(), List.of());
    assertThat(moved(longer, with(target, 500, 10), with(target - 2, 498, 10)))
        .containsExactly(
            "seeded 4 days earlier",
            "ended 9 days later",
            "2.0 Mg/ha less cover at the end",
            "ripe 2 days earlier",
            Purpose.SMOTHER_WEEDS.label() + " in 0 of 10 years, was 10");
  }

  @Test
  void aSingleDayIsSaidEachWay() {
    Outlook was = with(3, 500, 10);
    String odds = Purpose.SMOTHER_WEEDS.label() + " in 0 of 10 years, as before";
    CoverPlan later = PLAN.seededOn(PLAN.seedOn().plusDays(1));
    assertThat(moved(later, was, was)).containsExactly("seeded 1 day later", odds);
    CoverPlan sooner = PLAN.seededOn(PLAN.seedOn().minusDays(1));
    assertThat(moved(sooner, was, was)).containsExactly("seeded 1 day earlier", odds);
    CoverPlan longer = PLAN.ended(PLAN.endOn().plusDays(1), PLAN.plantOn(), List.of());
    assertThat(moved(longer, was, was)).containsExactly("ended 1 day later", odds);
    CoverPlan shorter = PLAN.ended(PLAN.endOn().minusDays(1), PLAN.plantOn(), List.of());
    assertThat(moved(shorter, was, was)).containsExactly("ended 1 day earlier", odds);
    assertThat(moved(PLAN, was, with(3, 500.5, 10)).get(0)).contains("later");
    assertThat(moved(PLAN, was, with(3, 499.5, 10)).get(0)).contains("earlier");
    assertThat(moved(PLAN, was, with(3, 500.49, 10))).containsExactly(odds);
    assertThat(moved(PLAN, was, with(3.0625, 500, 10)).get(0)).contains("more cover");
    assertThat(moved(PLAN, was, with(3.04, 500, 10))).containsExactly(odds);
  }

  @Test
  void ripeIsFullBloomOrMidAnthesisOfTheLastSpeciesAndNoOtherStage() {
    Outlook was = with(3, 0, 10, rye("mid-anthesis", 500, 10), rye("full bloom", 510, 10));
    Outlook is = with(3, 0, 10, rye("mid-anthesis", 500, 10), rye("full bloom", 514, 10));
    assertThat(moved(PLAN, was, is).get(0)).isEqualTo("ripe 4 days later");
    Outlook other = with(3, 0, 10, rye("milk", 500, 10));
    Outlook later = with(3, 0, 10, rye("milk", 530, 10));
    assertThat(moved(PLAN, other, later)).as("none of its stages is the key one").hasSize(1);
  }

  @Test
  void whatHardlyChangesIsNotSaid() {
    Outlook was = with(3, 500, 10);
    String same = Purpose.SMOTHER_WEEDS.label() + " in 0 of 10 years, as before";
    assertThat(moved(PLAN, was, with(3.049, 500.4, 10))).containsExactly(same);
    assertThat(moved(PLAN, was, with(2.951, 499.6, 10))).containsExactly(same);
    assertThat(moved(PLAN, was, with(3.0625, 500.5, 10))).hasSize(3);
    assertThat(moved(PLAN, was, with(2.9375, 499.5, 10))).hasSize(3);
  }

  @Test
  void ripenessIsOfTheLastSpeciesAndUnknownWhereItIsNotReached() {
    Outlook was = with(3, 0, 10, rye("mid-anthesis", 500, 10), rye("full bloom", 510, 10));
    Outlook first = with(3, 0, 10, rye("mid-anthesis", 505, 10), rye("full bloom", 510, 10));
    assertThat(moved(PLAN, was, first)).hasSize(1);
    Outlook last = with(3, 0, 10, rye("mid-anthesis", 500, 10), rye("full bloom", 514, 10));
    assertThat(moved(PLAN, was, last)).contains("ripe 4 days later");
    Outlook never = with(3, 0, 10, rye("mid-anthesis", Double.POSITIVE_INFINITY, 10));
    assertThat(moved(PLAN, was, never)).hasSize(1);
  }
}
