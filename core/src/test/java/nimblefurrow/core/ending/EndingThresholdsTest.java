package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingOption.Fit;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/**
 * The limits of every way of ending, asked of many covers and plantings: each verdict is reckoned
 * here once more from the field's own years, and both sides of each limit must have been met.
 */
class EndingThresholdsTest {
  private static final CropSeasons BEANS = Farm.seasons(Farm.SOYBEAN);
  private static final CropSeasons WHEAT = Farm.seasons(Farm.WHEAT);

  /** Only what the years grow is kept; each verdict is asked for anew. */
  private record Asked(EndingField field) {
    EndingOption of(EndingMethod method) {
      return EndingAdviser.option(method, field);
    }

    LocalDate plant() {
      return field.next().plantOn();
    }

    /** In how many years out of all. */
    double share(double years) {
      return years / field.years();
    }
  }

  private static final List<Asked> ALL = new ArrayList<>();

  @BeforeAll
  static void ask() {
    Forecaster forecaster = new Forecaster(Farm.MODEL);
    for (Species s : Farm.SPECIES.all()) {
      add(forecaster, BEANS, LocalDate.of(2026, 9, 28), s);
      add(forecaster, WHEAT, LocalDate.of(2026, 8, 20), s);
    }
    for (String early : List.of("cereal_rye", "winter_barley", "crimson_clover")) {
      for (String late : List.of("hairy_vetch", "red_clover", "winter_wheat")) {
        add(forecaster, BEANS, LocalDate.of(2026, 9, 20), Farm.species(early), Farm.species(late));
      }
    }
  }

  private static void add(
      Forecaster forecaster, CropSeasons crop, LocalDate seedOn, Species... species) {
    CoverComponent[] cover = new CoverComponent[species.length];
    for (int i = 0; i < cover.length; i++) {
      cover[i] = Farm.seed(species[i].id(), species[i].seed().drilled().typical());
    }
    CoverPlan plan = Farm.plan(Seedings.DRILL, seedOn, cover);
    var runs = forecaster.runs(plan, crop);
    for (int day : new int[] {98, 125, 140, 155}) {
      // Each kind of next crop in its turn: all of them for all would say the same three times.
      NextCrop.Kind kind = NextCrop.Kind.values()[ALL.size() % NextCrop.Kind.values().length];
      NextCrop next = new NextCrop(kind, LocalDate.ofYearDay(2027, day));
      ALL.add(new Asked(new EndingField(plan, crop, runs, next, false)));
    }
  }

  private static String said(EndingOption o) {
    return o.reasons().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .collect(Collectors.joining("; "));
  }

  private static String warned(EndingOption o) {
    return o.cautions().stream()
        .map(r -> r.say(UnitSystem.METRIC))
        .collect(Collectors.joining("; "));
  }

  @Test
  void winterIsReliedOnFromFourYearsInFive() {
    Set<Fit> met = new HashSet<>();
    for (Asked a : ALL) {
      int gone =
          a.field()
              .years(
                  r ->
                      r.components().stream()
                          .allMatch(c -> c.emergedPerM2() == 0 || c.winterSurvival() < 0.1));
      double share = a.share(gone);
      Fit fit = share >= 0.8 ? Fit.FITS : share > 0.2 ? Fit.WITH_CARE : Fit.DOES_NOT;
      EndingOption winter = a.of(Endings.WINTER);
      assertThat(winter.fit()).isEqualTo(fit);
      assertThat(winter.yearsReady()).isEqualTo(gone);
      assertThat(winter.from()).isEqualTo(LocalDate.of(2026, 11, 15));
      assertThat(winter.to()).isEqualTo(a.plant().minusDays(30));
      boolean tender =
          a.field()
              .species(s -> s.clock().scale().cereal() && s.winter().lt50HardC() > -10)
              .findAny()
              .isPresent();
      assertThat(warned(winter).contains("survivors")).isEqualTo(tender);
      assertThat(said(winter).contains("lives on")).isEqualTo(fit == Fit.DOES_NOT);
      met.add(fit);
    }
    assertThat(met).as("all three were met").hasSize(3);
  }

  @Test
  void rollingHangsOnTheStageTheWaitAndTheThickness() {
    Set<String> met = new TreeSet<>();
    for (Asked a : ALL) {
      EndingOption roll = a.of(Endings.ROLL_PLANT);
      Spread ripe = a.field().ripe(s -> 1);
      assertThat(roll.yearsReady()).isEqualTo(ripe.atMost(BEANS.count(a.plant())));
      assertThat(roll.from()).isEqualTo(a.field().day(ripe.median()));
      LocalDate late =
          a.field().day(a.field().ripe(s -> s.clock().scale().cereal() ? 1.36 : 1.25).median());
      assertThat(roll.to()).isEqualTo(late.isBefore(roll.from()) ? roll.from() : late);
      boolean no = a.field().species(s -> s.advice().roller().equals("no")).findAny().isPresent();
      boolean gone = a.share(a.field().yearsWinterKills()) > 0.8;
      double ready = a.share(roll.yearsReady());
      long wait = ChronoUnit.DAYS.between(a.plant(), roll.from());
      assertThat(said(roll).contains("winter kills it first")).isEqualTo(gone);
      if (gone || no) {
        assertThat(roll.fit()).isEqualTo(Fit.DOES_NOT);
        continue;
      }
      String text = said(roll);
      assertThat(text.contains("would wait")).isEqualTo(ready < 0.7 && wait > 35);
      assertThat(text.contains("planting waits")).isEqualTo(ready < 0.7 && wait > 0 && wait <= 35);
      double cover = a.field().coverOn(middle(roll)).median();
      assertThat(roll.coverMgPerHa()).isEqualTo(cover);
      assertThat(text.contains("too short and thin")).isEqualTo(cover < 2);
      boolean care =
          ready < 0.7 || cover < 2 || text.contains("ripens") || a.field().grassBeforeCorn();
      assertThat(roll.fit())
          .isEqualTo(text.contains("would wait") ? Fit.DOES_NOT : care ? Fit.WITH_CARE : Fit.FITS);
      met.add(roll.fit() + (cover < 2 ? " thin" : "") + (ready < 0.7 ? " early" : ""));
    }
    assertThat(met).contains("FITS", "WITH_CARE early", "WITH_CARE thin", "DOES_NOT early");
  }

  private static LocalDate middle(EndingOption o) {
    return o.from().plusDays(ChronoUnit.DAYS.between(o.from(), o.to()) / 2);
  }

  @Test
  void mixesThatRipenMoreThanTenDaysApartAreRolledWithCare() {
    Set<Boolean> met = new HashSet<>();
    for (Asked a : ALL) {
      if (a.field().plan().cover().size() < 2) {
        assertThat(said(a.of(Endings.ROLL_PLANT))).doesNotContain("ripens");
        continue;
      }
      double first = a.field().ripe(0, 1).median();
      double last = a.field().ripe(1, 1).median();
      boolean apart = Math.abs(first - last) > 10;
      assertThat(said(a.of(Endings.ROLL_PLANT)).contains("ripens")).isEqualTo(apart);
      met.add(apart);
    }
    assertThat(met).contains(true);
  }

  @Test
  void soybeansAreRolledOverTwoToFourWeeksAfterPlanting() {
    Set<Fit> met = new HashSet<>();
    for (Asked a : ALL) {
      EndingOption roll = a.of(Endings.PLANT_GREEN_ROLL);
      assertThat(roll.from()).isEqualTo(a.plant().plusDays(14));
      assertThat(roll.to()).isEqualTo(a.plant().plusDays(28));
      int ready = a.field().ripe(s -> 1).atMost(BEANS.count(a.plant().plusDays(28)));
      assertThat(roll.yearsReady()).isEqualTo(ready);
      boolean no =
          a.field().next().kind() != NextCrop.Kind.SOYBEAN
              || a.share(a.field().yearsWinterKills()) > 0.8
              || a.field().species(s -> s.advice().roller().equals("no")).findAny().isPresent();
      boolean care = a.share(ready) < 0.7 || roll.coverMgPerHa() < 2;
      Fit fit = no ? Fit.DOES_NOT : care ? Fit.WITH_CARE : Fit.FITS;
      assertThat(roll.fit()).isEqualTo(fit);
      met.add(fit);
    }
    assertThat(met).hasSize(3);
  }

  @Test
  void herbicidesWantGrassBeforeBootAndWarnOfThickCover() {
    Set<String> met = new TreeSet<>();
    for (Asked a : ALL) {
      for (EndingMethod m : List.of(Endings.SPRAY_EARLY, EndingMethod.of("sprayStanding"))) {
        EndingOption o = a.of(m);
        if (a.field().hasGrass()) {
          Spread boot = a.field().ripe(s -> s.family() == Family.GRASS ? 0.78 : 0);
          int before = boot.years() - boot.atMost(BEANS.count(o.to()));
          assertThat(said(o))
              .contains("still before boot", "in %d of %d years".formatted(before, boot.years()));
          if (a.share(before) < 0.7) {
            assertThat(o.fit()).isNotEqualTo(Fit.FITS);
            met.add("in boot");
          } else {
            met.add("before boot");
          }
        } else {
          assertThat(said(o)).doesNotContain("boot");
        }
        boolean thick = a.field().coverOn(middle(o)).median() > 3;
        assertThat(warned(o).contains("residual is caught")).isEqualTo(thick);
        met.add(thick ? "thick" : "thin");
        assertThat(warned(o)).contains("label is the law");
      }
    }
    assertThat(met).containsExactly("before boot", "in boot", "thick", "thin");
  }

  @Test
  void feedIsWorthItsFenceAndItsMower() {
    Set<String> met = new TreeSet<>();
    for (Asked a : ALL) {
      EndingOption graze = a.of(Endings.GRAZE);
      assertThat(graze.from()).isEqualTo(a.plant().minusDays(40));
      assertThat(graze.to()).isEqualTo(a.plant().minusDays(10));
      boolean feed = a.field().coverOn(middle(graze)).median() >= 1.5;
      assertThat(graze.fit()).isEqualTo(feed ? Fit.WITH_CARE : Fit.DOES_NOT);
      assertThat(graze.yearsReady())
          .isEqualTo(a.field().years(r -> EndingField.coverOn(r, a.plant().minusDays(10)) >= 1.5));
      assertThat(warned(graze).contains("tetany")).isEqualTo(a.field().hasGrass());
      long hurts =
          a.field()
              .species(
                  s ->
                      Pattern.compile("bloat|nitrate|prussic")
                          .matcher(s.advice().notes().toLowerCase(Locale.ROOT))
                          .find())
              .count();
      assertThat(graze.cautions().size() - seedWarnings(graze))
          .isEqualTo(3 + (a.field().hasGrass() ? 1 : 0) + (int) hurts);
      EndingOption hay = a.of(Endings.HAY);
      Spread boot = a.field().ripe(s -> s.clock().scale().cereal() ? 0.78 : 0.82);
      assertThat(hay.from()).isEqualTo(a.field().day(boot.median()));
      assertThat(hay.to()).isEqualTo(hay.from().plusDays(12));
      assertThat(hay.yearsReady()).isEqualTo(boot.atMost(BEANS.count(a.plant().minusDays(5))));
      boolean worth = a.field().coverOn(middle(hay)).median() >= 2;
      boolean intime = a.share(hay.yearsReady()) >= 0.5;
      assertThat(hay.fit()).isEqualTo(worth && intime ? Fit.WITH_CARE : Fit.DOES_NOT);
      met.add("graze " + feed);
      met.add("hay " + worth + " " + intime);
    }
    assertThat(met)
        .contains(
            "graze true", "graze false", "hay true true", "hay true false", "hay false false");
  }

  private static int seedWarnings(EndingOption o) {
    return (int)
        o.cautions().stream()
            .filter(c -> c.text().contains("viable seed") || c.text().contains("filling seed"))
            .count();
  }

  @Test
  void seedIsToldOfFromMilkOnAndGrassAheadOfCorn() {
    Set<String> met = new TreeSet<>();
    for (Asked a : ALL) {
      for (EndingMethod m : EndingMethods.all()) {
        EndingOption o = a.of(m);
        boolean living = !m.ofItself() && !m.rescues();
        int told = 0;
        for (int i = 0; i < a.field().plan().cover().size(); i++) {
          Species s = a.field().plan().cover().get(i).species();
          double day = BEANS.count(o.to());
          double viable = s.clock().scale().cereal() ? 1.36 : 1.33;
          boolean sets = a.share(a.field().ripe(i, viable).atMost(day)) > 0.1;
          boolean milk = a.share(a.field().ripe(i, 1.16).atMost(day)) > 0.1;
          told += living && (sets || milk) ? 1 : 0;
          if (living && sets) {
            assertThat(warned(o)).contains(s.name() + " carries viable seed");
            met.add("sets");
          } else if (living && milk) {
            assertThat(warned(o)).contains(s.name() + " is filling seed");
            met.add("fills");
          }
        }
        assertThat(seedWarnings(o)).isEqualTo(told);
        int usual = m.lag(a.field().plan(), a.field().next().kind()).usual();
        boolean grass =
            living
                && usual < 10
                && a.field().hasGrass()
                && a.field().next().kind() == NextCrop.Kind.CORN;
        assertThat(said(o).contains("starter nitrogen, and seedling")).isEqualTo(grass);
      }
    }
    assertThat(met).containsExactly("fills", "sets");
  }

  @Test
  void lastResortsSayWhatTheyLose() {
    for (Asked a : ALL) {
      EndingOption mow = a.of(Endings.MOW);
      assertThat(mow.from()).isEqualTo(a.plant().minusDays(7));
      assertThat(mow.to()).isEqualTo(a.plant());
      assertThat(mow.fit()).isEqualTo(Fit.WITH_CARE);
      assertThat(said(mow).contains("four weeks on")).isEqualTo(mow.coverMgPerHa() >= 0.1);
      if (mow.coverMgPerHa() >= 0.1) {
        Figure left =
            mow.reasons().stream()
                .map(r -> r.figures().get("left"))
                .filter(Objects::nonNull)
                .findFirst()
                .orElseThrow();
        assertThat(((Figure.Amount) left).value())
            .isCloseTo(0.6 * mow.coverMgPerHa(), within(1e-9));
      }
      EndingOption till = a.of(Endings.TILL);
      assertThat(till.from()).isEqualTo(a.plant().minusDays(14));
      assertThat(till.to()).isEqualTo(a.plant().minusDays(2));
      assertThat(said(till)).contains("dries the ground by about 12 mm");
      EndingOption rows = a.of(Endings.ROW_ZONE);
      assertThat(rows.fit())
          .isEqualTo(a.field().next().kind() == NextCrop.Kind.CORN ? Fit.WITH_CARE : Fit.DOES_NOT);
      EndingOption rescue = a.of(Endings.CULTIVATE);
      assertThat(rescue.from()).isEqualTo(a.plant().plusDays(20));
      assertThat(rescue.to()).isEqualTo(a.plant().plusDays(40));
      assertThat(rescue.yearsReady()).isZero();
      assertThat(rescue.fit())
          .isEqualTo(a.field().next().kind() == NextCrop.Kind.OTHER ? Fit.DOES_NOT : Fit.WITH_CARE);
    }
  }

  @Test
  void theRollAndSprayNeedsNoRipenessButSomethingToRoll() {
    for (Asked a : ALL) {
      EndingOption o = a.of(Endings.ROLL_SPRAY);
      assertThat(o.from()).isEqualTo(a.plant().minusDays(1));
      assertThat(o.to()).isEqualTo(a.plant().plusDays(2));
      assertThat(o.yearsReady()).isEqualTo(a.of(Endings.ROLL_PLANT).yearsReady());
      boolean gone = a.share(a.field().yearsWinterKills()) > 0.8;
      if (gone) {
        assertThat(o.fit()).isEqualTo(Fit.DOES_NOT);
      } else {
        assertThat(o.fit()).isNotEqualTo(Fit.DOES_NOT);
        assertThat(said(o)).contains("what is not ripe enough");
      }
    }
  }
}
