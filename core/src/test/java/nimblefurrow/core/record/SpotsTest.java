package nimblefurrow.core.record;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.record.Spots.Place;
import nimblefurrow.core.units.Refused;
import org.junit.jupiter.api.Test;

/** Pictures of one spot. */
class SpotsTest {
  private static final Place STAKE = new Place(41.8, -93.6);

  /** So far to the north of the stake, m. */
  private static Place north(double m) {
    return new Place(41.8 + m / 111_320, -93.6);
  }

  @Test
  void aDegreeOfLongitudeIsShorterThanOneOfLatitude() {
    assertThat(STAKE.metresTo(new Place(41.801, -93.6))).isCloseTo(111.3, within(0.1));
    // cos 41.8° = 0.7455
    assertThat(STAKE.metresTo(new Place(41.8, -93.599))).isCloseTo(83.0, within(0.1));
    assertThat(STAKE.metresTo(STAKE)).isZero();
  }

  @Test
  void pictureWithinTwentyMetresAreOfOneSpotAndFartherAreNot() {
    assertThat(Spots.of(List.of(STAKE, north(19.9)))).containsExactly(0, 0);
    assertThat(Spots.of(List.of(STAKE, north(20.1)))).containsExactly(0, 1);
  }

  @Test
  void aSpotDoesNotCreepAlongARowOfPictures() {
    assertThat(Spots.of(List.of(STAKE, north(15), north(30), north(45))))
        .containsExactly(0, 0, 1, 1);
  }

  @Test
  void aPictureWithoutAPlaceIsOfNoSpot() {
    List<Place> places = new ArrayList<>();
    places.add(null);
    places.add(STAKE);
    places.add(null);
    places.add(STAKE);
    assertThat(Spots.of(places)).containsExactly(-1, 0, -1, 0);
  }

  @Test
  void aPlaceIsOnEarth() {
    assertThatThrownBy(() -> new Place(91, 0))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("latitude");
    assertThatThrownBy(() -> new Place(0, -181))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("longitude");
    assertThatThrownBy(() -> new Place(Double.NaN, 0)).isInstanceOf(Refused.class);
  }
}
