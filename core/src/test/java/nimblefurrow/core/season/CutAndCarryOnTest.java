package nimblefurrow.core.season;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.core.weather.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A run that is cut and gone on with is the run that was never cut; a cover may follow a cover. */
class CutAndCarryOnTest {
  private static final Sky SKY = Sky.over(Farm.RECORD, Station.shipped().get(0).place());
  private static final List<String> SPECIES =
      List.of("cereal_rye", "hairy_vetch", "oats", "crimson_clover", "radish", "annual_ryegrass");
  private static final double EXACT = 1e-9;

  private record Case(SeasonPlan plan, LocalDate cut) {}

  private static List<Case> cases() {
    Random random = new Random(11);
    List<Case> all = new ArrayList<>();
    for (int n = 0; n < 60; n++) {
      int year = 1998 + random.nextInt(20);
      LocalDate seeded = LocalDate.of(year, 8, 1).plusDays(random.nextInt(90));
      List<CoverComponent> cover = new ArrayList<>();
      for (int s = 0; s <= random.nextInt(3); s++) {
        cover.add(Farm.seed(SPECIES.get((n + s) % SPECIES.size()), 5 + random.nextInt(60)));
      }
      LocalDate end = LocalDate.of(year + 1, 4, 1).plusDays(random.nextInt(70));
      SeasonPlan plan =
          new SeasonPlan(
              new Soil(
                  Texture.values()[random.nextInt(Texture.values().length)],
                  Drainage.values()[random.nextInt(Drainage.values().length)],
                  random.nextBoolean()),
              FieldStart.USUAL,
              n % 3 == 0
                  ? new CashCrop.None()
                  : n % 3 == 1
                      ? new CashCrop.SmallGrain(LocalDate.of(year, 7, 20))
                      : new CashCrop.Soybean(LocalDate.of(year, 5, 10), 2.4, 0.76, null),
              cover,
              random.nextBoolean() ? Placement.DRILL : Placement.BROADCAST,
              seeded,
              endings(random.nextInt(6), end),
              List.of(new Sighting.Cover(end.minusDays(20), 1.5)),
              null);
      long days = plan.firstDay().until(plan.lastDay(), java.time.temporal.ChronoUnit.DAYS);
      all.add(new Case(plan, plan.firstDay().plusDays(random.nextInt((int) days))));
    }
    return all;
  }

  private static List<Ending> endings(int which, LocalDate on) {
    return switch (which) {
      case 0 -> List.of(new Ending.Kill(on));
      case 1 -> List.of(new Ending.Till(on, 0.7));
      case 2 -> List.of(new Ending.Cut(on, 10, true), new Ending.Kill(on.plusDays(25)));
      case 3 -> List.of(new Ending.Cut(on, 8, false));
      case 4 ->
          List.of(
              new Ending.Graze(on, on.plusDays(12), 0.1, 0.8, 0.2),
              new Ending.Kill(on.plusDays(30)));
      default -> List.of();
    };
  }

  @ParameterizedTest
  @MethodSource("cases")
  void cutAnywhere(Case c) {
    CropColumns crop = Farm.MODEL.crop(c.plan().crop(), SKY);
    SeasonRun whole = Farm.MODEL.run(SKY, crop, c.plan());
    SeasonState cut = Farm.MODEL.until(SKY, crop, c.plan(), c.cut());
    SeasonRun rest = Farm.MODEL.goOn(SKY, crop, c.plan(), cut);

    int at = whole.columns().indexOf(c.cut()) + 1;
    assertThat(rest.columns().start()).isEqualTo(c.cut().plusDays(1));
    assertThat(rest.columns().days()).isEqualTo(whole.columns().days() - at);
    same(whole.columns().mulchMgPerHa(), rest.columns().mulchMgPerHa(), at);
    same(whole.columns().dyingMgPerHa(), rest.columns().dyingMgPerHa(), at);
    same(whole.columns().mulchCarbonToNitrogen(), rest.columns().mulchCarbonToNitrogen(), at);
    same(whole.columns().residueMgPerHa(), rest.columns().residueMgPerHa(), at);
    same(whole.columns().snowDepthCm(), rest.columns().snowDepthCm(), at);
    same(whole.columns().waterStatus(), rest.columns().waterStatus(), at);
    same(whole.columns().surfaceSkinMm(), rest.columns().surfaceSkinMm(), at);
    same(whole.columns().rootsM(), rest.columns().rootsM(), at);
    same(whole.columns().leafAreaIndex(), rest.columns().leafAreaIndex(), at);
    for (int layer = 0; layer < 3; layer++) {
      same(whole.columns().soilWaterMm()[layer], rest.columns().soilWaterMm()[layer], at);
    }
    for (int s = 0; s < c.plan().cover().size(); s++) {
      same(whole.columns().coverMgPerHa()[s], rest.columns().coverMgPerHa()[s], at);
      same(whole.columns().plantsPerM2()[s], rest.columns().plantsPerM2()[s], at);
      same(whole.columns().stageFraction()[s], rest.columns().stageFraction()[s], at);
      same(whole.columns().hardening()[s], rest.columns().hardening()[s], at);
      assertThat(rest.components().get(s).stages()).isEqualTo(whole.components().get(s).stages());
      assertThat(rest.components().get(s).emergedOn())
          .isEqualTo(whole.components().get(s).emergedOn());
    }
    assertThat(rest.water().drainageMm()).isCloseTo(whole.water().drainageMm(), within(EXACT));
    assertThat(rest.water().coverTranspirationMm())
        .isCloseTo(whole.water().coverTranspirationMm(), within(EXACT));
    assertThat(rest.effects()).hasSameSizeAs(whole.effects());
  }

  private static void same(double[] whole, double[] rest, int at) {
    for (int i = 0; i < rest.length; i++) {
      assertThat(rest[i]).isCloseTo(whole[at + i], within(EXACT));
    }
  }

  private static SeasonPlan rye(CashCrop crop, LocalDate seeded, LocalDate killed) {
    return new SeasonPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        crop,
        List.of(Farm.seed("cereal_rye", 90)),
        Placement.DRILL,
        seeded,
        List.of(new Ending.Kill(killed)),
        null);
  }

  private static final LocalDate KILLED = LocalDate.of(2004, 6, 5);
  private static final SeasonPlan FIRST =
      rye(new CashCrop.SmallGrain(LocalDate.of(2003, 7, 15)), LocalDate.of(2003, 9, 10), KILLED);

  private static SeasonPlan summer(CashCrop crop) {
    return new SeasonPlan(
        Soil.USUAL,
        FieldStart.USUAL,
        crop,
        List.of(Farm.seed("sorghum_sudan", 30)),
        Placement.DRILL,
        LocalDate.of(2004, 6, 10),
        List.of(),
        null);
  }

  @Test
  void aCoverBehindACoverGrowsUnderItsMulchAndWithTheWaterItLeft() {
    CashCrop.AfterCover after = new CashCrop.AfterCover(FIRST, KILLED);
    SeasonRun second = Farm.MODEL.run(SKY, summer(after));
    SeasonRun alone = Farm.MODEL.run(SKY, summer(new CashCrop.None()));
    SeasonState left = Farm.MODEL.until(SKY, Farm.MODEL.crop(FIRST.crop(), SKY), FIRST, KILLED);

    assertThat(second.columns().start()).isEqualTo(KILLED.plusDays(1));
    assertThat(left.mulchMgPerHa()).isGreaterThan(4);
    // The mulch has rotted for one day since.
    assertThat(second.columns().mulchMgPerHa()[0])
        .isBetween(0.97 * left.mulchMgPerHa(), left.mulchMgPerHa());
    int day = alone.columns().indexOf(KILLED.plusDays(1));
    assertThat(second.columns().soilWaterMm()[2][0])
        .isLessThan(alone.columns().soilWaterMm()[2][day] - 20);
    assertThat(second.columns().coverMgPerHa()).hasDimensions(1, second.columns().days());
    assertThat(second.cashCropHarvestedOn()).isEqualTo(KILLED);
  }

  @Test
  void oddsOfItAreTheSameWithAndWithoutSharedGround() {
    CashCrop.AfterCover after = new CashCrop.AfterCover(FIRST, KILLED);
    SeasonPlan late =
        new SeasonPlan(
            Soil.USUAL,
            FieldStart.USUAL,
            after,
            List.of(Farm.seed("oats", 60)),
            Placement.DRILL,
            LocalDate.of(2004, 8, 10),
            List.of(),
            null);
    CropColumns crop = Farm.MODEL.crop(after, SKY);
    SeasonRun full = Farm.MODEL.run(SKY, crop, late, SeasonColumns.Detail.FULL);
    SeasonRun odds = Farm.MODEL.run(SKY, crop, late, SeasonColumns.Detail.ODDS);
    assertThat(odds.columns().coverMgPerHa()[0])
        .containsExactly(full.columns().coverMgPerHa()[0], within(EXACT));
    assertThat(odds.columns().mulchMgPerHa()[200])
        .isCloseTo(full.columns().mulchMgPerHa()[200], within(EXACT));
  }

  @Test
  void whatStillStandsIsLaidDownBeforeTheNextAndSumsBeginAnew() {
    SeasonState standing =
        Farm.MODEL.until(SKY, Farm.MODEL.crop(FIRST.crop(), SKY), FIRST, KILLED.minusDays(1));
    SeasonState cleared = standing.cleared();
    assertThat(standing.coverMgPerHa()).isGreaterThan(4);
    assertThat(cleared.coverMgPerHa()).isZero();
    assertThat(cleared.mulchMgPerHa())
        .isCloseTo(standing.mulchMgPerHa() + standing.coverMgPerHa(), within(EXACT));
    assertThat(cleared.soilWaterMm()).containsExactly(standing.soilWaterMm());
    assertThat(cleared.day()).isEqualTo(KILLED.minusDays(1));
  }

  @Test
  void seedMayGoOutOnTheDayTheOtherEnds() {
    CashCrop.AfterCover sameDay = new CashCrop.AfterCover(FIRST, LocalDate.of(2004, 6, 10));
    SeasonRun run = Farm.MODEL.run(SKY, summer(sameDay));
    assertThat(run.columns().start()).isEqualTo(LocalDate.of(2004, 6, 11));
    assertThat(run.components().get(0).emergedPerM2()).isPositive();
  }

  @Test
  void daysOutOfOrderAreRefused() {
    assertThatThrownBy(() -> new CashCrop.AfterCover(FIRST, FIRST.seededOn().minusDays(1)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("cannot be ended");
    CashCrop.AfterCover late = new CashCrop.AfterCover(FIRST, LocalDate.of(2004, 6, 11));
    assertThatThrownBy(() -> summer(late))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("before the one it follows is ended on 2004-06-11");
    CropColumns crop = Farm.MODEL.crop(FIRST.crop(), SKY);
    assertThatThrownBy(() -> Farm.MODEL.until(SKY, crop, FIRST, LocalDate.of(2004, 8, 1)))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("not to 2004-08-01");
    assertThatThrownBy(() -> Farm.MODEL.until(SKY, crop, FIRST, LocalDate.of(2003, 3, 1)))
        .isInstanceOf(Refused.class);
  }
}
