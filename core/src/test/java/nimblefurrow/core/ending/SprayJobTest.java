package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.Endings;
import nimblefurrow.core.ending.SprayProduct.Mode;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A spray held against its labels: hand-worked amounts, and each limit said when it breaks. */
class SprayJobTest {
  private static final LocalDate DAY = LocalDate.of(2027, 5, 8);

  private static SprayProduct product(String name, Mode mode) {
    return new SprayProduct(
        name,
        "active " + name,
        mode,
        "L",
        500,
        1,
        3,
        100.0,
        200.0,
        4,
        Map.of("corn", 7, "soybean", 0),
        12,
        14,
        2000.0,
        1.3,
        4.5,
        List.of(new SprayProduct.HeightRow(60, 2.5), new SprayProduct.HeightRow(30, 1.5)));
  }

  private static SprayJob.Context context(
      NextCrop.Kind next, @Nullable Double heightCm, boolean organic, double used) {
    return new SprayJob.Context(
        DAY,
        DAY.plusDays(3),
        next,
        heightCm,
        4.0,
        organic,
        DAY.plusDays(10),
        Map.of("active A", used),
        true);
  }

  private static SprayJob job(
      SprayJob.Context c, double rate, double carrier, SprayProduct... products) {
    return SprayJob.of(
        java.util.Arrays.stream(products).map(p -> new SprayJob.Use(p, rate)).toList(),
        carrier,
        3000,
        40,
        c);
  }

  private static List<String> said(SprayJob job, SprayJob.Weight weight) {
    return job.findings().stream()
        .filter(f -> f.weight() == weight)
        .map(f -> f.reason().say(UnitSystem.METRIC))
        .toList();
  }

  @Test
  void tanksAndActiveByHand() {
    SprayJob j =
        job(context(NextCrop.Kind.SOYBEAN, null, false, 0), 2, 150, product("A", Mode.SYSTEMIC));
    assertThat(j.tanks().tanks()).as("6000 L in tanks of 3000 L").isEqualTo(2);
    assertThat(j.tanks().products().get(0).perTank()).isCloseTo(40, within(1e-9));
    assertThat(j.parts().get(0).activeGPerHa()).isEqualTo(1000);
    assertThat(said(j, SprayJob.Weight.BREAKS)).singleElement().asString().contains("graze");
    assertThat(said(j, SprayJob.Weight.FLAG)).singleElement().asString().contains("hard water");
  }

  @Test
  void everyEnteredLimitIsSaidWhenItBreaks() {
    SprayJob j =
        job(context(NextCrop.Kind.CORN, 80.0, true, 900), 3.5, 250, product("A", Mode.SYSTEMIC));
    assertThat(said(j, SprayJob.Weight.BREAKS))
        .hasSize(7)
        .anyMatch(s -> s.contains("organic"))
        .anyMatch(s -> s.contains("3.50 L/ha is outside its label: 1.00 L/ha to 3.00 L/ha"))
        .anyMatch(s -> s.contains("no rate for plants of 80 cm"))
        .anyMatch(s -> s.contains("250 L/ha of spray"))
        .anyMatch(s -> s.contains("corn may be planted 7 days after it; planting is 3 days"))
        .anyMatch(s -> s.contains("2,650 g/ha this season; its label allows 2,000 g/ha"));
    assertThat(j.findings().get(0).weight())
        .as("what breaks comes first")
        .isEqualTo(SprayJob.Weight.BREAKS);
  }

  @Test
  void theHeightPicksTheLabelsRow() {
    SprayJob j =
        job(context(NextCrop.Kind.SOYBEAN, 45.0, false, 0), 2, 150, product("A", Mode.SYSTEMIC));
    assertThat(j.parts().get(0).heightRow()).isEqualTo(new SprayProduct.HeightRow(60, 2.5));
    assertThat(said(j, SprayJob.Weight.FLAG)).anyMatch(s -> s.contains("ask for 2.50 L/ha"));
  }

  @Test
  void pairsThatWorkAgainstEachOtherAreFlaggedByMode() {
    SprayJob.Context c = context(NextCrop.Kind.SOYBEAN, null, false, 0);
    assertThat(
            said(
                job(c, 2, 150, product("A", Mode.SYSTEMIC), product("B", Mode.CONTACT)),
                SprayJob.Weight.FLAG))
        .anyMatch(s -> s.contains("burns leaves before"));
    assertThat(
            said(
                job(
                    c,
                    2,
                    150,
                    product("A", Mode.GRASS_SYSTEMIC),
                    product("B", Mode.GROWTH_REGULATOR)),
                SprayJob.Weight.FLAG))
        .anyMatch(s -> s.contains("holds systemic grass control back"));
    assertThat(said(job(c, 2, 150, product("A", Mode.RESIDUAL)), SprayJob.Weight.FLAG))
        .anyMatch(s -> s.contains("catches a soil residual"));
  }

  @Test
  void aLabelWithoutSenseIsRefusedWithItsPlace() {
    assertThatThrownBy(
            () ->
                new SprayProduct(
                    "A",
                    "a",
                    Mode.CONTACT,
                    "L",
                    500,
                    3,
                    1,
                    null,
                    null,
                    0,
                    Map.of(),
                    0,
                    null,
                    null,
                    null,
                    null,
                    List.of()))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo("highPerHa"));
  }

  @Test
  void aRollerSlidesSoonerOnWetGroundAndSteeperSlopes() {
    RollerPull firm = RollerPull.of(5700, 11000, 4, RollerPull.Footing.FIRM);
    // 5700 kg × 9.81 × (sin + 0.08 cos) of 4 %.
    assertThat(firm.pullKN()).isCloseTo(5.7 * 9.81 * 0.12 / Math.sqrt(1 + 0.0016), within(1e-6));
    assertThat(RollerPull.of(5700, 11000, 4, RollerPull.Footing.WET).share())
        .isGreaterThan(firm.share());
    assertThat(RollerPull.of(5700, 11000, 30, RollerPull.Footing.WET).share()).isGreaterThan(1);
  }

  @Test
  void aLightPlanterInAThickMatIsToldSo() {
    PlanterSetup light = PlanterSetup.of(2400, 16, 6, true, false);
    assertThat(light.kgPerRow()).isEqualTo(150);
    assertThat(light.advice().get(0).say(UnitSystem.METRIC)).contains("is light: about 188 kg");
    assertThat(PlanterSetup.of(4800, 16, 6, true, false).advice().get(0).say(UnitSystem.METRIC))
        .doesNotContain("light");
  }

  @ParameterizedTest
  @CsvSource({"0, 105", "0.76, 114.5", "2, 130", "8, 215", "12, 245", "20, 245"})
  void whatCutsTheMatRisesWithIt(double coverMgPerHa, double kg) {
    String first =
        PlanterSetup.of(1000, 16, coverMgPerHa, true, false).advice().get(0).say(UnitSystem.METRIC);
    assertThat(first).contains("about %.0f kg cuts".formatted(kg));
  }

  @Test
  void theInsurersRuleCountsFromPlanting() {
    InsurerZone zone = EndingRules.shipped().insurer();
    assertThat(zone.kept(DAY.plusDays(5), DAY, 8)).isTrue();
    assertThat(zone.kept(DAY.plusDays(6), DAY, 8)).isFalse();
    assertThat(zone.say(DAY.plusDays(8), DAY, 8).say(UnitSystem.US)).contains("by 3 days");
    // Where the crop is up sooner than the five days, it must be ended before that.
    assertThat(zone.kept(DAY.plusDays(3), DAY, 4)).isTrue();
    assertThat(zone.kept(DAY.plusDays(4), DAY, 4)).isFalse();
    InsurerZone third = new InsurerZone("3", 0, false, "at or before planting");
    assertThat(third.kept(DAY, DAY, 1)).isTrue();
    assertThat(third.kept(DAY.plusDays(1), DAY, 30)).isFalse();
  }

  @Test
  void whatIsWatchedHangsOnTheWayAndTheCover() {
    WatchList.Ended rolled =
        new WatchList.Ended(
            Endings.ROLL_PLANT,
            DAY,
            DAY,
            NextCrop.Kind.CORN,
            List.of(nimblefurrow.core.Farm.species("cereal_rye")),
            6,
            DAY.plusDays(20),
            -30,
            true);
    assertThat(WatchList.of(rolled))
        .extracting(WatchList.Item::key)
        .contains("kill", "armyworm", "slugs", "slow", "nitrogen", "volunteers", "weeds");
    assertThat(WatchList.of(rolled)).isSortedAccordingTo((a, b) -> a.from().compareTo(b.from()));
    WatchList.Ended winter =
        new WatchList.Ended(
            Endings.WINTER,
            DAY.minusMonths(6),
            DAY,
            NextCrop.Kind.SOYBEAN,
            List.of(nimblefurrow.core.Farm.species("oats")),
            1,
            null,
            5,
            false);
    assertThat(WatchList.of(winter))
        .extracting(WatchList.Item::key)
        .containsExactly("survivors", "cropStand", "weeds");
  }

  private static SprayJob.Context quiet(
      LocalDate plantOn, @Nullable LocalDate graze, double cover) {
    return new SprayJob.Context(
        DAY, plantOn, NextCrop.Kind.CORN, null, cover, false, graze, Map.of(), false);
  }

  private static List<String> broken(SprayJob.Context c, double rate, double carrier) {
    return said(job(c, rate, carrier, product("A", Mode.CONTACT)), SprayJob.Weight.BREAKS);
  }

  private static final SprayJob.Context FAR = quiet(DAY.plusDays(30), null, 1);

  @ParameterizedTest
  @CsvSource({"0.999, 1", "1, 0", "3, 0", "3.001, 1"})
  void ratesKeepToTheirLabelToTheEdge(double rate, int broken) {
    assertThat(broken(FAR, rate, 150)).hasSize(broken);
  }

  @ParameterizedTest
  @CsvSource({"99.9, 1", "100, 0", "200, 0", "200.1, 1"})
  void sprayVolumeKeepsToItsLabelToTheEdge(double carrier, int broken) {
    List<String> said = broken(FAR, 2, carrier);
    assertThat(said).hasSize(broken);
    said.forEach(s -> assertThat(s).contains("100 L/ha to 200 L/ha"));
  }

  @Test
  void oneSidedVolumesSayTheSideTheyHave() {
    SprayProduct low = withCarrier(100.0, null);
    SprayProduct high = withCarrier(null, 200.0);
    assertThat(said(job(FAR, 2, 90, low), SprayJob.Weight.BREAKS))
        .containsExactly("90 L/ha of spray is outside its label: 100 L/ha to 90 L/ha");
    assertThat(said(job(FAR, 2, 210, high), SprayJob.Weight.BREAKS))
        .containsExactly("210 L/ha of spray is outside its label: 0 L/ha to 200 L/ha");
    assertThat(said(job(FAR, 2, 900, low), SprayJob.Weight.BREAKS)).isEmpty();
    assertThat(said(job(FAR, 2, 10, high), SprayJob.Weight.BREAKS)).isEmpty();
  }

  private static SprayProduct withCarrier(@Nullable Double low, @Nullable Double high) {
    SprayProduct p = product("A", Mode.CONTACT);
    return new SprayProduct(
        p.name(),
        p.active(),
        p.mode(),
        p.unit(),
        p.activeGPerUnit(),
        p.lowPerHa(),
        p.highPerHa(),
        low,
        high,
        p.rainFreeHours(),
        p.plantBackDays(),
        p.reentryHours(),
        p.grazingDays(),
        p.seasonLimitGPerHa(),
        p.windLowMPerS(),
        p.windHighMPerS(),
        p.byHeight());
  }

  @ParameterizedTest
  @CsvSource({"-1, 0", "0, 1", "6, 1", "7, 0"})
  void plantBackIsCountedFromTheDayOfTheSpray(int days, int broken) {
    assertThat(broken(quiet(DAY.plusDays(days), null, 1), 2, 150)).hasSize(broken);
  }

  @ParameterizedTest
  @CsvSource({"-1, 0", "0, 1", "13, 1", "14, 0"})
  void grazingIsCountedFromTheDayOfTheSpray(int days, int broken) {
    assertThat(broken(quiet(DAY.plusDays(30), DAY.plusDays(days), 1), 2, 150)).hasSize(broken);
  }

  @ParameterizedTest
  @CsvSource({"1000, 0", "1000.1, 1"})
  void theSeasonsLimitCountsWhatWentOutBefore(double used, int broken) {
    SprayJob.Context c =
        new SprayJob.Context(
            DAY,
            DAY.plusDays(30),
            NextCrop.Kind.CORN,
            null,
            1,
            false,
            null,
            Map.of("active A", used),
            false);
    // 2 L of 500 g are 1,000 g; the label allows 2,000.
    SprayJob j = job(c, 2, 150, product("A", Mode.CONTACT));
    assertThat(said(j, SprayJob.Weight.BREAKS)).hasSize(broken);
    assertThat(j.parts().get(0).usedGPerHa()).isEqualTo(used);
  }

  @ParameterizedTest
  @CsvSource({
    "20, 1.5, 0, 0",
    "20, 1.49, 0, 1",
    "30, 1.5, 0, 0",
    "30.1, 2.5, 0, 0",
    "30.1, 2.49, 0, 1",
    "60, 2.5, 0, 0",
    "60.1, 2.5, 1, 0",
  })
  void ratesByHeightFollowTheLabelsRows(double height, double rate, int broken, int flagged) {
    SprayJob.Context c =
        new SprayJob.Context(
            DAY, DAY.plusDays(30), NextCrop.Kind.CORN, height, 1, false, null, Map.of(), false);
    SprayJob j = job(c, rate, 150, product("A", Mode.CONTACT));
    assertThat(said(j, SprayJob.Weight.BREAKS)).hasSize(broken);
    assertThat(said(j, SprayJob.Weight.FLAG)).hasSize(flagged);
  }

  @ParameterizedTest
  @CsvSource({"3, 0", "3.01, 1"})
  void thickCoverCatchesAResidual(double cover, int flagged) {
    SprayJob j = job(quiet(DAY.plusDays(30), null, cover), 2, 150, product("A", Mode.RESIDUAL));
    assertThat(said(j, SprayJob.Weight.FLAG)).hasSize(flagged);
  }

  @ParameterizedTest
  @CsvSource({
    "CONTACT, SYSTEMIC, 1",
    "CONTACT, GRASS_SYSTEMIC, 1",
    "CONTACT, GROWTH_REGULATOR, 0",
    "CONTACT, RESIDUAL, 0",
    "GROWTH_REGULATOR, GRASS_SYSTEMIC, 1",
    "GROWTH_REGULATOR, SYSTEMIC, 0",
    "RESIDUAL, SYSTEMIC, 1",
    "RESIDUAL, GRASS_SYSTEMIC, 1",
    "RESIDUAL, GROWTH_REGULATOR, 0",
    "SYSTEMIC, GRASS_SYSTEMIC, 0",
  })
  void modesThatStandInEachOthersWayAreFlagged(Mode one, Mode other, int flagged) {
    SprayJob j = job(FAR, 2, 150, product("A", one), product("B", other));
    assertThat(said(j, SprayJob.Weight.FLAG)).hasSize(flagged);
  }

  @Test
  void theLongestWaitOfAllProductsHoldsAndWhatBreaksComesFirst() {
    SprayProduct a = product("A", Mode.SYSTEMIC);
    SprayProduct b =
        new SprayProduct(
            "B",
            "b",
            Mode.CONTACT,
            "kg",
            500,
            1,
            3,
            null,
            null,
            6,
            Map.of(),
            24,
            null,
            null,
            null,
            null,
            List.of());
    SprayJob j = job(FAR, 3.5, 150, a, b);
    assertThat(j.reentryHours()).isEqualTo(24);
    assertThat(j.rainFreeHours()).isEqualTo(6);
    assertThat(j.findings()).isSortedAccordingTo((x, y) -> x.weight().compareTo(y.weight()));
    assertThat(said(j, SprayJob.Weight.BREAKS))
        .containsExactly(
            "3.50 L/ha is outside its label: 1.00 L/ha to 3.00 L/ha",
            "3.50 kg/ha is outside its label: 1.00 kg/ha to 3.00 kg/ha");
    assertThat(said(j, SprayJob.Weight.FLAG)).anyMatch(s -> s.contains("no plant-back for corn"));
  }
}
