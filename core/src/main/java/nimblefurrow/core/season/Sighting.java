package nimblefurrow.core.season;

import java.time.LocalDate;
import nimblefurrow.core.units.Refused;

/**
 * Something seen on a field that outranks what the model thinks: from the evening of its day on the
 * run goes on from what was seen.
 */
public sealed interface Sighting {
  /** {@return the day it was seen} */
  LocalDate on();

  /**
   * A count of living plants. The size of each plant stays as the model has it.
   *
   * @param component which species of the cover, from 0
   * @param perM2 plants per m²
   */
  record Plants(LocalDate on, int component, double perM2) implements Sighting {
    public Plants {
      within("a count of plants per m²", perM2, 20_000);
    }
  }

  /**
   * A stage. The clock is set to it; what comes after is as far off as the species needs from
   * there. Before 1 January a winter species has no clock yet, and the sighting is left alone.
   *
   * @param component which species of the cover, from 0
   * @param fraction of the sum to the key stage
   */
  record Stage(LocalDate on, int component, double fraction) implements Sighting {
    public Stage {
      within("a stage", fraction, 2);
    }
  }

  /**
   * Tops clipped, dried and weighed, of all species together. The model's shares are kept.
   *
   * @param mgPerHa dry matter
   */
  record Cover(LocalDate on, double mgPerHa) implements Sighting {
    public Cover {
      within("cover in Mg/ha", mgPerHa, 40);
    }
  }

  /**
   * The height of the tallest species. Tells of mass only while the stand is short for its stage; a
   * stand at its full height may weigh anything.
   */
  record Height(LocalDate on, double cm) implements Sighting {
    public Height {
      within("a height in cm", cm, 500);
    }
  }

  private static void within(String what, double value, double most) {
    if (!(value >= 0 && value <= most)) {
      throw new Refused("", what + " of " + value + ", which is not 0 to " + most);
    }
  }
}
