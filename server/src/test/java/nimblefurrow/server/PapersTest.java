package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Papers of lots, products, fields and the farm, and what they allow. */
class PapersTest {
  private static final byte[] PDF = "%PDF-1.4 a paper".getBytes(StandardCharsets.US_ASCII);

  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static Api.Answer add(String holder, String holderId, String kind, byte[] file)
      throws Exception {
    String at = farm + "/papers?holder=%s&holderId=%s&kind=%s".formatted(holder, holderId, kind);
    return owner.upload(at, file, Map.of());
  }

  private static String farmId() {
    return farm.substring(farm.lastIndexOf('/') + 1);
  }

  @Test
  void aPaperIsKeptHandedOutTakenOutAndBroughtBack() throws Exception {
    JsonNode paper = add("farm", farmId(), "certificate", PDF).ok().json();
    String path = farm + "/papers/" + paper.get("id").asString();
    assertThat(owner.bytes(path)).isEqualTo(PDF);
    assertThat(paper.get("mediaType").asString()).isEqualTo("application/pdf");
    assertThat(paper.get("size").asInt()).isEqualTo(PDF.length);
    assertThat(paper.get("by").asString()).isNotBlank();
    owner.delete(path).ok();
    assertThat(owner.get(farm + "/papers").ok().text()).doesNotContain(paper.get("id").asString());
    assertThat(owner.get(path).status()).isEqualTo(404);
    owner.post(path + "/restore", null).ok();
    assertThat(owner.bytes(path)).isEqualTo(PDF);
    String other = owner.newFarm() + "/papers/" + paper.get("id").asString();
    assertThat(owner.get(other).status()).isEqualTo(404);
  }

  @Test
  void eachHolderIsTheFarmsAndKeepsItsKinds() throws Exception {
    String field = owner.furrow(farm, "Creek Forty").get("fieldId").asString();
    String product = owner.get(farm + "/products").ok().json().get(0).get("id").asString();
    add("field", field, "letter", PDF).ok();
    add("product", product, "label", PDF).ok();
    assertThat(add("field", field, "label", PDF).refused(422))
        .contains("A label is not kept with a field; choose letter of insurer or office");
    for (String holder : List.of("lot", "product", "field", "farm")) {
      assertThat(add(holder, UUID.randomUUID().toString(), "other", PDF).refused(404))
          .isEqualTo("This farm has no such " + holder + ".");
    }
    assertThat(add("barn", field, "other", PDF).status()).isEqualTo(400);
    assertThat(
            add("field", field, "other", "<script>".getBytes(StandardCharsets.US_ASCII))
                .refused(422))
        .contains("A paper is a PDF");
  }

  private static JsonNode offered(String field, String lotId) throws Exception {
    for (JsonNode s : owner.get(farm + "/fields/" + field + "/job").ok().json().get("seeds")) {
      for (JsonNode l : s.get("lots")) {
        if (l.at("/lot/id").asString().equals(lotId)) {
          return l;
        }
      }
    }
    throw new AssertionError("the lot is not with the job");
  }

  private static String lot(String species, boolean organic, boolean treated) throws Exception {
    String id = UUID.randomUUID().toString();
    Map<String, Object> lot =
        Map.ofEntries(
            Map.entry("id", id),
            Map.entry("species", species),
            Map.entry("variety", ""),
            Map.entry("lotNo", "T-" + id.substring(0, 4)),
            Map.entry("supplier", "Co-op A"),
            Map.entry("treated", treated),
            Map.entry("organic", organic),
            Map.entry("usdPerKg", 1.1),
            Map.entry("boughtKg", 90000));
    owner.put(farm + "/seed/lots/" + id, lot).ok();
    return id;
  }

  @Test
  void anOrganicFieldIsOfferedOnlyLotsThatMayGoThere() throws Exception {
    JsonNode block = null;
    for (JsonNode f : owner.get(farm + "/fields").ok().json()) {
      JsonNode furrow = owner.furrow(farm, f.get("name").asString());
      if (f.get("organic").asBoolean() && furrow.has("plan")) {
        block = furrow;
      }
    }
    String field = block.get("fieldId").asString();
    String species = block.at("/plan/plan/components/0/species").asString();
    String plain = lot(species, false, false);
    assertThat(offered(field, plain).get("offered").asBoolean()).isFalse();
    assertThat(offered(field, plain).at("/papers/text").asString()).contains("untreated statement");
    add("lot", plain, "untreated", PDF).ok();
    assertThat(offered(field, plain).get("offered").asBoolean()).isFalse();
    JsonNode search = add("lot", plain, "seedSearch", PDF).ok().json();
    assertThat(offered(field, plain).get("offered").asBoolean()).isTrue();
    owner.delete(farm + "/papers/" + search.get("id").asString()).ok();
    assertThat(offered(field, plain).get("offered").asBoolean()).isFalse();

    assertThat(offered(field, lot(species, false, true)).get("offered").asBoolean()).isFalse();
    String organic = lot(species, true, false);
    assertThat(offered(field, organic).get("offered").asBoolean()).isTrue();
    assertThat(offered(field, organic).has("papers")).as("its certificate is missing").isTrue();
    add("lot", organic, "certificate", PDF).ok();
    assertThat(offered(field, organic).has("papers")).isFalse();
  }

  @Test
  void anyOtherFieldIsOfferedAllLots() throws Exception {
    JsonNode furrow = owner.furrow(farm, "Creek Forty");
    String species = furrow.at("/plan/plan/components/0/species").asString();
    String lot = lot(species, false, true);
    JsonNode found = offered(furrow.get("fieldId").asString(), lot);
    assertThat(found.get("offered").asBoolean()).isTrue();
    assertThat(found.has("papers")).isFalse();
  }
}
