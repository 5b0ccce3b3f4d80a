package nimblefurrow.core.ending;

import java.util.Locale;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;

/**
 * What a roller that is lifted does to the tractor's axles. Carried in front it takes mass off the
 * rear axle, carried behind off the steering axle, by its lever over the wheelbase; what is left
 * there has to be a share of the tractor's own mass, as tractor manuals reckon ballast: 45 % on the
 * rear axle, 20 % on the steering axle.
 *
 * @param leftShare left on the axle it lightens, of the tractor's own mass; below 0 it tips
 * @param leastShare that has to be left there
 * @param counterKg to be hung on at the other end for that; 0 where enough is left
 */
public record CarriedRoller(double leftShare, double leastShare, double counterKg) {
  private static final double LEAST_STEERING = 0.20;
  private static final double LEAST_REAR = 0.45;

  /** Where it is carried. */
  public enum Where implements Keyed {
    FRONT,
    REAR;

    @Override
    public String key() {
      return name().toLowerCase(Locale.ROOT);
    }

    @Override
    public String toString() {
      return key();
    }
  }

  /**
   * The tractor as it stands without the roller.
   *
   * @param massKg with its ballast
   * @param steeringShare of it on the steering axle, 0..1
   * @param wheelbaseM from axle to axle
   */
  public record Tractor(double massKg, double steeringShare, double wheelbaseM) {
    public Tractor {
      Need.positive("tractorKg", "The tractor's mass", massKg);
      Need.positive("wheelbaseM", "The wheelbase", wheelbaseM);
      if (!(steeringShare > 0 && steeringShare < 1)) {
        throw new Refused(
            "steeringShare", "The share on the steering axle lies between nothing and all of it.");
      }
    }
  }

  /**
   * {@return what it leaves on the axle it lightens}
   *
   * @param where it is carried
   * @param rollerKg with water
   * @param tractor that carries it
   * @param overhangM from the nearer axle to the middle of the drum
   * @param counterM from the other axle to where ballast hangs
   */
  public static CarriedRoller of(
      Where where, double rollerKg, Tractor tractor, double overhangM, double counterM) {
    Need.positive("rollerKg", "The roller's mass", rollerKg);
    Need.positive("overhangM", "The distance to the drum", overhangM);
    Need.notNegative("counterM", "The distance to the ballast", counterM);
    boolean front = where == Where.FRONT;
    double share = front ? 1 - tractor.steeringShare() : tractor.steeringShare();
    double least = front ? LEAST_REAR : LEAST_STEERING;
    double left = share - rollerKg * overhangM / tractor.wheelbaseM() / tractor.massKg();
    double lacks = Math.max(0, least - left) * tractor.massKg();
    return new CarriedRoller(left, least, lacks / (1 + counterM / tractor.wheelbaseM()));
  }
}
