package nimblefurrow.server.fields;

import java.util.Locale;
import nimblefurrow.core.units.Refused;

/** Names of constants on the wire: {@code SILT_LOAM} is {@code siltLoam}. */
public final class Keys {
  private Keys() {}

  /** The wire name of a constant. */
  public static String of(Enum<?> constant) {
    StringBuilder key = new StringBuilder();
    for (String word : constant.name().toLowerCase(Locale.ROOT).split("_")) {
      key.append(key.isEmpty() ? word : Character.toUpperCase(word.charAt(0)) + word.substring(1));
    }
    return key.toString();
  }

  /**
   * The constant of a wire name.
   *
   * @throws Refused when there is none
   */
  public static <E extends Enum<E>> E constant(Class<E> type, String key) {
    for (E constant : type.getEnumConstants()) {
      if (of(constant).equals(key)) {
        return constant;
      }
    }
    throw new Refused(
        "",
        "there is no %s called “%s”".formatted(type.getSimpleName().toLowerCase(Locale.ROOT), key));
  }
}
