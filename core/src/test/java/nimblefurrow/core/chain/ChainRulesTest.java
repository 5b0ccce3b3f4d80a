package nimblefurrow.core.chain;

import static nimblefurrow.core.chain.ChainTest.cover;
import static nimblefurrow.core.chain.ChainTest.crop;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.chain.ChainRules.Broken;
import nimblefurrow.core.chain.ChainRules.Known;
import nimblefurrow.core.chain.ChainRules.Rule;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.units.UnitSystem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What one link asks of the others, at the day on which it begins to hold. */
class ChainRulesTest {
  private static final ChainRules RULES = ChainRules.shipped();

  private static List<Broken> broken(Link... links) {
    return RULES.broken(Chain.of(List.of(links)), Known.NOTHING);
  }

  private static List<Rule> rules(Link... links) {
    return broken(links).stream().map(Broken::rule).toList();
  }

  @ParameterizedTest
  @CsvSource({"2026-09-21,false", "2026-09-22,true"})
  void aSmallGrainWantsTwoWeeksWithNothingGreen(String ended, boolean said) {
    Link grain = crop("wheat", Link.CropClass.SMALL_GRAIN, "2026-10-05", "2027-07-10");
    Link.Cover oats = cover("oats", "2026-08-01", ended, "till", "oats");
    assertThat(rules(oats, grain).contains(Rule.GROUND_BEFORE_GRAIN)).isEqualTo(said);
  }

  @Test
  void theSentenceHasItsFiguresAndTheWayOut() {
    Link grain = crop("wheat", Link.CropClass.SMALL_GRAIN, "2026-10-05", "2027-07-10");
    Broken told = broken(cover("oats", "2026-08-01", "2026-09-30", "till", "oats"), grain).get(0);
    assertThat(told.linkId()).isEqualTo("oats");
    assertThat(told.on()).isEqualTo(LocalDate.of(2026, 9, 30));
    assertThat(told.words().say(UnitSystem.US))
        .contains("oats is gone 5 days before wheat is sown on 5 Oct; leave 14 days");
  }

  @ParameterizedTest
  @CsvSource({
    "cereal_rye,2027-04-24,false",
    "cereal_rye,2027-04-25,true",
    "hairy_vetch,2027-05-03,false"
  })
  void grassRightBeforeCorn(String species, String ended, boolean said) {
    Link corn = crop("corn", Link.CropClass.CORN, "2027-05-04", "2027-10-10");
    Link.Cover c = cover("c", "2026-09-20", ended, "sprayEarly", species);
    assertThat(rules(c, corn).contains(Rule.GRASS_BEFORE_CORN)).isEqualTo(said);
    Link beans = crop("beans", Link.CropClass.SOYBEAN, "2027-05-04", "2027-10-10");
    assertThat(rules(c, beans)).isEmpty();
  }

  @Test
  void onlyTheLastCoverBeforeACropIsAsked() {
    Link corn = crop("corn", Link.CropClass.CORN, "2027-05-04", "2027-10-10");
    Link.Cover rye = cover("rye", "2026-09-20", "2027-04-26", "till", "cereal_rye");
    Link.Cover oats = cover("oats", "2026-07-20", "2026-09-19", "till", "oats");
    assertThat(broken(oats, rye, corn)).extracting(Broken::linkId).containsExactly("rye");
  }

  @Test
  void aCropACoverIsSeededIntoIsNotTheNextOne() {
    Link corn = crop("corn", Link.CropClass.CORN, "2026-05-04", "2026-10-10");
    Link.Cover ryegrass =
        cover("ryegrass", "2026-06-11", "2027-04-20", "sprayEarly", "annual_ryegrass");
    assertThat(rules(corn, ryegrass)).isEmpty();
  }

  @Test
  void whatWinterKillsLeavesTheGroundBareByItself() {
    Link corn = crop("corn", Link.CropClass.CORN, "2027-05-04", "2027-10-10");
    assertThat(rules(cover("oats", "2026-08-12", "2027-05-03", "winter", "oats"), corn)).isEmpty();
  }

  @Test
  void treatedSeedIsNotFedWithoutAWord() {
    assertThat(rules(cover("a", "2026-09-01", "2027-04-20", "graze", true, "triticale")))
        .containsExactly(Rule.TREATED_SEED_FED);
    assertThat(rules(cover("a", "2026-09-01", "2027-04-20", "graze", false, "triticale")))
        .isEmpty();
    assertThat(rules(cover("a", "2026-09-01", "2027-04-20", "till", true, "triticale"))).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"2027-07-01,1", "2027-07-02,1", "2027-07-03,0"})
  void ripeSeedComesAgain(String ripe, int told) {
    Chain chain = Chain.of(List.of(cover("b", "2027-05-20", "2027-07-03", "mow", "buckwheat")));
    Known known = new Known(List.of(), Map.of("b", LocalDate.parse(ripe)));
    assertThat(RULES.broken(chain, known)).hasSize(told);
  }

  @Test
  void aResidualOfLastSeasonIsStillAsked() {
    Chain chain = Chain.of(List.of(cover("v", "2026-08-20", "2027-05-20", "till", "cereal_rye")));
    CarryOver.Sprayed amide = new CarryOver.Sprayed("amide", LocalDate.of(2026, 5, 20));
    assertThat(RULES.broken(chain, new Known(List.of(amide), Map.of())))
        .extracting(Broken::rule)
        .containsExactly(Rule.PLANT_BACK);
    CarryOver.Sprayed after = new CarryOver.Sprayed("amide", LocalDate.of(2026, 8, 21));
    assertThat(RULES.broken(chain, new Known(List.of(after), Map.of()))).isEmpty();
  }

  @Test
  void ofTwoCoversThatCrossTheLaterIsTold() {
    Link.Cover a = cover("a", "2026-08-01", "2026-10-01", "till", "oats");
    Link.Cover b = cover("b", "2026-09-20", "2027-05-01", "till", "hairy_vetch");
    assertThat(broken(a, b)).extracting(Broken::linkId).containsExactly("b");
    assertThat(rules(a, b)).containsExactly(Rule.OVERLAP);
  }
}
