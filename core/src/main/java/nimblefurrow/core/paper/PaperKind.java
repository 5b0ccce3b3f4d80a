package nimblefurrow.core.paper;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.units.Keyed;

/** A kind of paper, and what it is kept with. */
public enum PaperKind implements Keyed {
  /** That seed, or a field, is organic. */
  CERTIFICATE("certificate", "organic certificate", PaperHolder.LOT, PaperHolder.FARM),
  /** The dealer's word that seed was never treated. */
  UNTREATED("untreated", "untreated statement", PaperHolder.LOT),
  /** Where organic seed was asked for and not found. */
  SEED_SEARCH("seedSearch", "record of the search for organic seed", PaperHolder.LOT),
  /** What a bag says. */
  SEED_TAG("seedTag", "seed tag", PaperHolder.LOT),
  /** Of a product, as sold. */
  LABEL("label", "label", PaperHolder.PRODUCT),
  /** Of the insurer or a cost-share office. */
  LETTER("letter", "letter of insurer or office", PaperHolder.FIELD, PaperHolder.FARM),
  /** What a laboratory found in manure. */
  MANURE("manure", "manure analysis", PaperHolder.FIELD, PaperHolder.FARM),
  /** What a laboratory found in soil. */
  SOIL("soil", "soil analysis", PaperHolder.FIELD),
  /** Anything else. */
  OTHER("other", "other paper", PaperHolder.values());

  private final String key;
  private final String label;
  private final Set<PaperHolder> holders;

  PaperKind(String key, String label, PaperHolder... holders) {
    this.key = key;
    this.label = label;
    this.holders = Set.of(holders);
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it is, for a reader} */
  public String label() {
    return label;
  }

  /**
   * {@return whether it is kept with such a holder}
   *
   * @param holder a lot, a product, a field, the farm
   */
  public boolean of(PaperHolder holder) {
    return holders.contains(holder);
  }

  /**
   * {@return the kinds kept with such a holder}
   *
   * @param holder a lot, a product, a field, the farm
   */
  public static List<PaperKind> with(PaperHolder holder) {
    return Arrays.stream(values()).filter(k -> k.of(holder)).toList();
  }
}
