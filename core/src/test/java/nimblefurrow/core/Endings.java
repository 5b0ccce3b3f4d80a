package nimblefurrow.core;

import nimblefurrow.core.ending.EndingMethod;

/** The ways of ending by name, for tests. */
public final class Endings {
  public static final EndingMethod WINTER = EndingMethod.of("winter");
  public static final EndingMethod SPRAY_EARLY = EndingMethod.of("sprayEarly");
  public static final EndingMethod PLANT_GREEN_SPRAY = EndingMethod.of("plantGreenSpray");
  public static final EndingMethod ROLL_PLANT = EndingMethod.of("rollPlant");
  public static final EndingMethod PLANT_GREEN_ROLL = EndingMethod.of("plantGreenRoll");
  public static final EndingMethod ROLL_SPRAY = EndingMethod.of("rollSpray");
  public static final EndingMethod GRAZE = EndingMethod.of("graze");
  public static final EndingMethod HAY = EndingMethod.of("hay");
  public static final EndingMethod MOW = EndingMethod.of("mow");
  public static final EndingMethod TILL = EndingMethod.of("till");
  public static final EndingMethod ROW_ZONE = EndingMethod.of("rowZone");
  public static final EndingMethod CULTIVATE = EndingMethod.of("cultivate");

  private Endings() {}
}
