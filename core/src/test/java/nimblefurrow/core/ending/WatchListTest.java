package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblefurrow.core.Endings;
import nimblefurrow.core.Farm;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.UnitSystem;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What to look for after an ending, day by day. */
class WatchListTest {
  private static final LocalDate END = LocalDate.of(2027, 5, 10);
  private static final LocalDate PLANT = LocalDate.of(2027, 5, 20);

  private static WatchList.Ended ended(
      EndingMethod method,
      LocalDate endOn,
      double mulch,
      @Nullable LocalDate brownOn,
      double nitrogen,
      boolean setsSeed,
      String... cover) {
    List<Species> species = Arrays.stream(cover).map(Farm::species).toList();
    NextCrop.Kind corn = NextCrop.Kind.CORN;
    return new WatchList.Ended(
        method, endOn, PLANT, corn, species, mulch, brownOn, nitrogen, setsSeed);
  }

  private static Map<String, WatchList.Item> asked(WatchList.Ended e) {
    return WatchList.of(e).stream()
        .collect(Collectors.toMap(WatchList.Item::key, Function.identity()));
  }

  private static String days(WatchList.@Nullable Item item) {
    return item == null ? "" : item.from() + " " + item.to();
  }

  @Test
  void everyCoverIsFollowedByTheCropsStandAndItsWeeds() {
    var all = asked(ended(Endings.ROLL_PLANT, END, 2.9, null, 0, false, "hairy_vetch"));
    assertThat(all.keySet()).containsExactlyInAnyOrder("kill", "cropStand", "weeds");
    assertThat(days(all.get("kill"))).isEqualTo("2027-05-20 2027-05-24");
    assertThat(days(all.get("cropStand"))).isEqualTo("2027-06-03 2027-06-13");
    assertThat(days(all.get("weeds"))).isEqualTo("2027-06-10 2027-07-01");
  }

  @Test
  void comesInTheOrderOfItsDays() {
    var list =
        WatchList.of(ended(Endings.ROLL_PLANT, END, 6, END.plusDays(20), -30, true, "cereal_rye"));
    assertThat(list).isSortedAccordingTo((a, b) -> a.from().compareTo(b.from()));
    assertThat(list).hasSize(8);
  }

  @ParameterizedTest
  @CsvSource({"11, false", "12, false", "13, true"})
  void whatDiesInMoreThanTwelveDaysIsSlow(int days, boolean slow) {
    LocalDate brown = END.plusDays(days);
    var all = asked(ended(Endings.SPRAY_EARLY, END, 2, brown, 0, false, "hairy_vetch"));
    assertThat(days(all.get("slow")))
        .isEqualTo(slow ? brown.minusDays(3) + " " + brown.plusDays(4) : "");
  }

  @ParameterizedTest
  @CsvSource({
    "2027-04-10, 2027-04-25 2027-06-15",
    "2027-05-10, 2027-05-10 2027-06-15",
    "2027-06-15, 2027-06-15 2027-06-15",
    "2027-06-16, 2027-06-16 2027-07-07",
  })
  void armywormIsLookedForInGrassFromTheMothsOn(LocalDate endOn, String when) {
    var all = asked(ended(Endings.SPRAY_EARLY, endOn, 2, null, 0, false, "cereal_rye"));
    assertThat(days(all.get("armyworm"))).isEqualTo(when);
  }

  @Test
  void armywormIsNotLookedForInLegumesNorWhereWinterKills() {
    assertThat(asked(ended(Endings.SPRAY_EARLY, END, 2, null, 0, false, "hairy_vetch")))
        .doesNotContainKey("armyworm");
    assertThat(asked(ended(Endings.WINTER, END, 2, null, 0, false, "oats")))
        .doesNotContainKey("armyworm");
  }

  @ParameterizedTest
  @CsvSource({"2.99, ''", "3, 2027-05-25 2027-06-10"})
  void slugsAreLookedForFromThreeTonnesOfMulch(double mulch, String when) {
    var all = asked(ended(Endings.ROLL_PLANT, END, mulch, null, 0, false, "hairy_vetch"));
    assertThat(days(all.get("slugs"))).isEqualTo(when);
  }

  @Test
  void tiedUpNitrogenIsSaidOfCornAlone() {
    var corn = ended(Endings.ROLL_PLANT, END, 2, null, -24, false, "cereal_rye");
    WatchList.Item n = asked(corn).get("nitrogen");
    assertThat(days(n)).isEqualTo("2027-06-07 2027-06-24");
    assertThat(n.why().say(UnitSystem.METRIC)).contains("24 kg/ha");
    var none = ended(Endings.ROLL_PLANT, END, 2, null, 0, false, "cereal_rye");
    assertThat(asked(none)).doesNotContainKey("nitrogen");
    var beans =
        new WatchList.Ended(
            Endings.ROLL_PLANT,
            END,
            PLANT,
            NextCrop.Kind.SOYBEAN,
            List.of(Farm.species("cereal_rye")),
            2,
            null,
            -24,
            false);
    assertThat(asked(beans)).doesNotContainKey("nitrogen");
  }

  @Test
  void seedThatCanGrowIsLookedForAsVolunteers() {
    var all = asked(ended(Endings.ROLL_PLANT, END, 2, null, 0, true, "hairy_vetch"));
    assertThat(days(all.get("volunteers"))).isEqualTo("2027-06-14 2027-07-19");
  }

  @ParameterizedTest
  @CsvSource({
    "winter, survivors, 2027-03-20 2027-04-10",
    "mow, regrowth, 2027-05-16 2027-05-22",
    "graze, regrowth, 2027-05-16 2027-05-22",
    "till, regrowth, 2027-05-17 2027-05-24",
  })
  void eachWayIsLookedAfterInItsOwnDays(String way, String key, String when) {
    var all = asked(ended(EndingMethod.of(way), END, 2, null, 0, false, "hairy_vetch"));
    assertThat(days(all.get(key))).isEqualTo(when);
  }
}
