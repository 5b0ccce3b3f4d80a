package nimblefurrow.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A machine that work cannot be reckoned with is refused, naming the figure. */
class MachineChecksTest {
  /** A drill that is sound, with one figure changed at a time. */
  private static final class Made {
    String name = "Drill";
    Set<MachineWork> works = Set.of(MachineWork.SEED);
    boolean methods = true;
    double width = 9;
    double speed = 8;
    double efficiency = 0.7;
    double turn = 25;
    double road = 25;
    double hopper = 2;
    double refill = 600;
    @Nullable Double payload;
    @Nullable Double tender;
    @Nullable Double ferry;
    @Nullable Double battery;
    double setUp = 0.4;
    double change = 0.75;

    Made set(String where, double value) {
      switch (where) {
        case "widthM" -> width = value;
        case "speedKmh" -> speed = value;
        case "efficiency" -> efficiency = value;
        case "turnS" -> turn = value;
        case "roadKmh" -> road = value;
        case "hopperM3" -> hopper = value;
        case "refillS" -> refill = value;
        case "payloadKg" -> payload = value;
        case "tenderM" -> tender = value;
        case "ferryKmh" -> ferry = value;
        case "batteryMin" -> battery = value;
        case "setUpH" -> setUp = value;
        case "changeH" -> change = value;
        default -> throw new IllegalArgumentException(where);
      }
      return this;
    }

    Machine machine() {
      return new Machine(
          UUID.randomUUID(),
          name,
          works,
          methods ? List.of(Seedings.DRILL) : List.of(),
          new Drive(width, null, speed, efficiency, turn, road),
          new SeedBox(hopper, payload, refill, tender, ferry, battery),
          Presence.ALWAYS,
          new Price(0.0, 0.0, false),
          setUp,
          change);
    }
  }

  private static void refused(Machine machine, String where) {
    assertThatThrownBy(() -> MachineChecks.check(machine))
        .isInstanceOfSatisfying(Refused.class, r -> assertThat(r.where()).isEqualTo(where));
  }

  private static void sound(Machine machine) {
    assertThatCode(() -> MachineChecks.check(machine)).doesNotThrowAnyException();
  }

  @ParameterizedTest
  @CsvSource({
    "widthM, 0, 0.1",
    "speedKmh, 0, 0.1",
    "efficiency, 0, 0.01",
    "efficiency, 1.01, 1",
    "turnS, -1, 0",
    "roadKmh, 0, 1",
    "hopperM3, 0, 0.1",
    "refillS, -1, 0",
    "payloadKg, 0, 1",
    "tenderM, -1, 0",
    "ferryKmh, 0, 1",
    "batteryMin, 0, 1",
    "setUpH, -0.1, 0",
    "changeH, -0.1, 0",
  })
  void eachFigureIsRefusedBeyondItsEdge(String where, double bad, double good) {
    refused(new Made().set(where, bad).machine(), where);
    sound(new Made().set(where, good).machine());
  }

  @Test
  void aMachineHasANameAndWork() {
    Made unnamed = new Made();
    unnamed.name = " ";
    refused(unnamed.machine(), "name");
    Made idle = new Made();
    idle.works = Set.of();
    refused(idle.machine(), "work");
  }

  @Test
  void aSeederSaysHowItSeedsAndASprayerNeedNotSayItsTank() {
    Made drill = new Made();
    drill.methods = false;
    refused(drill.machine(), "methods");
    Made sprayer = new Made();
    sprayer.works = Set.of(MachineWork.SPRAY);
    sprayer.methods = false;
    sprayer.hopper = 0;
    sound(sprayer.machine());
    sprayer.hopper = -1;
    refused(sprayer.machine(), "hopperM3");
  }
}
