package nimblefurrow.core.load;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.jspecify.annotations.Nullable;

/**
 * Seed carried to a field: how many loads, and how long it takes.
 *
 * @param bindingLimit what fills first
 * @param mostKg the most one load can hold
 * @param kgPerLoad even loads, so that the last one is no dribble
 * @param haPerLoad area of an even load
 * @param loads how many
 * @param seedKg in all
 * @param passes across the field
 * @param minutes by what they are spent on
 * @param haPerHour all minutes counted
 * @param batteries flown empty; null for machines without
 * @param notes what a grower should know
 */
public record LoadPlan(
    Limit bindingLimit,
    double mostKg,
    double kgPerLoad,
    double haPerLoad,
    int loads,
    double seedKg,
    int passes,
    Minutes minutes,
    double haPerHour,
    @Nullable Integer batteries,
    List<Reason> notes) {

  /** What limits a load. */
  public enum Limit {
    VOLUME,
    MASS
  }

  /** Minutes for all of the field. */
  public record Minutes(double pass, double turn, double ferry, double refill) {
    /** {@return all together} */
    public double all() {
      return pass + turn + ferry + refill;
    }

    /**
     * Off the ground, or with the engine working: all but refilling.
     *
     * @return the figure
     */
    public double aloft() {
      return pass + turn + ferry;
    }
  }

  /**
   * What carries and how it moves.
   *
   * @param hopperM3 volume
   * @param fillFactor share of it that can be filled, above 0 to 1
   * @param payloadLimitKg most mass; null when only the hopper limits
   * @param swathM effective width
   * @param speedMPerS on the pass
   * @param turnS seconds a turn takes
   * @param refillS seconds a refill takes
   * @param ferryM one way between tender and field; it is gone twice a load
   * @param ferrySpeedMPerS on that way
   * @param batteryMin minutes a battery lasts; null without
   */
  public record Carrier(
      double hopperM3,
      double fillFactor,
      @Nullable Double payloadLimitKg,
      double swathM,
      double speedMPerS,
      double turnS,
      double refillS,
      double ferryM,
      double ferrySpeedMPerS,
      @Nullable Double batteryMin) {}

  /** About as many as are carried to one field in a long day. Working value. */
  private static final int MANY_LOADS = 60;

  public LoadPlan {
    notes = List.copyOf(notes);
  }

  /**
   * Plans the loads of one field.
   *
   * @param areaHa to seed
   * @param rateKgPerHa bulk
   * @param bulkDensityKgPerM3 of the seed
   * @param passLengthM length of a pass; area over swath and length gives the passes
   * @param c what it is made of
   * @return the load plan
   */
  public static LoadPlan of(
      double areaHa, double rateKgPerHa, double bulkDensityKgPerM3, double passLengthM, Carrier c) {
    check(areaHa, rateKgPerHa, bulkDensityKgPerM3, passLengthM, c);
    double byVolume = c.hopperM3() * bulkDensityKgPerM3 * c.fillFactor();
    Double limit = c.payloadLimitKg();
    boolean mass = limit != null && limit <= byVolume;
    double most = limit == null ? byVolume : Math.min(limit, byVolume);
    double seed = areaHa * rateKgPerHa;
    int loads = up(seed / most);
    int passes = up(areaHa * 10_000 / (c.swathM() * passLengthM));
    double ferry = c.ferryM() > 0 ? loads * 2 * c.ferryM() / c.ferrySpeedMPerS() / 60 : 0;
    Minutes minutes =
        new Minutes(
            passes * passLengthM / c.speedMPerS() / 60,
            (passes - 1) * c.turnS() / 60,
            ferry,
            loads * c.refillS() / 60);
    Integer batteries = c.batteryMin() == null ? null : up(minutes.aloft() / c.batteryMin());
    return new LoadPlan(
        mass ? Limit.MASS : Limit.VOLUME,
        most,
        seed / loads,
        areaHa / loads,
        loads,
        seed,
        passes,
        minutes,
        areaHa / (minutes.all() / 60),
        batteries,
        notes(areaHa, rateKgPerHa, passLengthM, most, loads, c));
  }

  /**
   * {@return hours at work on the field} The share of the time that is work holds turns, refills
   * and the rest already, so that they are not counted beside it: whichever says more is taken.
   *
   * @param efficiency share of the time on the field that is work, above 0 to 1
   */
  public double hours(double efficiency) {
    Need.share("efficiency", "The share of the time at work", efficiency);
    double counted = minutes.pass() + minutes.turn() + minutes.refill();
    return (Math.max(minutes.pass() / efficiency, counted) + minutes.ferry()) / 60;
  }

  private static void check(
      double areaHa, double rate, double density, double passLengthM, Carrier c) {
    Need.positive("areaHa", "The area", areaHa);
    Need.positive("rateKgPerHa", "The rate", rate);
    Need.positive("bulkDensityKgPerM3", "The bulk density", density);
    Need.positive("hopperM3", "The hopper's volume", c.hopperM3());
    Need.share("fillFactor", "The share of the hopper that is filled", c.fillFactor());
    if (c.payloadLimitKg() != null) {
      Need.positive("payloadLimitKg", "The mass limit", c.payloadLimitKg());
    }
    Need.positive("swathM", "The swath", c.swathM());
    Need.positive("speedMPerS", "The speed", c.speedMPerS());
    Need.positive("passLengthM", "The length of a pass", passLengthM);
    Need.notNegative("turnS", "The time of a turn", c.turnS());
    Need.notNegative("refillS", "The time of a refill", c.refillS());
    Need.notNegative("ferryM", "The ferry distance", c.ferryM());
    if (c.ferryM() > 0) {
      Need.positive("ferrySpeedMPerS", "The ferry speed", c.ferrySpeedMPerS());
    }
    if (c.batteryMin() != null) {
      Need.positive("batteryMin", "The battery's minutes", c.batteryMin());
    }
  }

  private static List<Reason> notes(
      double areaHa, double rate, double passLengthM, double most, int loads, Carrier c) {
    List<Reason> notes = new ArrayList<>();
    double perPass = rate * c.swathM() * passLengthM / 10_000;
    if (perPass > most) {
      notes.add(
          Reason.of(
                  "one pass takes {needed}, more than a load of {most}: it stops for seed mid-pass")
              .with("needed", perPass, Unit.KG)
              .with("most", most, Unit.KG));
    }
    if (areaHa * 10_000 < c.swathM() * passLengthM) {
      notes.add(
          Reason.of(
                  "the field of {area} is smaller than one swath; seed it by hand or from the edge")
              .with("area", areaHa, Unit.HA));
    }
    if (loads > MANY_LOADS) {
      notes.add(
          Reason.of(
                  "{loads} loads for {area}: what carries so little suits light rates or small fields")
              .with("loads", loads, Unit.COUNT)
              .with("area", areaHa, Unit.HA));
    }
    return notes;
  }

  /** Rounded up, but not for a hair above a whole number. */
  static int up(double value) {
    return (int) Math.max(1, Math.ceil(value - 1e-9));
  }
}
