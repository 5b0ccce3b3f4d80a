package nimblefurrow.core.record;

import java.util.LinkedHashMap;
import java.util.Map;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Something an entry of the record names out of what there is to choose from. */
public enum EntryName implements Keyed {
  /** Which species of the cover. */
  SPECIES("species", "Species", "Say which species of the cover."),
  /** The stage it was at. */
  STAGE("stage", "Stage", "Say which species and the stage it is at."),
  /** Group of a herbicide that stays in the soil. */
  RESIDUAL("residual", "Residual group", "Say which group stays in the soil."),
  /** The way a cover was ended. */
  ENDING("ending", "How", "Say how it was ended."),
  /** What was spread, in the farm's own word. */
  PRODUCT("product", "Product", "Say what was spread."),
  /** How it was brought out. */
  SPREAD("spread", "Brought out", "Say how it was brought out."),
  /** The other side of a bill or a payment. */
  PARTY("party", "Who", "Say who it is with."),
  /** Which way the money goes. */
  MONEY_WAY("way", "Which way", "Say whether the farm pays or is paid."),
  /** What a bill is for. */
  MONEY_FOR("for", "What for", "Say what the bill is for.");

  /** Longest word of the farm's own. */
  private static final int LONGEST = 120;

  private final String key;
  private final String label;
  private final String asked;

  EntryName(String key, String label, String asked) {
    this.key = key;
    this.label = label;
    this.asked = asked;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it is, for a form} */
  public String label() {
    return label;
  }

  /** {@return whether it is said in a word of the farm's own} */
  public boolean free() {
    return this == PRODUCT || this == PARTY;
  }

  /**
   * Whether this can be said of it.
   *
   * @param value a key out of the choices, or the farm's own word
   * @throws Refused when it is none of the choices, or longer than a name
   */
  void check(String value) {
    Map<String, String> choices = choices();
    if (!choices.isEmpty() && !choices.containsKey(value)) {
      throw new Refused("names." + key, asked);
    }
    if (value.length() > LONGEST) {
      throw new Refused(
          "names." + key, "%s: keep it under %d characters.".formatted(label, LONGEST));
    }
  }

  /**
   * {@return what there is to choose from, labels by keys; empty where the field's cover or the
   * farm's own word says it}
   */
  public Map<String, String> choices() {
    Map<String, String> all = new LinkedHashMap<>();
    switch (this) {
      case RESIDUAL -> {
        for (HerbicideGroup g : HerbicideGroup.values()) {
          all.put(g.key(), g.label());
        }
      }
      case ENDING -> EndingMethods.all().forEach(m -> all.put(m.key(), m.label()));
      case SPREAD -> {
        for (SpreadHow h : SpreadHow.values()) {
          all.put(h.key(), h.label());
        }
      }
      case MONEY_WAY -> {
        for (MoneyWay w : MoneyWay.values()) {
          all.put(w.key(), w.label());
        }
      }
      case MONEY_FOR -> {
        for (MoneyPart p : MoneyPart.values()) {
          all.put(p.key(), p.label());
        }
      }
      case SPECIES, STAGE, PRODUCT, PARTY -> {}
    }
    return all;
  }

  /**
   * {@return the one of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static EntryName of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("names", "No entry names a “" + key + "”."));
  }

  /** {@return a sentence that asks for it} */
  String asked() {
    return asked;
  }
}
