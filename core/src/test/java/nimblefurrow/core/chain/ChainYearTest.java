package nimblefurrow.core.chain;

import static nimblefurrow.core.chain.ChainTest.cover;
import static nimblefurrow.core.chain.ChainTest.crop;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A season in acres. */
class ChainYearTest {
  private static final ChainYear.Ground RYE =
      new ChainYear.Ground(
          10,
          Chain.of(
              List.of(
                  crop("corn", Link.CropClass.CORN, "2026-05-04", "2026-10-10"),
                  cover("rye", "2026-10-12", "2027-05-10", "sprayEarly", "cereal_rye"),
                  crop("soybeans", Link.CropClass.SOYBEAN, "2027-05-14", "2027-09-28"))));
  private static final ChainYear.Ground OATS =
      new ChainYear.Ground(
          20,
          Chain.of(
              List.of(
                  crop("wheat", Link.CropClass.SMALL_GRAIN, "2025-10-04", "2026-07-12"),
                  cover("oats", "2026-08-12", "2026-12-10", "till", "oats"))));
  private static final ChainYear.Ground WHEAT =
      new ChainYear.Ground(
          5,
          Chain.of(List.of(crop("wheat", Link.CropClass.SMALL_GRAIN, "2026-10-04", "2027-07-12"))));
  private static final ChainYear.Ground LATE_CORN =
      new ChainYear.Ground(
          3, Chain.of(List.of(crop("corn", Link.CropClass.CORN, "2026-05-20", "2027-01-15"))));

  @Test
  void cropsCountInTheYearTheyAreTakenOff() {
    ChainYear y = ChainYear.of(2026, List.of(RYE, OATS, WHEAT));
    assertThat(y.cropHa()).isEqualTo(Map.of("corn", 10.0, "wheat", 20.0));
    assertThat(ChainYear.of(2027, List.of(RYE, OATS, WHEAT)).cropHa())
        .isEqualTo(Map.of("soybeans", 10.0, "wheat", 5.0));
  }

  @Test
  void coversCountOnceAPieceAndGreenIsWhatLivesAtNewYear() {
    ChainYear y = ChainYear.of(2026, List.of(RYE, OATS, WHEAT));
    assertThat(y.coverHa()).isEqualTo(30);
    // Rye and the sown wheat live on; oats were worked in.
    assertThat(y.greenInWinterHa()).isEqualTo(15);
    assertThat(y.totalHa()).isEqualTo(35);
  }

  @Test
  void cornStillOutAtNewYearIsDead() {
    assertThat(ChainYear.of(2026, List.of(LATE_CORN)).greenInWinterHa()).isZero();
  }

  @Test
  void whatIsSeededUnderCornInJuneIsForTheWinterAfter() {
    ChainYear.Ground interseeded =
        new ChainYear.Ground(
            7,
            Chain.of(
                List.of(
                    cover(
                        "ryegrass", "2026-06-11", "2027-04-28", "sprayEarly", "annual_ryegrass"))));
    assertThat(ChainYear.of(2026, List.of(interseeded)).coverHa()).isEqualTo(7);
    assertThat(ChainYear.of(2025, List.of(interseeded)).coverHa()).isZero();
    ChainYear.Ground may =
        new ChainYear.Ground(
            7, Chain.of(List.of(cover("oats", "2026-05-01", "2026-07-20", "till", "oats"))));
    assertThat(ChainYear.of(2026, List.of(may)).coverHa()).isEqualTo(7);
  }

  @Test
  void aCoverOfAnotherYearIsNotThisYears() {
    assertThat(ChainYear.of(2025, List.of(RYE)).coverHa()).isZero();
    assertThat(ChainYear.of(2027, List.of(RYE)).coverHa()).isZero();
  }
}
