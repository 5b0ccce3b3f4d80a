package nimblefurrow.core.season;

import nimblefurrow.core.units.Refused;

/**
 * How a field stands when the model's season begins.
 *
 * @param nitrogen mineral nitrogen level
 * @param initialAvailableWater share of plant-available water in every layer, 0..1
 * @param residueMgPerHa crop residue on the ground, Mg/ha
 * @param growth what of the cover that the model grows comes on this farm, by its own record
 * @param comesUp what of the plants that the model has come up do so, likewise
 */
public record FieldStart(
    NitrogenLevel nitrogen,
    double initialAvailableWater,
    double residueMgPerHa,
    double growth,
    double comesUp) {
  /** Medium nitrogen, 85 % of available water, half a tonne of residue. */
  public static final FieldStart USUAL = new FieldStart(NitrogenLevel.MEDIUM, 0.85, 0.5);

  private static final double LEAST = 0.1;
  private static final double MOST = 5;

  /**
   * A field whose covers grow as the model has them.
   *
   * @param nitrogen mineral nitrogen level
   * @param initialAvailableWater share of plant-available water in every layer, 0..1
   * @param residueMgPerHa crop residue on the ground, Mg/ha
   */
  public FieldStart(NitrogenLevel nitrogen, double initialAvailableWater, double residueMgPerHa) {
    this(nitrogen, initialAvailableWater, residueMgPerHa, 1, 1);
  }

  /**
   * @throws Refused naming what is out of range
   */
  public FieldStart {
    if (!(initialAvailableWater >= 0 && initialAvailableWater <= 1)) {
      throw new Refused(
          "", "initial available water of " + initialAvailableWater + " is not a share of 0 to 1");
    }
    if (!(residueMgPerHa >= 0 && residueMgPerHa <= 30)) {
      throw new Refused("", "residue of " + residueMgPerHa + " Mg/ha");
    }
    times("covers that grow", growth);
    times("covers that come up", comesUp);
  }

  /**
   * {@return the same field where so much of what the model has comes}
   *
   * @param mass of its covers, against the model's
   * @param plants that come up, against the model's
   */
  public FieldStart bringing(double mass, double plants) {
    return new FieldStart(nitrogen, initialAvailableWater, residueMgPerHa, mass, plants);
  }

  /** {@return its ground alone, which no cover grows on yet} */
  FieldStart ground() {
    return bringing(1, 1);
  }

  private static void times(String what, double value) {
    if (!(value >= LEAST && value <= MOST)) {
      throw new Refused("", what + " " + value + " times as in the model");
    }
  }
}
