package nimblefurrow.core.season;

import nimblefurrow.core.units.Refused;

/**
 * How a field stands when the model's season begins.
 *
 * @param nitrogen mineral nitrogen level
 * @param initialAvailableWater share of plant-available water in every layer, 0..1
 * @param residueMgPerHa crop residue on the ground, Mg/ha
 */
public record FieldStart(
    NitrogenLevel nitrogen, double initialAvailableWater, double residueMgPerHa) {
  /** Medium nitrogen, 85 % of available water, half a tonne of residue. */
  public static final FieldStart USUAL = new FieldStart(NitrogenLevel.MEDIUM, 0.85, 0.5);

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
  }
}
