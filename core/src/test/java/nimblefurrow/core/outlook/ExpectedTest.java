package nimblefurrow.core.outlook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;

class ExpectedTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final Outlook RYE =
      new Forecaster(Farm.MODEL)
          .outlook(
              Farm.plan(Seedings.DRILL, LocalDate.of(2026, 10, 1), Farm.seed("cereal_rye", 78)),
              BEANS);
  private static final LocalDate MAY = LocalDate.of(2027, 5, 5);

  private static Reason of(Sighting seen) {
    return Expected.of(seen, RYE, BEANS).orElseThrow();
  }

  private static double amount(Reason reason, String name) {
    return ((Figure.Amount) reason.figures().get(name)).value();
  }

  @Test
  void ofAClipItIsTheFanOnItsDay() {
    Reason said = of(new Sighting.Cover(MAY, 9));
    assertThat(amount(said, "middle")).isEqualTo(RYE.middleOn(MAY));
    assertThat(amount(said, "low")).isEqualTo(RYE.lowOn(MAY)).isLessThan(RYE.middleOn(MAY));
    assertThat(amount(said, "high")).isEqualTo(RYE.highOn(MAY)).isGreaterThan(RYE.middleOn(MAY));
    assertThat(said.say(UnitSystem.METRIC)).endsWith("in eight years of ten");
  }

  @Test
  void theFanLiesOnALineBetweenItsPointsAndIsNoughtOutside() {
    LocalDate point = RYE.start().plusDays(40L * RYE.stepDays());
    assertThat(RYE.lowOn(point)).isEqualTo(RYE.low()[40]);
    assertThat(RYE.highOn(point)).isEqualTo(RYE.high()[40]);
    double third = RYE.high()[40] + (RYE.high()[41] - RYE.high()[40]) * 3 / RYE.stepDays();
    assertThat(RYE.highOn(point.plusDays(3))).isCloseTo(third, within(1e-12));
    assertThat(RYE.lowOn(RYE.start().minusDays(1))).isZero();
    assertThat(RYE.highOn(RYE.start().plusYears(2))).isZero();
  }

  @Test
  void ofACountItIsThePlantsThatWereToComeUp() {
    Reason said = of(new Sighting.Plants(LocalDate.of(2026, 11, 1), 0, 5));
    assertThat(amount(said, "middle")).isEqualTo(RYE.species().get(0).plantsPerM2().median());
    assertThat(amount(said, "low")).isLessThan(amount(said, "high"));
  }

  @Test
  void ofAStageItIsTheLastOneMostYearsHadReached() {
    List<Outlook.StageOdds> stages = RYE.species().get(0).stages();
    Outlook.StageOdds boot =
        stages.stream().filter(s -> s.name().equals("boot")).findFirst().orElseThrow();
    LocalDate reached = BEANS.day(Math.ceil(boot.day().median()));
    assertThat(of(new Sighting.Stage(reached, 0, 1)).say(UnitSystem.US))
        .isEqualTo("the forecast had it at boot");
    assertThat(of(new Sighting.Stage(reached.minusDays(1), 0, 1)).say(UnitSystem.US))
        .isEqualTo("the forecast had it at flag leaf");
    assertThat(of(new Sighting.Stage(LocalDate.of(2026, 12, 1), 0, 0)).say(UnitSystem.US))
        .isEqualTo("the forecast had it leafy still");
  }

  @Test
  void ofAHeightNothingIs() {
    assertThat(Expected.of(new Sighting.Height(MAY, 80), RYE, BEANS)).isEmpty();
  }
}
