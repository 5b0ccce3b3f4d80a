package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What must hold in every season: nothing is lost, nothing is negative, more of a cause does more.
 */
class SeasonPropertiesTest {
  private static final Place PLACE = Station.shipped().get(0).place();
  private static final Sky SKY = Sky.over(Farm.RECORD, PLACE);

  private static SeasonPlan plan(
      Soil soil,
      CashCrop crop,
      Placement placement,
      LocalDate seeded,
      Ending ending,
      CoverComponent... cover) {
    return new SeasonPlan(
        soil,
        FieldStart.USUAL,
        crop,
        List.of(cover),
        placement,
        seeded,
        ending == null ? List.of() : List.of(ending),
        null);
  }

  private static SeasonRun drilled(int year, Ending ending, CoverComponent... cover) {
    LocalDate day = LocalDate.of(year, 9, 25);
    CashCrop beans = new CashCrop.Soybean(LocalDate.of(year, 5, 14), 2.4, 0.76, day);
    return Farm.MODEL.run(SKY, plan(Soil.USUAL, beans, Placement.DRILL, day, ending, cover));
  }

  static Stream<Soil> soils() {
    return Stream.of(Texture.values())
        .flatMap(
            t ->
                Stream.of(
                    new Soil(t, Drainage.WELL, false),
                    new Soil(t, Drainage.POOR, true),
                    new Soil(t, Drainage.POOR, false)));
  }

  @ParameterizedTest
  @MethodSource("soils")
  void waterIsConserved(Soil soil) {
    int year = 1997;
    LocalDate seeded = LocalDate.of(year, 9, 25);
    CashCrop corn = new CashCrop.Corn(LocalDate.of(year, 4, 28), 105, seeded, false, 20);
    SeasonRun run =
        Farm.MODEL.run(
            SKY, plan(soil, corn, Placement.DRILL, seeded, null, Farm.seed("cereal_rye", 70)));
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
    ModelParameters.SoilWater held = ModelParameters.shipped().soil(soil.texture());
    double start =
        1200 * (held.wiltingPoint() + 0.85 * (held.fieldCapacity() - held.wiltingPoint()));
    double end = c.soilWaterMm()[0][last] + c.soilWaterMm()[1][last] + c.soilWaterMm()[2][last];
    double snow = c.snowDepthCm()[last] / 0.6;
    assertThat(start + rain - used).isCloseTo(end + snow, within(1e-6));
  }

  static Stream<Species> species() {
    return Farm.SPECIES.all().stream();
  }

  @ParameterizedTest
  @MethodSource("species")
  void everySpeciesStaysWithinItsBounds(Species species) {
    Random random = new Random(species.id().hashCode());
    for (int n = 0; n < 12; n++) {
      int year = 1991 + random.nextInt(29);
      Placement placement = Placement.values()[random.nextInt(Placement.values().length)];
      LocalDate seeded =
          placement == Placement.FROST
              ? LocalDate.of(year, 3, 1)
              : LocalDate.of(year, 7, 20).plusDays(random.nextInt(110));
      double rate = species.seed().drilled().typical() * (0.5 + random.nextDouble());
      SeasonRun run =
          Farm.MODEL.run(
              SKY,
              plan(
                  Soil.USUAL,
                  new CashCrop.SmallGrain(LocalDate.of(year, 7, 10)),
                  placement,
                  seeded,
                  null,
                  Farm.seed(species.id(), rate)));
      SeasonRun.Component c = run.components().get(0);
      assertThat(c.emergedPerM2()).isBetween(0.0, c.liveSeedsPerM2());
      assertThat(c.survival()).isBetween(0.0, 1.0);
      assertThat(c.winterSurvival()).isBetween(0.0, 1.0);
      SeasonColumns columns = run.columns();
      for (int i = 0; i < columns.days(); i++) {
        assertThat(columns.coverMgPerHa()[0][i])
            .isBetween(0.0, 1.25 * species.growth().maxMgPerHa());
        assertThat(columns.plantsPerM2()[0][i]).isBetween(0.0, c.emergedPerM2() + 1e-9);
        assertThat(columns.lightCaught()[i]).isBetween(0.0, 1.0);
        assertThat(columns.waterStatus()[i]).isBetween(0.0, 1.0);
        assertThat(columns.rootsM()[i])
            .isLessThanOrEqualTo(Math.max(0.15, species.growth().rootMaxM()) + 1e-9);
      }
      LocalDate before = LocalDate.MIN;
      for (LocalDate stage : c.stages().values()) {
        assertThat(stage).isAfterOrEqualTo(before);
        before = stage;
      }
    }
  }

  @Test
  void moreSeedMakesMorePlantsAndMoreNitrogenMoreGrowth() {
    SeasonRun thin = drilled(1999, null, Farm.seed("cereal_rye", 40));
    SeasonRun thick = drilled(1999, null, Farm.seed("cereal_rye", 100));
    assertThat(thick.components().get(0).emergedPerM2())
        .isCloseTo(2.5 * thin.components().get(0).emergedPerM2(), within(1e-6));
    assertThat(thick.coverMgPerHa().apr1()).isGreaterThan(thin.coverMgPerHa().apr1());
    double before = 0;
    for (NitrogenLevel level : NitrogenLevel.values()) {
      LocalDate day = LocalDate.of(1999, 9, 25);
      CashCrop beans = new CashCrop.Soybean(LocalDate.of(1999, 5, 14), 2.4, 0.76, day);
      SeasonRun run =
          Farm.MODEL.run(
              SKY,
              new SeasonPlan(
                  Soil.USUAL,
                  new FieldStart(level, 0.85, 0.5),
                  beans,
                  List.of(Farm.seed("cereal_rye", 70)),
                  Placement.DRILL,
                  day,
                  List.of(),
                  null));
      assertThat(run.coverMgPerHa().may1()).isGreaterThan(before);
      before = run.coverMgPerHa().may1();
    }
  }

  @Test
  void partnersShareTheLight() {
    SeasonRun rye = drilled(2004, null, Farm.seed("cereal_rye", 50));
    SeasonRun mix = drilled(2004, null, Farm.seed("cereal_rye", 50), Farm.seed("hairy_vetch", 20));
    int may = rye.columns().indexOf(LocalDate.of(2005, 5, 1));
    assertThat(mix.columns().coverMgPerHa()[0][may])
        .isLessThan(rye.columns().coverMgPerHa()[0][may]);
    assertThat(mix.columns().totalCoverMgPerHa(may))
        .isGreaterThan(rye.columns().totalCoverMgPerHa(may) * 0.8);
  }

  @Test
  void killingMovesAllOfItToMulchAndStopsTheDrinking() {
    LocalDate may = LocalDate.of(2000, 5, 5);
    SeasonRun killed = drilled(1999, new Ending.Kill(may), Farm.seed("cereal_rye", 70));
    int day = killed.columns().indexOf(may);
    Terminated t = killed.termination();
    assertThat(killed.columns().totalCoverMgPerHa(day)).isZero();
    assertThat(killed.columns().mulchMgPerHa()[day]).isCloseTo(t.mulchMgPerHa(), within(1e-9));
    assertThat(t.mulchMgPerHa()).isGreaterThanOrEqualTo(t.coverMgPerHa());
    assertThat(killed.water().coverTranspirationMm())
        .isCloseTo(t.coverTranspirationMm(), within(1e-9));
    SeasonRun living = drilled(1999, null, Farm.seed("cereal_rye", 70));
    assertThat(living.water().coverTranspirationMm()).isGreaterThan(t.coverTranspirationMm());
  }

  @ParameterizedTest
  @EnumSource(Ending.Stems.class)
  void rollingWorksBestDryOnFirmGroundAndTwiceIsMore(Ending.Stems stems) {
    LocalDate day = LocalDate.of(2000, 5, 26);
    double[] kill = new double[4];
    int n = 0;
    for (Ending ending :
        List.of(
            new Ending.Roll(day, stems, Ending.Ground.SOFT, 450, 1, 7),
            new Ending.Roll(day, stems, Ending.Ground.FIRM, 200, 1, 7),
            new Ending.Roll(day, stems, Ending.Ground.FIRM, 450, 1, 7),
            new Ending.Roll(day, stems, Ending.Ground.FIRM, 450, 2, 7))) {
      kill[n++] = drilled(1999, ending, Farm.seed("cereal_rye", 70)).termination().kill()[0];
    }
    assertThat(kill[2]).isGreaterThan(kill[0]).isGreaterThan(kill[1]);
    assertThat(kill[3]).isCloseTo(1 - (1 - kill[2]) * (1 - kill[2]), within(1e-12));
    assertThat(kill[2]).isBetween(0.5 * stems.factor(), stems.factor());
  }

  @Test
  void keepingLessOfASeasonChangesNothingInIt() {
    LocalDate day = LocalDate.of(1999, 9, 25);
    CashCrop beans = new CashCrop.Soybean(LocalDate.of(1999, 5, 14), 2.4, 0.76, day);
    SeasonPlan plan =
        plan(Soil.USUAL, beans, Placement.DRILL, day, null, Farm.seed("cereal_rye", 70));
    CropColumns crop = Farm.MODEL.crop(beans, SKY);
    SeasonRun full = Farm.MODEL.run(SKY, crop, plan);
    SeasonRun odds = Farm.MODEL.run(SKY, crop, plan, SeasonColumns.Detail.ODDS);
    assertThat(odds.columns().coverMgPerHa()).isDeepEqualTo(full.columns().coverMgPerHa());
    assertThat(odds.columns().trafficability()).isEqualTo(full.columns().trafficability());
    assertThat(odds.components()).isEqualTo(full.components());
    assertThat(odds.water()).isEqualTo(full.water());
    assertThat(odds.columns().mulchMgPerHa()).isEqualTo(full.columns().mulchMgPerHa());
    assertThat(odds.columns().trafficabilityBare()).isEqualTo(full.columns().trafficabilityBare());
    assertThat(odds.columns().lightAtGround()).isEmpty();
  }

  @Test
  void bareGroundBesideIsTheSameWhoeverAskedBefore() {
    LocalDate day = LocalDate.of(1999, 9, 25);
    CashCrop beans = new CashCrop.Soybean(LocalDate.of(1999, 5, 14), 2.4, 0.76, day);
    SeasonPlan whole =
        plan(Soil.USUAL, beans, Placement.DRILL, day, null, Farm.seed("cereal_rye", 70));
    SeasonPlan autumn =
        new SeasonPlan(
            whole.soil(),
            whole.start(),
            beans,
            whole.cover(),
            whole.placement(),
            day,
            List.of(),
            day.plusDays(30));
    CropColumns alone = Farm.MODEL.crop(beans, SKY);
    Trafficability[] spring = Farm.MODEL.run(SKY, alone, whole).columns().trafficabilityBare();

    CropColumns shared = Farm.MODEL.crop(beans, SKY);
    Trafficability[] first = Farm.MODEL.run(SKY, shared, autumn).columns().trafficabilityBare();
    assertThat(first).hasSizeLessThan(spring.length);
    assertThat(Farm.MODEL.run(SKY, shared, whole).columns().trafficabilityBare()).isEqualTo(spring);
    assertThat(Farm.MODEL.run(SKY, shared, autumn).columns().trafficabilityBare()).isEqualTo(first);
  }

  @Test
  void weatherThatDoesNotReachIsRefused() {
    DailyWeather first999 = Farm.RECORD.slice(LocalDate.of(1999, 1, 1), LocalDate.of(2000, 3, 1));
    LocalDate day = LocalDate.of(1999, 9, 25);
    SeasonPlan plan =
        plan(
            Soil.USUAL,
            new CashCrop.SmallGrain(LocalDate.of(1999, 7, 10)),
            Placement.DRILL,
            day,
            null,
            Farm.seed("oats", 70));
    assertThatThrownBy(() -> Farm.MODEL.run(Sky.over(first999, PLACE), plan))
        .hasMessageContaining("does not hold the season from 1999-04-01 to 2000-07-31");
    assertThatThrownBy(
            () ->
                plan(
                    Soil.USUAL,
                    new CashCrop.None(),
                    Placement.DRILL,
                    day,
                    new Ending.Kill(day.minusDays(1)),
                    Farm.seed("oats", 70)))
        .hasMessageContaining("before it is seeded");
  }
}
