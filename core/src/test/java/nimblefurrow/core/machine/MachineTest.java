package nimblefurrow.core.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.Farm;
import nimblefurrow.core.Seedings;
import nimblefurrow.core.Shed;
import nimblefurrow.core.hours.WindLimit;
import nimblefurrow.core.load.LoadPlan;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

class MachineTest {
  private static final LocalDate MONDAY = LocalDate.of(2026, 10, 5);

  @Test
  void areaAnHourIsWidthBySpeedByTheTimeAtWork() {
    assertThat(Shed.DRIVE.haPerHour()).isCloseTo(5, within(1e-9));
    Drive proven = new Drive(10, 8.0, 10, 0.5, 20, 25);
    assertThat(proven.swathM()).isEqualTo(8);
    assertThat(proven.haPerHour())
        .as("a proven swath outranks the width")
        .isCloseTo(4, within(1e-9));
    assertThat(proven.speedMPerS()).isCloseTo(2.7778, within(1e-4));
  }

  @Test
  void moneyGoesByAreaWhereThatIsThePrice() {
    assertThat(new Price(60.0, 20.0, true).usd(10, 3, 90)).isEqualTo(200);
    assertThat(new Price(60.0, null, false).usd(10, 3, 90)).isEqualTo(180);
    assertThat(new Price(null, null, false).usd(10, 3, 90)).isZero();
  }

  @Test
  void heavySeedGoesByTheHourAndAJobHasItsLeastAndItsWay() {
    Price p = new Price(60.0, 20.0, true, new HireTerms(75.0, 190, 10, 2));
    assertThat(p.usd(10, 3, 75)).as("up to the limit by area").isEqualTo(200 + 20);
    assertThat(p.usd(10, 3, 75.1)).as("above it by the hour, at least").isEqualTo(190 + 20);
    assertThat(p.usd(10, 4, 75.1)).isEqualTo(240 + 20);
    assertThat(p.usd(9, 1, 0)).as("rolling brings nothing out").isEqualTo(190 + 20);
    Price none = new Price(null, null, true, new HireTerms(null, 190, 10, 2));
    assertThat(none.usd(9, 1, 0)).as("no price is no price").isZero();
    assertThatThrownBy(() -> new HireTerms(null, -1, 0, 0))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("least for a job");
    assertThatThrownBy(() -> new Price(-1.0, null, false)).isInstanceOf(Refused.class);
  }

  @Test
  void aLargerJobIsNeverCheaperAndAHeavierRateOnlyChangesWhatItGoesBy() {
    java.util.Random random = new java.util.Random(3);
    for (int i = 0; i < 300; i++) {
      HireTerms terms =
          new HireTerms(
              random.nextBoolean() ? null : 100 * random.nextDouble(),
              500 * random.nextDouble(),
              20 * random.nextDouble(),
              3 * random.nextDouble());
      Price p =
          new Price(
              random.nextInt(5) == 0 ? null : 200 * random.nextDouble(),
              random.nextInt(5) == 0 ? null : 60 * random.nextDouble(),
              random.nextBoolean(),
              terms);
      double area = 50 * random.nextDouble();
      double hours = 20 * random.nextDouble();
      double rate = 150 * random.nextDouble();
      double usd = p.usd(area, hours, rate);
      assertThat(p.usd(area + 1, hours + 1, rate)).isGreaterThanOrEqualTo(usd);
      if (p.basis(rate) != null) {
        assertThat(usd).isGreaterThanOrEqualTo(terms.leastUsd() + terms.wayUsd());
      } else {
        assertThat(p.usdPerHa()).isNull();
        assertThat(p.usdPerHour()).isNull();
      }
      if (p.usdPerHour() == null || p.usdPerHa() == null) {
        assertThat(p.basis(0)).as("one price is all there is").isEqualTo(p.basis(1000));
      }
    }
  }

  @Test
  void presenceIsWeekdaysCallOutsAndRepairs() {
    Presence weekdays = new Presence(Set.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY), Set.of(), null);
    assertThat(weekdays.on(MONDAY)).isTrue();
    assertThat(weekdays.on(MONDAY.plusDays(2))).isFalse();
    Presence called =
        new Presence(Presence.ALWAYS.weekdays(), Set.of(MONDAY, MONDAY.plusDays(3)), null);
    assertThat(called.on(MONDAY)).isTrue();
    assertThat(called.on(MONDAY.plusDays(1))).isFalse();
    assertThat(called.onlyOutside(MONDAY.plusDays(1), MONDAY.plusDays(2))).isTrue();
    assertThat(called.onlyOutside(MONDAY.plusDays(3), MONDAY.plusDays(9))).isFalse();
    assertThat(called.onlyOutside(MONDAY.minusDays(9), MONDAY)).isFalse();
    assertThat(Presence.ALWAYS.onlyOutside(MONDAY, MONDAY)).isFalse();
    Presence out =
        new Presence(
            Presence.ALWAYS.weekdays(), Set.of(), new Presence.Out(MONDAY, MONDAY.plusDays(2)));
    assertThat(out.on(MONDAY.minusDays(1))).isTrue();
    assertThat(out.on(MONDAY)).isFalse();
    assertThat(out.on(MONDAY.plusDays(2))).isFalse();
    assertThat(out.on(MONDAY.plusDays(3))).isTrue();
  }

  @Test
  void loadsGoByVolumeAndHoursByEveryMinute() {
    Machine drill = Shed.seeder(Seedings.DRILL);
    // 95 % of 2 m³ at 700 kg/m³ is 1,330 kg; 40 ha at 100 kg/ha are 4,000 kg: four loads.
    LoadPlan loads = drill.loads(40, 100, 700);
    assertThat(loads.mostKg()).isCloseTo(1330, within(1e-6));
    assertThat(loads.loads()).isEqualTo(4);
    assertThat(drill.hours(loads)).isEqualTo(loads.hours(0.5));
    assertThat(drill.seedingHours(40, List.of(Farm.seed("cereal_rye", 100))))
        .isEqualTo(
            drill.hours(drill.loads(40, 100, Farm.species("cereal_rye").seed().bulkKgPerM3())));
  }

  @Test
  void aSeederOnTheCombineFillsAtTheField() {
    double drilled = Shed.seeder(Seedings.DRILL).loads(40, 100, 700).minutes().ferry();
    assertThat(drilled).as("four loads, 800 m each at 10 km/h").isCloseTo(19.2, within(1e-6));
    assertThat(Shed.seeder(Seedings.COMBINE_HEAD).loads(40, 100, 700).minutes().ferry()).isZero();
    Machine far = boxed(new SeedBox(2, null, 600, 5000.0, 100.0, null));
    assertThat(far.loads(40, 100, 700).minutes().ferry())
        .as("four loads, 10 km each at 100 km/h")
        .isCloseTo(24, within(1e-6));
    Machine light = boxed(new SeedBox(2, 500.0, 600, null, null, null));
    assertThat(light.loads(40, 100, 700).loads()).isEqualTo(8);
  }

  private static Machine boxed(SeedBox box) {
    Machine m = Shed.seeder(Seedings.DRILL);
    return new Machine(
        m.id(),
        m.name(),
        m.works(),
        m.methods(),
        m.drive(),
        box,
        m.presence(),
        m.price(),
        m.setUpH(),
        m.changeH());
  }

  @Test
  void sprayersAndWhatFliesWaitForWind() {
    assertThat(Shed.of(MachineWork.SPRAY).windLimit()).isEqualTo(WindLimit.SPRAYING);
    assertThat(Shed.seeder(Seedings.DRONE).windLimit()).isEqualTo(WindLimit.FLYING);
    assertThat(Shed.seeder(Seedings.DRILL).windLimit()).isNull();
    assertThat(Shed.of(MachineWork.ROLL).windLimit()).isNull();
  }

  @Test
  void kindsOfWorkAreNamed() {
    for (MachineWork work : MachineWork.values()) {
      assertThat(MachineWork.of(work.key())).isSameAs(work);
      assertThat(work.label()).isNotBlank();
    }
    assertThatThrownBy(() -> MachineWork.of("dance"))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("“dance”");
  }
}
