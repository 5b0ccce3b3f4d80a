package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is seen on a field outranks the model from that evening on, and leaves the past alone. */
class SightingsTest {
  private static final Sky SKY = Sky.over(Farm.RECORD, Station.shipped().get(0).place());
  private static final LocalDate SEEDED = LocalDate.of(2003, 9, 20);
  private static final LocalDate NOVEMBER = LocalDate.of(2003, 11, 10);
  private static final LocalDate MAY = LocalDate.of(2004, 5, 1);

  private static SeasonPlan plan(List<CoverComponent> cover) {
    return new SeasonPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        new CashCrop.SmallGrain(LocalDate.of(2003, 7, 15)),
        cover,
        Placement.DRILL,
        SEEDED,
        List.of(),
        null);
  }

  private static SeasonRun run(List<Sighting> seen, CoverComponent... cover) {
    return Farm.MODEL.run(SKY, plan(List.of(cover)).seeing(seen));
  }

  private static SeasonRun rye(Sighting... seen) {
    return run(List.of(seen), Farm.seed("cereal_rye", 70));
  }

  private static double cover(SeasonRun run, LocalDate day) {
    return run.columns().totalCoverMgPerHa(run.columns().indexOf(day));
  }

  private static double plants(SeasonRun run, int component, LocalDate day) {
    return run.columns().plantsPerM2()[component][run.columns().indexOf(day)];
  }

  private static LocalDate stage(SeasonRun run, String name) {
    return run.components().get(0).stages().get(name);
  }

  @Test
  void aThinStandIsThinFromTheDayItIsCounted() {
    SeasonRun thought = rye();
    double half = plants(thought, 0, NOVEMBER) / 2;
    SeasonRun seen = rye(new Sighting.Plants(NOVEMBER, 0, half));
    assertThat(plants(seen, 0, NOVEMBER.minusDays(1)))
        .isEqualTo(plants(thought, 0, NOVEMBER.minusDays(1)));
    assertThat(plants(seen, 0, NOVEMBER)).isEqualTo(half);
    assertThat(cover(seen, NOVEMBER)).isCloseTo(cover(thought, NOVEMBER) / 2, within(1e-12));
    assertThat(cover(seen, MAY)).isLessThan(cover(thought, MAY));
  }

  @Test
  void aCountOfOneSpeciesLeavesTheOther() {
    CoverComponent[] mix = {Farm.seed("cereal_rye", 40), Farm.seed("hairy_vetch", 20)};
    SeasonRun thought = run(List.of(), mix);
    SeasonRun seen = run(List.of(new Sighting.Plants(NOVEMBER, 1, 0)), mix);
    assertThat(plants(seen, 1, MAY)).isZero();
    assertThat(plants(seen, 0, NOVEMBER)).isEqualTo(plants(thought, 0, NOVEMBER));
    assertThatThrownBy(() -> run(List.of(new Sighting.Plants(NOVEMBER, 2, 5)), mix))
        .hasMessageContaining("species 3");
  }

  @Test
  void plantsThatTheModelLostAreThereWhenTheyAreSeen() {
    LocalDate soon = SEEDED.plusDays(2);
    SeasonRun seen = rye(new Sighting.Plants(soon, 0, 150));
    assertThat(plants(rye(), 0, soon)).isZero();
    assertThat(plants(seen, 0, soon)).isEqualTo(150);
    assertThat(cover(seen, NOVEMBER)).isPositive();
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 2.0, 5.5})
  void aClippedSquareSetsTheMass(double seen) {
    SeasonRun run = rye(new Sighting.Cover(MAY, seen));
    assertThat(cover(run, MAY)).isCloseTo(seen, within(1e-12));
    LocalDate later = MAY.plusDays(21);
    assertThat(cover(run, later)).isGreaterThan(seen);
    SeasonRun more = rye(new Sighting.Cover(MAY, seen + 0.3));
    assertThat(cover(more, later)).isGreaterThan(cover(run, later));
  }

  @Test
  void aStageSeenLateMovesAllThatFollowsAndTakesBackWhatWasNotReached() {
    SeasonRun thought = rye();
    LocalDate heading = stage(thought, "heading");
    SeasonRun late = rye(new Sighting.Stage(heading, 0, 0.68));
    assertThat(stage(late, "heading")).isAfter(heading);
    assertThat(stage(late, "mid-anthesis")).isAfter(stage(thought, "mid-anthesis"));
    assertThat(stage(late, "jointing")).isEqualTo(stage(thought, "jointing"));
    SeasonRun early = rye(new Sighting.Stage(heading, 0, 1.0));
    assertThat(stage(early, "mid-anthesis")).isEqualTo(heading);
    assertThat(stage(early, "soft dough")).isBefore(stage(thought, "soft dough"));
  }

  @Test
  void aStageSeenBeforeNewYearDoesNotStartAWinterClock() {
    assertThat(stage(rye(new Sighting.Stage(NOVEMBER, 0, 0.5)), "heading"))
        .isEqualTo(stage(rye(), "heading"));
  }

  @Test
  void heightTellsOfMassOnlyInAShortStand() {
    LocalDate april = LocalDate.of(2004, 4, 15);
    SeasonRun thought = rye();
    SeasonRun low = rye(new Sighting.Height(april, 8));
    assertThat(cover(low, april)).isLessThan(cover(thought, april));
    SeasonRun tall = rye(new Sighting.Height(MAY, 200));
    assertThat(cover(tall, MAY)).isCloseTo(Math.max(3, cover(thought, MAY)), within(1e-9));
  }

  /** Runs for odds begin from ground that other fields share; what is seen belongs to one field. */
  @Test
  void whatIsSeenInAutumnIsSeenWhereGroundIsSharedToo() {
    SeasonPlan plan = plan(List.of(Farm.seed("cereal_rye", 70)));
    for (Sighting seen :
        List.of(
            new Sighting.Plants(NOVEMBER, 0, 80),
            new Sighting.Cover(NOVEMBER, 0.4),
            new Sighting.Height(NOVEMBER, 12))) {
      SeasonPlan known = plan.seeing(List.of(seen));
      CropColumns crop = Farm.MODEL.crop(plan.crop(), SKY);
      SeasonRun odds = Farm.MODEL.run(SKY, crop, known, SeasonColumns.Detail.ODDS);
      SeasonRun other = Farm.MODEL.run(SKY, crop, plan, SeasonColumns.Detail.ODDS);
      assertThat(cover(odds, MAY)).isEqualTo(cover(Farm.MODEL.run(SKY, known), MAY));
      assertThat(cover(other, MAY)).isEqualTo(cover(Farm.MODEL.run(SKY, plan), MAY));
    }
  }

  @Test
  void whatOneFieldEndsInAutumnLeavesTheGroundOfTheNextAlone() {
    List<CoverComponent> rye = List.of(Farm.seed("cereal_rye", 70));
    LocalDate august = LocalDate.of(2003, 8, 10);
    SeasonPlan early =
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            plan(rye).crop(),
            rye,
            Placement.DRILL,
            august,
            List.of(new Ending.Till(SEEDED.minusDays(3), 0.85)),
            null);
    CropColumns crop = Farm.MODEL.crop(early.crop(), SKY);
    Farm.MODEL.run(SKY, crop, early, SeasonColumns.Detail.ODDS);
    SeasonRun late = Farm.MODEL.run(SKY, crop, plan(rye), SeasonColumns.Detail.ODDS);
    assertThat(cover(late, MAY)).isEqualTo(cover(Farm.MODEL.run(SKY, plan(rye)), MAY));
  }

  @Test
  void nonsenseIsRefused() {
    assertThatThrownBy(() -> new Sighting.Cover(MAY, -1)).hasMessageContaining("not 0 to 40");
    assertThatThrownBy(() -> new Sighting.Height(MAY, Double.NaN))
        .isInstanceOf(nimblefurrow.core.units.Refused.class);
  }
}
