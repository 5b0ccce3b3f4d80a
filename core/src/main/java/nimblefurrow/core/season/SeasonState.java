package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A piece of ground at the end of a day, with all that a run needs to go on from there as if it had
 * never been cut: water by layer, snow and warmth of the ground, litter with its carbon to
 * nitrogen, and the plants that stand with their stage, mass, roots, hardening and what was done to
 * them. Immutable; days within are kept relative to the day of the cut, so that a run may go on
 * under another record of the weather.
 */
public final class SeasonState {
  private final LocalDate day;
  private final BareSeason.GroundState ground;
  private final double waterStatus;
  private final ComponentState[] stand;
  private final List<EndingEffect> effects;
  private final @Nullable Terminated termination;

  SeasonState(
      LocalDate day,
      BareSeason.GroundState ground,
      double waterStatus,
      ComponentState[] stand,
      int at,
      EndingActs acts) {
    this.day = day;
    this.ground = ground;
    this.waterStatus = waterStatus;
    this.stand = Arrays.stream(stand).map(c -> c.moved(-at)).toArray(ComponentState[]::new);
    this.effects = acts.effects();
    this.termination = acts.termination();
  }

  private SeasonState(LocalDate day, BareSeason.GroundState ground) {
    this.day = day;
    this.ground = ground;
    this.waterStatus = 0;
    this.stand = new ComponentState[0];
    this.effects = List.of();
    this.termination = null;
  }

  /** {@return the day at whose end this is} */
  public LocalDate day() {
    return day;
  }

  /** {@return mulch of covers on the ground, Mg/ha} */
  public double mulchMgPerHa() {
    return ground.mulch();
  }

  /** {@return its carbon to nitrogen} */
  public double mulchCarbonToNitrogen() {
    return ground.mulchCarbonToNitrogen();
  }

  /** {@return residue of crops on the ground, Mg/ha} */
  public double residueMgPerHa() {
    return ground.residue();
  }

  /** {@return living cover, Mg/ha} */
  public double coverMgPerHa() {
    return Arrays.stream(stand).mapToDouble(c -> c.mass).sum();
  }

  /** {@return water in the three layers, 0-5, 5-15 and 15-120 cm, mm} */
  public double[] soilWaterMm() {
    return Arrays.copyOf(ground.soil(), 3);
  }

  /**
   * {@return the ground as the next link finds it: whatever still stood has been laid down, and the
   * sums of water begin anew}
   */
  public SeasonState cleared() {
    Litter litter = new Litter(0);
    litter.restore(ground);
    for (ComponentState c : stand) {
      litter.add(c.mass + c.dyingMass, c.carbonToNitrogen());
    }
    return new SeasonState(day, ground.under(litter));
  }

  BareSeason.GroundState ground() {
    return ground;
  }

  /** Plants that stand, to be gone on with on the day with the index after {@code at}. */
  ComponentState[] stand(int at) {
    return Arrays.stream(stand).map(c -> c.moved(at)).toArray(ComponentState[]::new);
  }

  boolean hasStand() {
    return stand.length > 0;
  }

  double waterStatus() {
    return waterStatus;
  }

  List<EndingEffect> effects() {
    return effects;
  }

  @Nullable Terminated termination() {
    return termination;
  }
}
