package nimblefurrow.core.record;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/** Which pictures show one spot, so that its days can be laid side by side. */
public final class Spots {
  /** Two pictures this near, m, are of one spot: what a phone's place may be off, twice. */
  public static final double NEAR_M = 20;

  private static final double M_PER_DEGREE = 111_320;

  private Spots() {}

  /**
   * Where a picture was taken.
   *
   * @param latitude degrees north
   * @param longitude degrees east
   */
  public record Place(double latitude, double longitude) {
    public Place {
      within("latitude", latitude, 90);
      within("longitude", longitude, 180);
    }

    private static void within(String what, double degrees, double most) {
      if (!(Math.abs(degrees) <= most)) {
        throw new Refused(
            what, "The %s is from −%.0f to %.0f degrees.".formatted(what, most, most));
      }
    }

    /**
     * {@return how far another place is, m; within a field the earth is flat, and degrees of
     * longitude shrink with the cosine of the latitude}
     *
     * @param other place
     */
    public double metresTo(Place other) {
      double north = (other.latitude - latitude) * M_PER_DEGREE;
      double east =
          (other.longitude - longitude)
              * M_PER_DEGREE
              * Math.cos(Math.toRadians((latitude + other.latitude) / 2));
      return Math.hypot(north, east);
    }
  }

  /**
   * {@return the spot of each place, counted from 0 in the order in which they are first seen; a
   * place belongs to the first spot whose first place is near; −1 where no place is known}
   *
   * @param places of pictures
   */
  public static List<Integer> of(List<@Nullable Place> places) {
    List<Place> first = new ArrayList<>();
    List<Integer> spots = new ArrayList<>();
    for (Place p : places) {
      spots.add(p == null ? -1 : spot(first, p));
    }
    return spots;
  }

  private static int spot(List<Place> first, Place p) {
    for (int i = 0; i < first.size(); i++) {
      if (first.get(i).metresTo(p) <= NEAR_M) {
        return i;
      }
    }
    first.add(p);
    return first.size() - 1;
  }
}
