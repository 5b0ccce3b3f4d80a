package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A farm whose record says that its covers grow more or less than the model has it. */
class OwnGrowthTest {
  private static final Place PLACE = Station.shipped().get(0).place();
  private static final Sky SKY = Sky.over(Farm.RECORD, PLACE);
  private static final LocalDate SEEDED = LocalDate.of(2004, 9, 20);
  private static final LocalDate MAY = LocalDate.of(2005, 5, 10);

  private static SeasonPlan plan(double growth, double comesUp, List<CoverComponent> cover) {
    CashCrop beans = new CashCrop.Soybean(LocalDate.of(2004, 5, 10), 2.4, 0.76, SEEDED);
    return new SeasonPlan(
        Soil.USUAL,
        FieldStart.USUAL.bringing(growth, comesUp),
        beans,
        cover,
        Placement.DRILL,
        SEEDED,
        List.of(),
        null);
  }

  private static SeasonRun run(double growth) {
    return Farm.MODEL.run(
        SKY, plan(growth, 1, List.of(Farm.seed("cereal_rye", 60), Farm.seed("hairy_vetch", 15))));
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.5, 0.8, 1.25, 2})
  void soMuchOfTheMassStandsOnEveryDayWithinAHundredthThatWarmthUnderItMakes(double growth) {
    SeasonColumns usual = run(1).columns();
    SeasonRun own = run(growth);
    SeasonColumns columns = own.columns();
    for (LocalDate d = SEEDED; d.isBefore(MAY); d = d.plusDays(9)) {
      int i = columns.indexOf(d);
      for (int c = 0; c < 2; c++) {
        double model = usual.coverMgPerHa()[c][i];
        assertThat(columns.coverMgPerHa()[c][i])
            .as("%s of species %d", d, c)
            .isCloseTo(growth * model, within(1e-6 + 0.01 * growth * model));
      }
    }
    assertThat(columns.totalCoverMgPerHa(columns.indexOf(MAY))).isGreaterThan(0.5 * growth);
    assertThat(own.components().get(0).emergedPerM2())
        .isEqualTo(run(1).components().get(0).emergedPerM2());
    assertThat(own.components().get(0).stages()).isEqualTo(run(1).components().get(0).stages());
  }

  @Test
  void whatIsWeighedOutranksTheRecordOfTheFarm() {
    Sighting clip = new Sighting.Cover(MAY, 3.3);
    SeasonPlan plan = plan(0.7, 1, List.of(Farm.seed("cereal_rye", 60))).seeing(List.of(clip));
    SeasonColumns columns = Farm.MODEL.run(SKY, plan).columns();
    assertThat(columns.totalCoverMgPerHa(columns.indexOf(MAY))).isCloseTo(3.3, within(1e-9));
  }

  @Test
  void soManyOfThePlantsComeUpAndNeverMoreThanWereAlive() {
    List<CoverComponent> rye = List.of(Farm.seed("cereal_rye", 60));
    double model = emerged(1, rye);
    assertThat(emerged(0.7, rye)).isCloseTo(0.7 * model, within(1e-9));
    assertThat(emerged(5, rye)).isCloseTo(rye.get(0).liveSeedsPerM2(), within(1e-9));
  }

  private static double emerged(double comesUp, List<CoverComponent> cover) {
    return Farm.MODEL.run(SKY, plan(1, comesUp, cover)).components().get(0).emergedPerM2();
  }

  @Test
  void nonsenseIsRefused() {
    for (double bad : new double[] {0.0999, 5.001, Double.NaN}) {
      assertThatThrownBy(() -> FieldStart.USUAL.bringing(bad, 1)).isInstanceOf(Refused.class);
      assertThatThrownBy(() -> FieldStart.USUAL.bringing(1, bad)).isInstanceOf(Refused.class);
    }
    assertThat(FieldStart.USUAL.bringing(0.1, 5).growth()).isEqualTo(0.1);
    assertThat(FieldStart.USUAL.bringing(0.1, 5).comesUp()).isEqualTo(5);
    assertThat(FieldStart.USUAL.bringing(2, 0.5).ground()).isEqualTo(FieldStart.USUAL);
  }
}
