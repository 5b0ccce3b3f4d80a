package nimblefurrow.core.seeding;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Reason;

/** What can hurt someone at a seeding, or spoil it: of the work, the seed and the papers. */
public final class SeedCautions {
  private SeedCautions() {}

  /**
   * All that is to be said.
   *
   * @param method how it is seeded
   * @param organic whether the field is
   * @param treated whether a lot that could be taken is treated seed
   * @param conventional whether a lot that could be taken is not organic
   * @param sideDressed whether nitrogen goes out in the same pass
   * @return most pressing first
   */
  public static List<Reason> of(
      SeedingMethod method,
      boolean organic,
      boolean treated,
      boolean conventional,
      boolean sideDressed) {
    List<Reason> all = new ArrayList<>(method.safety());
    if (sideDressed) {
      all.add(
          Reason.of(
              "nitrogen under pressure burns: goggles, gloves and water on the tractor, hoses"
                  + " bled before they are opened, upwind of ammonia; its label and licence decide"));
    }
    if (treated) {
      all.add(
          Reason.of(
              "a lot in stock is treated seed: not feed, dust mask and gloves, no grazing until"
                  + " its label allows"));
    }
    if (organic && conventional) {
      all.add(
          Reason.of(
              "this field is organic: conventional lots only with the certifier's word, and never"
                  + " treated"));
    }
    if (organic && sideDressed) {
      all.add(
          Reason.of("this field is organic: no made nitrogen on it without the certifier’s word"));
    }
    if (organic && treated) {
      all.add(Reason.of("this field is organic: no treated seed on it"));
    }
    all.add(
        Reason.of("confirm insurance and cost-share dates with agent and office before seeding"));
    return all;
  }
}
