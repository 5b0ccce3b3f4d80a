package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.season.Sighting;
import org.junit.jupiter.api.Test;

/** What is measured is believed on its day; the doubt comes back. */
class OwnErrorsTest {
  private static final LocalDate APRIL = LocalDate.of(2027, 4, 1);
  private static final OwnErrors CLIPPED = new OwnErrors(List.of(new Sighting.Cover(APRIL, 2)));

  @Test
  void halfOfTheDoubtOfGrowthIsBackAfterThirtyDays() {
    assertThat(new OwnErrors(List.of()).growth(APRIL).sd()).isEqualTo(0.20);
    assertThat(CLIPPED.growth(APRIL.minusDays(1)).sd()).as("before it was seen").isEqualTo(0.20);
    assertThat(CLIPPED.growth(APRIL).sd()).isZero();
    assertThat(CLIPPED.growth(APRIL.plusDays(30)).sd()).isCloseTo(0.10, within(1e-12));
    assertThat(CLIPPED.light(APRIL.plusDays(60)).sd()).isCloseTo(0.15, within(1e-12));
  }

  @Test
  void aCountTellsOfItsOwnSpeciesAndNotOfGrowth() {
    OwnErrors counted =
        new OwnErrors(
            List.of(new Sighting.Plants(APRIL, 1, 90), new Sighting.Stage(APRIL, 0, 0.8)));
    assertThat(counted.emerged(1, 200).sd()).isZero();
    assertThat(counted.emerged(0, 200).sd()).isEqualTo(0.35);
    assertThat(counted.stages(0, APRIL).sd()).isZero();
    assertThat(counted.stages(1, APRIL).sd()).isEqualTo(3);
    assertThat(counted.comingUp().sd()).isZero();
    assertThat(counted.growth(APRIL).sd()).isEqualTo(0.20);
  }
}
