package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Links one behind the other: what stands, what is in the way, what follows what. */
class ChainTest {
  static Link.Cover cover(String id, String from, String until, String ending, String... species) {
    return cover(id, from, until, ending, false, species);
  }

  static Link.Cover cover(
      String id, String from, String until, String ending, boolean treated, String... species) {
    return new Link.Cover(
        id,
        id,
        LocalDate.parse(from).getYear(),
        Arrays.stream(species).map(Farm::species).toList(),
        SeedingMethod.of("drill"),
        LocalDate.parse(from),
        LocalDate.parse(until),
        EndingMethod.of(ending),
        treated);
  }

  static Link.Crop crop(String name, Link.CropClass kind, String from, String until) {
    return new Link.Crop(name + from, name, kind, LocalDate.parse(from), LocalDate.parse(until));
  }

  private static final Link.Cover OATS = cover("oats", "2026-08-12", "2026-09-19", "till", "oats");
  private static final Link.Cover RYE =
      cover("rye", "2026-09-20", "2027-06-05", "rollPlant", "cereal_rye");
  private static final Link.Cover SUMMER =
      cover("summer", "2027-06-10", "2027-09-05", "mow", "sorghum_sudan");
  private static final Link.Crop WHEAT =
      crop("wheat", Link.CropClass.SMALL_GRAIN, "2025-10-04", "2026-07-12");
  private static final Link.Crop CORN =
      crop("corn", Link.CropClass.CORN, "2028-05-04", "2028-10-10");
  private static final Chain ALL = Chain.of(List.of(SUMMER, CORN, RYE, OATS, WHEAT));

  private static LocalDate day(String text) {
    return LocalDate.parse(text);
  }

  @Test
  void linksStandInTheOrderOfTheirDays() {
    assertThat(ALL.links()).containsExactly(WHEAT, OATS, RYE, SUMMER, CORN);
    assertThat(ALL.covers()).containsExactly(OATS, RYE, SUMMER);
    assertThat(ALL.crops()).containsExactly(WHEAT, CORN);
  }

  @Test
  void aCoverFollowsTheOneBeforeItUnlessACropStoodBetween() {
    assertThat(ALL.before(OATS)).isEmpty();
    assertThat(ALL.before(RYE)).contains(OATS);
    assertThat(ALL.before(SUMMER)).contains(RYE);
    assertThat(ALL.behind(OATS)).contains(RYE);
    assertThat(ALL.behind(SUMMER)).isEmpty();
    Link.Crop beans = crop("beans", Link.CropClass.SOYBEAN, "2027-06-06", "2027-06-09");
    assertThat(Chain.of(List.of(RYE, beans, SUMMER)).before(SUMMER)).isEmpty();
  }

  @Test
  void aCoverOnTopOfAnotherIsToldWithTheWaysOut() {
    Link.Cover early = cover("early", "2026-09-18", "2027-05-01", "till", "cereal_rye");
    String said = ALL.inTheWayOf(early).orElseThrow().say(UnitSystem.US);
    assertThat(said)
        .startsWith(
            "oats stands from 12 Aug to 19 Sep; early from 18 Sep cannot stand on top of it")
        .contains("seed it after that ends");
    Link.Cover late = cover("late", "2026-07-20", "2026-08-13", "till", "buckwheat");
    assertThat(ALL.inTheWayOf(late).orElseThrow().say(UnitSystem.US))
        .contains("late from 20 Jul to 13 Aug would still stand when oats is seeded on 12 Aug");
  }

  @Test
  void seededOnTheDayTheOtherEndsIsFree() {
    Link.Cover same = cover("same", "2026-07-20", "2026-08-12", "till", "buckwheat");
    assertThat(ALL.inTheWayOf(same)).isEmpty();
    assertThat(ALL.covers()).allSatisfy(c -> assertThat(ALL.inTheWayOf(c)).isEmpty());
  }

  @Test
  void whatIsWrittenDownIsOfTheNearestCover() {
    assertThat(ALL.seededOn(day("2026-09-02"))).contains(RYE);
    assertThat(ALL.seededOn(day("2026-08-30"))).contains(OATS);
    assertThat(ALL.endedOn(day("2026-10-02"))).contains(OATS);
    assertThat(ALL.endedOn(day("2027-05-30"))).contains(RYE);
    assertThat(ALL.seenOn(day("2026-09-19"))).contains(OATS);
    assertThat(ALL.seenOn(day("2026-09-20"))).contains(RYE);
    assertThat(ALL.seenOn(day("2026-06-01"))).contains(OATS);
    assertThat(ALL.seenOn(day("2026-04-30"))).as("of the season before").isEmpty();
    assertThat(ALL.seededOn(day("2025-09-10"))).as("of another year").isEmpty();
    assertThat(ALL.endedOn(day("2028-08-01"))).isEmpty();
    Link.Cover frost = cover("clover", "2026-02-20", "2026-07-20", "till", "red_clover");
    Chain chain = Chain.of(List.of(frost, RYE));
    assertThat(chain.seededOn(day("2026-02-12"))).contains(frost);
    assertThat(chain.seededOn(day("2026-01-14"))).as("nobody seeds that early").isEmpty();
    assertThat(chain.seededOn(day("2027-02-12"))).as("dormant seeding of rye").contains(RYE);
    assertThat(Chain.of(List.of(CORN)).seenOn(day("2028-06-01"))).isEmpty();
  }

  @Test
  void gapsAreTheDaysNothingStands() {
    assertThat(ALL.gaps(day("2026-07-01"), day("2027-10-01")))
        .containsExactly(
            new Chain.Gap(day("2026-07-12"), day("2026-08-11")),
            new Chain.Gap(day("2026-09-19"), day("2026-09-19")),
            new Chain.Gap(day("2027-06-05"), day("2027-06-09")),
            new Chain.Gap(day("2027-09-05"), day("2027-10-01")));
    assertThat(ALL.gaps(day("2026-07-01"), day("2027-10-01")).get(0).days()).isEqualTo(31);
    assertThat(ALL.gaps(day("2026-10-01"), day("2026-10-02"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"2026-11-17, true", "2026-11-18, false"})
  void whatIsSeededWithinSixtyDaysStandsOnTheGroundAnotherLeaves(String from, boolean stands) {
    Link.Cover late = cover("late", from, "2027-05-20", "rollPlant", "cereal_rye");
    Chain chain = Chain.of(List.of(WHEAT, OATS, late));
    assertThat(chain.behind(OATS)).contains(late);
    assertThat(chain.standsOn(OATS).isPresent()).isEqualTo(stands);
    assertThat(chain.standsOn(late)).isEmpty();
  }
}
