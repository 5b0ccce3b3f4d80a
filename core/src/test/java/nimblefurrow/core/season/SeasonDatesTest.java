package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The days of a season, and what a field can be, at each edge. */
class SeasonDatesTest {
  private static void edges(SeasonDates.Range range, String first, String last) {
    assertThat(range.first()).isEqualTo(first);
    assertThat(range.last()).isEqualTo(last);
    assertThat(range.holds(range.first())).isTrue();
    assertThat(range.holds(range.last())).isTrue();
    assertThat(range.holds(range.first().minusDays(1))).isFalse();
    assertThat(range.holds(range.last().plusDays(1))).isFalse();
  }

  @Test
  void eachKindOfWorkHasItsDays() {
    edges(SeasonDates.whole(2026), "2026-07-01", "2027-07-31");
    edges(SeasonDates.seeding(2026), "2026-01-15", "2027-04-15");
    edges(SeasonDates.log(2026), "2026-05-01", "2027-07-31");
    edges(SeasonDates.planting(2026), "2026-03-01", "2026-07-31");
    edges(SeasonDates.sowingOfGrain(2026), "2025-08-01", "2026-05-15");
    edges(SeasonDates.harvest(2026), "2026-05-01", "2027-01-31");
  }

  @ParameterizedTest
  @CsvSource({"2026-06-30, 2025", "2026-07-01, 2026", "2026-12-31, 2026", "2027-01-01, 2026"})
  void fromJulyOnTheComingAutumnIsPlanned(LocalDate day, int season) {
    assertThat(SeasonDates.seasonOf(day)).isEqualTo(season);
  }

  @Test
  void harvestsAreOfThisCropUntilSpringAndPlantingsOfTheNextFromNewYear() {
    assertThat(SeasonDates.harvestsThisCrop(LocalDate.of(2027, 3, 31), 2026)).isTrue();
    assertThat(SeasonDates.harvestsThisCrop(LocalDate.of(2027, 4, 1), 2026)).isFalse();
    assertThat(SeasonDates.plantsNextCrop(LocalDate.of(2026, 12, 31), 2026)).isFalse();
    assertThat(SeasonDates.plantsNextCrop(LocalDate.of(2027, 1, 1), 2026)).isTrue();
  }

  @Test
  void fieldsKeepToWhatCanBe() {
    assertThat(FieldLimits.area(0)).isFalse();
    assertThat(FieldLimits.area(0.01)).isTrue();
    assertThat(FieldLimits.area(20_000)).isTrue();
    assertThat(FieldLimits.area(20_001)).isFalse();
    assertThat(FieldLimits.area(Double.NaN)).isFalse();
    assertThat(FieldLimits.slope(-0.1)).isFalse();
    assertThat(FieldLimits.slope(0)).isTrue();
    assertThat(FieldLimits.slope(60)).isTrue();
    assertThat(FieldLimits.slope(60.1)).isFalse();
    assertThat(FieldLimits.rowSpacing(0.09)).isFalse();
    assertThat(FieldLimits.rowSpacing(0.1)).isTrue();
    assertThat(FieldLimits.rowSpacing(2)).isTrue();
    assertThat(FieldLimits.rowSpacing(2.01)).isFalse();
    assertThat(FieldLimits.cornMaturity(59)).isFalse();
    assertThat(FieldLimits.cornMaturity(60)).isTrue();
    assertThat(FieldLimits.cornMaturity(130)).isTrue();
    assertThat(FieldLimits.cornMaturity(131)).isFalse();
    assertThat(FieldLimits.soybeanGroup(-2.1)).isFalse();
    assertThat(FieldLimits.soybeanGroup(-2)).isTrue();
    assertThat(FieldLimits.soybeanGroup(8)).isTrue();
    assertThat(FieldLimits.soybeanGroup(8.1)).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    // seeded while its season is planned: of that season, frost seeding before and after too
    "2026-01-15, 2026, 2026", "2027-04-15, 2026, 2026", "2026-10-01, 2026, 2026",
    // beyond its days: of the season the day lies in
    "2026-01-14, 2026, 2025", "2027-04-16, 2026, 2027", "2027-06-10, 2026, 2027",
    "2028-02-10, 2026, 2027", "2028-03-31, 2026, 2027", "2028-04-01, 2026, 2028",
  })
  void aCoverIsOfTheSeasonThatIsPlannedWhereItsDayLiesInIt(LocalDate day, int planned, int season) {
    assertThat(SeasonDates.seasonOfSeeding(day, planned)).isEqualTo(season);
  }

  @ParameterizedTest
  @CsvSource({"1949, false", "1950, true", "2150, true", "2151, false"})
  void seasonsNobodyPlansAreNotKnown(int season, boolean known) {
    assertThat(SeasonDates.known(season)).isEqualTo(known);
  }
}
