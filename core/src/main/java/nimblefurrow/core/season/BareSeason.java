package nimblefurrow.core.season;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * A season's ground before anything is seeded: what every field with the same crop, soil and start
 * under the same sky has in common. Kept as states some days apart, so that a run can begin shortly
 * before its seeding.
 */
final class BareSeason {
  private static final int STEP = 16;

  private final int days;
  private final List<GroundState> states = new ArrayList<>();
  private final Trafficability[] trafficability;
  private final double[] mulch;

  private BareSeason(int days) {
    this.days = days;
    this.trafficability = new Trafficability[days];
    this.mulch = new double[days];
  }

  /** What the ground of two fields must share. */
  record Key(int first, Soil soil, FieldStart start) {}

  /** The ground at the beginning of a day. */
  record GroundState(
      double lagged,
      double snow,
      double skin,
      boolean soilWasWet,
      boolean skinWasWet,
      double residue,
      double mulch,
      double mulchCarbonToNitrogen,
      double[] soil) {
    /** The same ground under other litter. */
    GroundState under(Litter litter) {
      return new GroundState(
          lagged,
          snow,
          skin,
          soilWasWet,
          skinWasWet,
          litter.residue,
          litter.mulch,
          litter.carbonToNitrogen,
          soil);
    }
  }

  /** Runs the ground for a number of days. */
  static BareSeason run(SeasonDays bare, int days) {
    BareSeason season = new BareSeason(days);
    for (int day = 0; day < days; day++) {
      if (day % STEP == 0) {
        season.states.add(bare.ground());
      }
      bare.day(day);
      season.trafficability[day] = bare.trafficability();
      season.mulch[day] = bare.mulchMgPerHa();
    }
    return season;
  }

  int days() {
    return days;
  }

  /** The last day with a state kept at or before a day. */
  int startBefore(int day) {
    return Math.min(day, days - 1) / STEP * STEP;
  }

  GroundState at(int start) {
    return states.get(start / STEP);
  }

  /** Whether the ground carries machines, day by day: as many as one asks about. */
  Trafficability[] trafficability(int asked) {
    return Arrays.copyOf(trafficability, asked);
  }

  /** Writes the bare days before {@code start}. */
  void fill(SeasonColumns columns, int start) {
    System.arraycopy(trafficability, 0, columns.trafficability, 0, start);
    System.arraycopy(mulch, 0, columns.mulchMgPerHa, 0, start);
    Arrays.fill(columns.rootsM, 0, start, Canopy.BARE_ROOTS_M);
  }
}
