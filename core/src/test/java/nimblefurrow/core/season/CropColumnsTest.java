package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import nimblefurrow.core.Farm;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;

/** Cash crops as a cover sees them, in the season of 2001 at Quillon Flats. */
class CropColumnsTest {
  private static final Sky SKY =
      Sky.over(
          Farm.RECORD.slice(LocalDate.of(2001, 1, 1), LocalDate.of(2002, 8, 31)),
          Station.shipped().get(0).place());
  private static final LocalDate MAY = LocalDate.of(2001, 5, 4);

  private static CropColumns grow(CashCrop crop) {
    return Farm.MODEL.crop(crop, SKY);
  }

  private static CropColumns corn(double maturity, boolean silage) {
    return grow(new CashCrop.Corn(MAY, maturity, null, silage, 20));
  }

  private static int day(int month, int day) {
    return SKY.weather().indexOf(LocalDate.of(2001, month, day));
  }

  @Test
  void cornClosesDarkensRipensAndIsCut() {
    CropColumns corn = corn(108, false);
    assertThat(corn.lightAtGround(day(5, 1))).isEqualTo(1);
    assertThat(corn.lightAtGround(day(7, 20))).isLessThan(0.15);
    assertThat(corn.stage(day(6, 30))).isGreaterThan(corn.stage(day(6, 1)));
    assertThat(corn.matureIndex()).isBetween(day(8, 15), day(9, 30));
    assertThat(corn.harvestIndex()).isGreaterThan(corn.matureIndex());
    int before = corn.harvestIndex() - 1;
    assertThat(corn.lightAtGround(before)).isGreaterThan(0.4);
    assertThat(corn.greenCover(before)).isLessThan(corn.standing(before));
    assertThat(corn.lightAtGround(before + 1)).isEqualTo(1);
    assertThat(corn.standing(before + 1)).isZero();
    assertThat(corn.residueMgPerHa()).isEqualTo(2.0);
  }

  @Test
  void silageIsChoppedGreenAndLeavesLittle() {
    CropColumns grain = corn(108, false);
    CropColumns silage = corn(108, true);
    assertThat(silage.harvestIndex()).isLessThan(grain.harvestIndex() - 14);
    assertThat(silage.residueMgPerHa()).isEqualTo(0.5);
  }

  @Test
  void longerMaturityIsLaterAndAGivenHarvestStands() {
    assertThat(corn(112, false).harvestIndex()).isGreaterThan(corn(98, false).harvestIndex());
    LocalDate off = LocalDate.of(2001, 9, 3);
    CropColumns given = grow(new CashCrop.Corn(MAY, 108, off, false, 20));
    assertThat(given.harvestIndex()).isEqualTo(SKY.weather().indexOf(off));
    assertThat(given.residueMgPerHa()).as("cut before black layer").isEqualTo(0.5);
  }

  @Test
  void narrowSoybeansCloseSoonerAndDarker() {
    CropColumns narrow = grow(new CashCrop.Soybean(MAY, 2.5, 0.38, null));
    CropColumns wide = grow(new CashCrop.Soybean(MAY, 2.5, 0.76, null));
    assertThat(narrow.lightAtGround(day(6, 20))).isLessThan(wide.lightAtGround(day(6, 20)));
    assertThat(narrow.lightAtGround(day(7, 20))).isCloseTo(0.08, within(1e-9));
    assertThat(wide.lightAtGround(day(7, 20))).isCloseTo(0.14, within(1e-9));
    // 112 + 5.5·2.5 − 0.6·3 days after planting, ties to even.
    assertThat(wide.matureIndex()).isEqualTo(SKY.weather().indexOf(MAY) + 124);
    assertThat(wide.harvestIndex()).isEqualTo(wide.matureIndex() + 16);
    assertThat(wide.lightAtGround(wide.matureIndex() + 10)).isGreaterThan(0.85);
  }

  @Test
  void smallGrainLetsLightThroughAsItRipens() {
    CropColumns grain = grow(new CashCrop.SmallGrain(LocalDate.of(2001, 7, 12)));
    assertThat(grain.lightAtGround(day(5, 30))).isEqualTo(0.25);
    assertThat(grain.lightAtGround(day(7, 9))).isEqualTo(0.60);
    assertThat(grain.lightAtGround(day(7, 12))).isEqualTo(1);
    assertThat(grain.greenCover(day(7, 9))).isZero();
    assertThat(grain.standing(day(7, 9))).isEqualTo(0.75);
  }

  @Test
  void nothingStandsWhereNothingGrows() {
    CropColumns none = grow(new CashCrop.None());
    assertThat(none.lightAtGround(day(7, 1))).isEqualTo(1);
    assertThat(none.standing(day(7, 1))).isZero();
    assertThat(none.harvestIndex()).isNegative();
  }

  @Test
  void cropsThatCannotBeAreRefused() {
    assertThatThrownBy(() -> new CashCrop.Corn(MAY, 300, null, false, 20))
        .hasMessageContaining("300");
    assertThatThrownBy(() -> new CashCrop.Soybean(MAY, 2.5, 0.76, MAY))
        .hasMessageContaining("cannot be harvested");
    assertThatThrownBy(
            () -> grow(new CashCrop.Corn(LocalDate.of(2000, 5, 4), 108, null, false, 20)))
        .hasMessageContaining("after the crop was planted");
  }
}
