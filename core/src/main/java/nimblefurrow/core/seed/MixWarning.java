package nimblefurrow.core.seed;

import nimblefurrow.core.units.Reason;
import org.jspecify.annotations.Nullable;

/**
 * Something a mix is likely to go wrong by.
 *
 * @param code stable name
 * @param reason what, with its numbers
 * @param fix what would mend it in a few words, and the mix that makes; null when only the grower
 *     can
 */
public record MixWarning(Code code, Reason reason, @Nullable Fix fix) {

  /** What may be wrong. */
  public enum Code {
    OVER_CAP("overCap"),
    THIN("thin"),
    WASTEFUL("wasteful"),
    RIPENS_APART("ripensApart"),
    SURVIVES_WINTER("survivesWinter"),
    SEPARATES("separates"),
    BIG_SEED_ON_TOP("bigSeedOnTop"),
    DEPTHS_APART("depthsApart"),
    STANDS_UP_AGAIN("standsUpAgain"),
    LOW_GERMINATION("lowGermination");

    private final String key;

    Code(String key) {
      this.key = key;
    }

    /** {@return the name on the wire} */
    public String key() {
      return key;
    }
  }

  /** A way out. */
  public record Fix(String words, SeedMix mix) {}
}
