package nimblefurrow.core.feed;

import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Usual;
import org.jspecify.annotations.Nullable;

/**
 * How long a herd lives of what stands.
 *
 * @param feedKg dry feed that is eaten
 * @param animalDays of one animal
 * @param weeks of the herd
 * @param hectaresPerHeadWeek area one animal needs for a week; null where there is nothing to eat
 */
public record GrazingDays(
    double feedKg, double animalDays, double weeks, @Nullable Double hectaresPerHeadWeek) {
  /** Dry matter an animal eats a day, of its own mass. Working value. */
  public static final double USUAL_INTAKE = 0.026;

  private static final double WEEK = 7;

  /**
   * {@return dry feed that animals of usual mass eat, kg}
   *
   * @param animalDays days times head
   */
  public static double eatenKg(double animalDays) {
    return animalDays * Usual.of("cattleMass") * USUAL_INTAKE;
  }

  /**
   * What stands on a field.
   *
   * @param standingKgPerHa dry matter
   * @param leaveKgPerHa of it must stay
   * @param useShare of the rest that is eaten, not trodden
   * @param areaHa of the field
   */
  public record Standing(
      double standingKgPerHa, double leaveKgPerHa, double useShare, double areaHa) {}

  /**
   * {@return how long it lasts}
   *
   * @param s what stands
   * @param head animals
   * @param headKg mass of one
   * @param intakeShare of its mass it eats a day, dry
   * @throws Refused when a figure cannot be
   */
  public static GrazingDays of(Standing s, double head, double headKg, double intakeShare) {
    Need.notNegative("standingKgPerHa", "What stands", s.standingKgPerHa());
    Need.notNegative("leaveKgPerHa", "What must stay", s.leaveKgPerHa());
    if (s.useShare() != 0) {
      Need.share("useShare", "What is eaten", s.useShare());
    }
    Need.positive("areaHa", "The area", s.areaHa());
    Need.positive("head", "The number of animals", head);
    Need.positive("headKg", "The mass of an animal", headKg);
    Need.positive("intakeShare", "What an animal eats", intakeShare);
    Need.share("intakeShare", "What an animal eats", intakeShare);
    double over = Math.max(0, s.standingKgPerHa() - s.leaveKgPerHa());
    double feed = over * s.useShare() * s.areaHa();
    double days = feed / (headKg * intakeShare);
    double weeks = days / (WEEK * head);
    return new GrazingDays(feed, days, weeks, weeks > 0 ? s.areaHa() / (head * weeks) : null);
  }
}
