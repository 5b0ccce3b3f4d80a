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
  ENDING("ending", "How", "Say how it was ended.");

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

  /**
   * {@return what there is to choose from, labels by keys; empty where the field's cover says it}
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
      case SPECIES, STAGE -> {}
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
