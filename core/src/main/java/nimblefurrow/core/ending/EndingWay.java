package nimblefurrow.core.ending;

import java.util.Arrays;
import nimblefurrow.core.units.Refused;

/** The ways growers end a cover. */
public enum EndingWay {
  WINTER("winter", "winter does it"),
  SPRAY_EARLY("sprayEarly", "spray early, plant brown"),
  PLANT_GREEN_SPRAY("plantGreenSpray", "plant green, spray behind"),
  ROLL_PLANT("rollPlant", "roll with the planter"),
  PLANT_GREEN_ROLL("plantGreenRoll", "plant green, roll after"),
  SPRAY_STANDING("sprayStanding", "spray and leave standing"),
  ROLL_SPRAY("rollSpray", "roll plus spray"),
  GRAZE("graze", "graze first"),
  HAY("hay", "hay or wrapped bales"),
  MOW("mow", "mow"),
  TILL("till", "till"),
  ROW_ZONE("rowZone", "row zones early, rest late"),
  BETWEEN_ROWS("betweenRows", "roll or mow between rows"),
  CULTIVATE("cultivate", "high-residue cultivation");

  private final String key;
  private final String label;

  EndingWay(String key, String label) {
    this.key = key;
    this.label = label;
  }

  /** The name on the wire. */
  public String key() {
    return key;
  }

  /** In a grower's words. */
  public String label() {
    return label;
  }

  /** Whether a herbicide is part of it. */
  public boolean sprays() {
    return switch (this) {
      case SPRAY_EARLY, PLANT_GREEN_SPRAY, SPRAY_STANDING, ROLL_SPRAY, ROW_ZONE -> true;
      default -> false;
    };
  }

  /** Whether it rescues a cover that lives on between the rows of a crop that is up. */
  public boolean rescues() {
    return this == BETWEEN_ROWS || this == CULTIVATE;
  }

  /** Whether the season model knows what it does to the cover. */
  public boolean modelled() {
    return !rescues();
  }

  /** Whether cattle eat what it takes off. */
  public boolean feeds() {
    return this == GRAZE || this == HAY;
  }

  /** Whether a roller is part of it. */
  public boolean rolls() {
    return this == ROLL_PLANT || this == PLANT_GREEN_ROLL || this == ROLL_SPRAY;
  }

  /**
   * The way of a wire name.
   *
   * @throws Refused when there is none
   */
  public static EndingWay of(String key) {
    return Arrays.stream(values())
        .filter(w -> w.key.equals(key))
        .findFirst()
        .orElseThrow(() -> new Refused("", "there is no way of ending called “" + key + "”"));
  }
}
