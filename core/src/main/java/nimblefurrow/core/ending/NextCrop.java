package nimblefurrow.core.ending;

import java.time.LocalDate;

/**
 * What follows the cover.
 *
 * @param kind corn, soybeans or another crop
 * @param plantOn the day it is planted
 */
public record NextCrop(Kind kind, LocalDate plantOn) {
  /** Kinds that decide how a cover may end. */
  public enum Kind {
    CORN("corn"),
    SOYBEAN("soybeans"),
    OTHER("the next crop");

    private final String label;

    Kind(String label) {
      this.label = label;
    }

    /** In a grower's words. */
    public String label() {
      return label;
    }
  }
}
