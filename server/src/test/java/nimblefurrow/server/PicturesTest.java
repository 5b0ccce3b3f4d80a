package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import javax.imageio.ImageIO;
import nimblefurrow.server.picture.CameraPicture;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Pictures on entries of the record. */
class PicturesTest {
  private static final int[] NORTH = {41, 12};
  private static final int[] WEST = {96, 36};

  private static Api owner;
  private static String farm;
  private static String field;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
    field = farm + "/fields/" + owner.furrow(farm, "Creek Forty").get("fieldId").asString();
  }

  private static String entry() throws Exception {
    String path = field + "/log/" + UUID.randomUUID();
    Map<String, Object> body =
        new HashMap<>(Map.of("doneOn", "2026-09-08", "kind", "note", "words", "a look"));
    owner.put(path, body).ok();
    return path;
  }

  private static JsonNode pictures() throws Exception {
    return owner.get(field + "/pictures").ok().json();
  }

  private static boolean listed(JsonNode picture) throws Exception {
    return pictures().toString().contains(picture.get("id").asString());
  }

  private static String bytesOf(JsonNode picture) {
    return farm + "/pictures/" + picture.get("id").asString();
  }

  private static JsonNode put(String entry, byte[] bytes, String more) throws Exception {
    return owner.picture(entry + "/pictures/" + UUID.randomUUID() + more, bytes).ok().json();
  }

  @Test
  void aPictureIsKeptUprightShrunkAndWithoutItsPlaceInside() throws Exception {
    byte[] lying = CameraPicture.withExif(3000, 1500, 6, "2026:08:20 11:30:00", NORTH, WEST);
    JsonNode p = put(entry(), lying, "");
    assertThat(p.get("width").asInt()).isEqualTo(1024);
    assertThat(p.get("height").asInt()).isEqualTo(2048);
    assertThat(p.get("takenOn").asString()).isEqualTo("2026-08-20");
    assertThat(p.at("/place/latitude").asDouble()).isCloseTo(41.2, within(1e-9));
    assertThat(p.get("kind").asString()).isEqualTo("note");
    assertThat(p.get("by").asString()).isNotBlank();
    assertThat(p.has("green")).as("not meant to be measured").isFalse();

    byte[] whole = owner.bytes(bytesOf(p));
    var image = ImageIO.read(new ByteArrayInputStream(whole));
    assertThat(image.getWidth()).isEqualTo(1024);
    assertThat(new String(whole, java.nio.charset.StandardCharsets.ISO_8859_1))
        .doesNotContain("Exif");
    var small = ImageIO.read(new ByteArrayInputStream(owner.bytes(bytesOf(p) + "/small")));
    assertThat(small.getHeight()).isEqualTo(320);
  }

  @Test
  void whatTheSenderSaysOutranksThePictureAndADayToComeIsTheEntrys() throws Exception {
    byte[] file = CameraPicture.withExif(60, 40, 6, "2031:08:20 11:30:00", NORTH, WEST);
    JsonNode ahead = put(entry(), file, "");
    assertThat(ahead.get("takenOn").asString()).isEqualTo("2026-09-08");
    JsonNode said =
        put(entry(), file, "?takenOn=2026-09-01&latitude=41.3&longitude=-96.5&turned=true");
    assertThat(said.get("takenOn").asString()).isEqualTo("2026-09-01");
    assertThat(said.at("/place/longitude").asDouble()).isEqualTo(-96.5);
    assertThat(said.get("width").asInt()).as("turned already").isEqualTo(60);
    byte[] bare = CameraPicture.bare(60, 40);
    assertThat(put(entry(), bare, "").has("place")).isFalse();
    String at = entry() + "/pictures/" + UUID.randomUUID();
    assertThat(owner.picture(at + "?latitude=41.3", bare).refused(422)).contains("a longitude");
    assertThat(owner.picture(at + "?latitude=99&longitude=0", bare).refused(422))
        .contains("latitude is from");
  }

  @Test
  void picturesOfOneSpotAreFoundByTheirPlace() throws Exception {
    byte[] bare = CameraPicture.bare(60, 40);
    JsonNode first = put(entry(), bare, "?takenOn=2026-07-01&latitude=41.25&longitude=-96.61");
    JsonNode near = put(entry(), bare, "?takenOn=2026-07-02&latitude=41.2501&longitude=-96.61");
    JsonNode far = put(entry(), bare, "?takenOn=2026-07-03&latitude=41.251&longitude=-96.61");
    Map<String, Integer> spots = new HashMap<>();
    pictures().forEach(p -> spots.put(p.get("id").asString(), p.get("spot").asInt()));
    int spot = spots.get(first.get("id").asString());
    assertThat(spot).isNotNegative();
    assertThat(spots.get(near.get("id").asString())).isEqualTo(spot);
    assertThat(spots.get(far.get("id").asString())).isNotEqualTo(spot);

    JsonNode off = owner.delete(bytesOf(first) + "/place").ok().json();
    assertThat(off.has("place")).isFalse();
    assertThat(off.get("spot").asInt()).isEqualTo(-1);
  }

  @Test
  void greenCoverIsMeasuredWhereItIsMeantOrAskedForLater() throws Exception {
    byte[] quarter = CameraPicture.bare(400, 300);
    JsonNode meant = put(entry(), quarter, "?measure=true");
    assertThat(meant.get("green").asDouble()).isCloseTo(0.25, within(0.01));
    JsonNode plain = put(entry(), quarter, "");
    JsonNode later = owner.post(bytesOf(plain) + "/green-cover", null).ok().json();
    assertThat(later.get("green").asDouble()).isEqualTo(meant.get("green").asDouble());
  }

  @Test
  void aPictureGoesAndComesBackAloneAndWithItsEntry() throws Exception {
    String entry = entry();
    JsonNode p = put(entry, CameraPicture.bare(60, 40), "");
    owner.delete(bytesOf(p)).ok();
    assertThat(listed(p)).isFalse();
    assertThat(owner.get(bytesOf(p)).status()).isEqualTo(404);
    owner.post(bytesOf(p) + "/restore", null).ok();
    assertThat(listed(p)).isTrue();
    owner.delete(entry).ok();
    assertThat(listed(p)).as("out of sight with its entry").isFalse();
    owner.post(entry + "/restore", null).ok();
    assertThat(listed(p)).as("back with its entry").isTrue();
  }

  @Test
  void theSamePictureTwiceIsOneAndNoneBelongsToAnotherFarm() throws Exception {
    String entry = entry();
    String path = entry + "/pictures/" + UUID.randomUUID();
    byte[] bare = CameraPicture.bare(60, 40);
    int before = pictures().size();
    JsonNode first = owner.picture(path, bare).ok().json();
    assertThat(owner.picture(path, bare).ok().json()).isEqualTo(first);
    assertThat(pictures()).hasSize(before + 1);
    String other = owner.newFarm();
    String id = first.get("id").asString();
    assertThat(owner.get(other + "/pictures/" + id).status()).isEqualTo(404);
    assertThat(owner.delete(other + "/pictures/" + id).status()).isEqualTo(404);
    String theirs = field.substring(field.lastIndexOf('/'));
    assertThat(owner.get(other + "/fields" + theirs + "/pictures").status()).isEqualTo(404);
    assertThat(owner.picture(entry() + "/pictures/" + id, bare).status()).isEqualTo(404);
    String nowhere = field + "/log/" + UUID.randomUUID() + "/pictures/" + UUID.randomUUID();
    assertThat(owner.picture(nowhere, bare).refused(404)).contains("no such entry");
  }

  @Test
  void whatIsNoPictureOrTooLargeIsRefusedInASentence() throws Exception {
    String at = entry() + "/pictures/" + UUID.randomUUID();
    assertThat(
            owner
                .picture(at, "not a picture".getBytes(java.nio.charset.StandardCharsets.UTF_8))
                .refused(422))
        .contains("not a PNG or JPEG");
    assertThat(owner.picture(at, new byte[11 * 1024 * 1024]).refused(413)).contains("10 MB");
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.picture(at, CameraPicture.bare(9, 9)).status()).isEqualTo(403);
    assertThat(viewer.get(field + "/pictures").status()).isEqualTo(200);
  }
}
