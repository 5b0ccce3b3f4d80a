package nimblefurrow.core.standing;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A day that a kept plan of the work gives a deed.
 *
 * @param day the day
 * @param meantOn the day the field's own plan meant for it then; null where that is not known
 */
public record KeptDay(LocalDate day, @Nullable LocalDate meantOn) {
  /**
   * {@return whether it still holds: once somebody moves the plan's own day, that is what is meant}
   *
   * @param meantNow the day the field's own plan means; null when none
   */
  public boolean holds(@Nullable LocalDate meantNow) {
    return meantOn == null || meantNow == null || meantOn.equals(meantNow);
  }

  /**
   * {@return of kept days those that hold beside the days a cover is meant for}
   *
   * @param kept days by their deeds
   * @param cover that is planned; null when none is
   */
  public static Map<Deed, LocalDate> holding(
      Map<Deed, KeptDay> kept, FieldStanding.@Nullable Cover cover) {
    Map<Deed, LocalDate> days = new EnumMap<>(Deed.class);
    kept.forEach(
        (deed, k) -> {
          if (k.holds(meant(deed, cover))) {
            days.put(deed, k.day());
          }
        });
    return days;
  }

  private static @Nullable LocalDate meant(Deed deed, FieldStanding.@Nullable Cover cover) {
    if (cover == null) {
      return null;
    }
    return switch (deed) {
      case SEEDING -> cover.seedOn();
      case ENDING -> cover.endOn();
      default -> null;
    };
  }
}
