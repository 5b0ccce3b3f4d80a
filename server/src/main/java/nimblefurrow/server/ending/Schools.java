package nimblefurrow.server.ending;

import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.NextCrop;
import org.jspecify.annotations.Nullable;

/** Where good growers differ: the school behind a way, in a few words. */
final class Schools {
  private Schools() {}

  static @Nullable String of(EndingWay way, NextCrop.Kind next) {
    return switch (way) {
      case SPRAY_EARLY ->
          next == NextCrop.Kind.CORN
              ? "kill ahead of corn, plant brown"
              : "kill ahead, plant brown";
      case PLANT_GREEN_SPRAY ->
          next == NextCrop.Kind.CORN ? "plant corn green, with care" : "plant green";
      case ROLL_PLANT -> "roll before or with the planter";
      case PLANT_GREEN_ROLL -> "plant green, roll over the seedlings";
      case SPRAY_STANDING -> "spray and leave it standing";
      case ROLL_SPRAY -> "roll it flat, with a spray behind";
      default -> null;
    };
  }
}
