package nimblefurrow.core.feed;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * A group of animals on a cover.
 *
 * @param name of the group
 * @param head animals
 * @param headKg mass of one, kg
 * @param inOn first day on it
 * @param outOn last day on it
 */
public record GrazingStay(String name, int head, double headKg, LocalDate inOn, LocalDate outOn) {
  private static final int MOST_HEAD = 10_000;
  private static final double HEAVIEST_KG = 1500;
  private static final int LONGEST_DAYS = 200;
  private static final int LONGEST_NAME = 40;

  public GrazingStay {
    if (name.isBlank()) {
      throw new Refused("name", "Give the group a name.");
    }
    if (name.length() > LONGEST_NAME) {
      throw new Refused("name", "Keep the group's name under 40 characters.");
    }
    Need.positive("head", "The number of animals", head);
    Need.positive("headKg", "The mass of an animal", headKg);
    if (head > MOST_HEAD) {
      throw new Refused("head", "That is more head than a field holds.");
    }
    if (headKg > HEAVIEST_KG) {
      throw new Refused("headKg", "No animal weighs over 3,300 lb (1,500 kg).");
    }
    if (outOn.isBefore(inOn)) {
      throw new Refused("outOn", "The day they leave lies before the day they come.");
    }
    if (ChronoUnit.DAYS.between(inOn, outOn) > LONGEST_DAYS) {
      throw new Refused("outOn", "A stay is at most 200 days.");
    }
  }

  /** {@return days on it, the first and the last counted} */
  public long days() {
    return ChronoUnit.DAYS.between(inOn, outOn) + 1;
  }

  /** {@return days times head} */
  public double animalDays() {
    return (double) days() * head;
  }

  /** {@return dry feed it eats, kg} */
  public double needKg() {
    return animalDays() * headKg * GrazingDays.USUAL_INTAKE;
  }
}
