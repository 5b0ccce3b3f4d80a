package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.server.picture.CameraPicture;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Reports say what was planned and done, are numbered, and stay as they were given away. */
class ReportsTest {
  private static Api owner;
  private static String farm;

  @BeforeAll
  static void start() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
  }

  private static Map<String, Object> wanted(String kind, String field, String from, String to) {
    Map<String, Object> wanted = new HashMap<>();
    wanted.put("kind", kind);
    wanted.put("from", from);
    wanted.put("to", to);
    wanted.put("pictures", false);
    if (field != null) {
      wanted.put("fieldId", field);
    }
    return wanted;
  }

  private static String make(Map<String, Object> wanted, String units) throws Exception {
    JsonNode made = owner.post(farm + "/reports?units=" + units, wanted).ok().json();
    return farm + "/reports/" + made.get("id").asString();
  }

  private static String csv(String report) throws Exception {
    return new String(owner.bytes(report + "/report.csv"), StandardCharsets.UTF_8);
  }

  private static String paper(String report) throws Exception {
    try (PDDocument pdf = Loader.loadPDF(owner.bytes(report + "/report.pdf"))) {
      return new PDFTextStripper().getText(pdf);
    }
  }

  private static String field(String name) throws Exception {
    return owner.furrow(farm, name).get("fieldId").asString();
  }

  private static String write(String field, String day, String kind, Object... more)
      throws Exception {
    Map<String, Object> in = new HashMap<>(Map.of("doneOn", day, "kind", kind, "words", ""));
    for (int i = 0; i < more.length; i += 2) {
      in.put((String) more[i], more[i + 1]);
    }
    String path = farm + "/fields/" + field + "/log/" + UUID.randomUUID();
    owner.put(path, in).ok();
    return path;
  }

  @Test
  void theFieldRecordSaysEachEntryInTheReadersUnits() throws Exception {
    String field = field("Creek Forty");
    write(
        field, "2026-09-03", "height", "figures", Map.of("heightCm", 25.4), "words", "by the gate");
    String us = csv(make(wanted("record", field, "2026-09-01", "2026-09-12"), "us"));
    assertThat(us).contains("3 Sep 2026,height measured,height 10 in,by the gate");
    String metric = csv(make(wanted("record", field, "2026-09-01", "2026-09-12"), "metric"));
    assertThat(metric).contains("height 25 cm");
    String before = csv(make(wanted("record", field, "2026-08-01", "2026-09-02"), "us"));
    assertThat(before).doesNotContain("by the gate");
    assertThat(paper(make(wanted("record", null, "2025-08-01", "2026-09-12"), "us")))
        .contains("Heron Low")
        .contains("Creek Forty")
        .contains("clipped before it was ended")
        .contains("page 1 of");
  }

  @Test
  void aReportIsNumberedAndStaysAsItWas() throws Exception {
    String field = field("Ridge Road");
    Map<String, Object> wanted = wanted("record", field, "2026-09-01", "2026-09-12");
    String first = make(wanted, "us");
    byte[] was = owner.bytes(first + "/report.pdf");
    write(field, "2026-09-04", "note", "words", "came later");
    String second = make(wanted, "us");
    assertThat(owner.bytes(first + "/report.pdf")).isEqualTo(was);
    assertThat(csv(first)).doesNotContain("came later");
    assertThat(csv(second)).contains("came later");
    JsonNode made = owner.get(farm + "/reports").ok().json().get("made");
    int last = made.get(0).get("number").asInt();
    assertThat(made).hasSize(last);
    assertThat(made.get(0).get("by").asString()).isNotBlank();
    assertThat(paper(second)).contains("report " + last + " of 12 Sep 2026");
  }

  @Test
  void coversStandAsPlannedAndAsDoneWithTheirLots() throws Exception {
    String report = make(wanted("covers", field("Heron Low"), "2025-08-01", "2026-07-31"), "us");
    String csv = csv(report);
    assertThat(csv).contains("Hairy vetch").contains("7 Oct 2025").contains("25 Apr 2026");
    assertThat(csv).contains("\"Covers, 236 ac seeded\"").doesNotContain("26 May 2027");
    assertThat(paper(report)).contains("insurance agent").contains("cost-share office");

    String id = UUID.randomUUID().toString();
    String field = field("Stone House");
    JsonNode lot = owner.get(farm + "/seed/lots").ok().json().get(0);
    Map<String, Object> seeding = new HashMap<>();
    seeding.put("doneOn", "2026-09-11");
    seeding.put("areaHa", 4);
    seeding.put("targetKgPerHa", 50);
    seeding.put("seedKg", 200);
    seeding.put("words", "");
    seeding.put("lots", List.of(Map.of("lotId", lot.get("id").asString(), "kg", 200)));
    owner.put(farm + "/fields/" + field + "/seedings/" + id, seeding).ok();
    String done = csv(make(wanted("covers", field, "2026-09-01", "2026-09-30"), "metric"));
    assertThat(done).contains(lot.get("lotNo").asString() + " 200 kg").contains("4.0 ha seeded");
    assertThat(done).contains("not written down");
  }

  @Test
  void twoCoversBehindEachOtherShareNoSeedingAndCountNoAreaTwice() throws Exception {
    String copy = owner.demoCopy();
    JsonNode furrow = owner.furrow(copy, "Windmill");
    String field = furrow.get("fieldId").asString();
    Map<String, Object> oats = Api.map(furrow.at("/plan/plan"));
    oats.put("ending", "till");
    oats.put("endOn", "2026-09-19");
    owner.post(copy + "/plans", ChainTest.save(field, furrow.get("plan"), oats)).ok();
    Object rye = ChainTest.cover("cereal_rye", 70, "2026-09-20", "sprayEarly", "2027-04-20");
    owner.post(copy + "/plans", ChainTest.save(field, null, rye)).ok();
    String made =
        owner
            .post(copy + "/reports?units=us", wanted("covers", field, "2026-08-01", "2026-12-31"))
            .ok()
            .json()
            .get("id")
            .asString();
    List<String> rows =
        csv(copy + "/reports/" + made).lines().filter(l -> l.startsWith("Windmill,")).toList();
    assertThat(rows).hasSize(2);
    assertThat(rows.get(0)).contains("Oats", "12 Aug 2026").doesNotContain("Cereal rye");
    assertThat(rows.get(1)).contains("Cereal rye", "20 Sep 2026,not written down,,");
  }

  @Test
  void spraysOfTheDaysAreListedWithWindAndAir() throws Exception {
    String field = field("Meadowlark");
    Map<String, Object> felt = Map.of("windMPerS", 2.2352, "airC", 20);
    write(field, "2026-09-05", "sprayed", "figures", felt, "words", "burndown");
    write(field, "2026-09-06", "rolled", "words", "stones down");
    JsonNode label = owner.get(farm + "/products").ok().json().get(0);
    Map<String, Object> use = Map.of("productId", label.get("id").asString(), "ratePerHa", 2.5);
    Map<String, Object> spray = new HashMap<>();
    spray.put("on", "2026-09-08");
    spray.put("uses", List.of(use));
    spray.put("carrierLPerHa", 140);
    spray.put("tankL", 3000);
    spray.put("areaHa", 5);
    spray.put("hardWater", false);
    owner.put(farm + "/fields/" + field + "/sprays/" + UUID.randomUUID(), spray).ok();
    String csv = csv(make(wanted("sprays", field, "2026-09-01", "2026-09-12"), "us"));
    assertThat(csv)
        .contains("5 Sep 2026,Meadowlark,burndown,,5 mph,68 °F")
        .contains("8 Sep 2026,Meadowlark," + label.at("/label/name").asString() + " 34.2 fl oz/ac,")
        .doesNotContain("stones");
    String metric = csv(make(wanted("sprays", field, "2026-09-01", "2026-09-12"), "metric"));
    assertThat(metric).contains(" 2.50 L/ha");
    String none = paper(make(wanted("sprays", field, "2026-09-09", "2026-09-12"), "us"));
    assertThat(none).contains("Nothing was sprayed in these days.").contains("label");
  }

  @Test
  void organicFieldsShowTheirSeedItsPapersAndSprays() throws Exception {
    String field = field("Heron Low");
    write(field, "2026-09-02", "seeded");
    write(field, "2026-09-03", "sprayed", "words", "by mistake, drift");
    String csv = csv(make(wanted("organic", null, "2026-09-01", "2026-09-12"), "us"));
    assertThat(csv).contains("Heron Low,2 Sep 2026").contains("not written down");
    assertThat(csv).contains("3 Sep 2026,\"by mistake, drift\"");
    assertThat(csv).contains("never").doesNotContain("Creek Forty");
  }

  @Test
  void grazingTellsItsDaysAndAnimalDays() throws Exception {
    String field = field("Creek Forty");
    Map<String, Object> on = Map.of("head", 40, "grazedDays", 5, "leftCm", 10.16);
    write(field, "2026-09-05", "grazed", "figures", on, "words", "the young ones");
    String csv = csv(make(wanted("grazing", field, "2026-09-05", "2026-09-12"), "us"));
    assertThat(csv).contains("\"Grazed, 200 animal-days\"");
    assertThat(csv).contains("Creek Forty,1 Sep 2026,5 Sep 2026,5,40,200,4 in,the young ones");
    String before = make(wanted("grazing", field, "2026-08-01", "2026-08-31"), "us");
    assertThat(paper(before)).contains("No animals are written down").contains("seed tag");
    String touched = csv(make(wanted("grazing", field, "2026-08-01", "2026-09-01"), "metric"));
    assertThat(touched).contains("10 cm");
  }

  @Test
  void whatIsOwedIsWhatWasBilledLessWhatWasPaidToTheCent() throws Exception {
    String field = field("Stone House");
    Map<String, String> who = Map.of("party", "Flying service", "way", "pays");
    write(field, "2026-08-20", "bill", "figures", Map.of("usd", 1200.10), "names", who);
    write(field, "2026-09-02", "payment", "figures", Map.of("usd", 700.05), "names", who);
    String csv = csv(make(wanted("owed", field, "2026-09-01", "2026-09-12"), "metric"));
    assertThat(csv)
        .contains("Flying service,the farm pays,\"$1,200.10\",$700.05,$500.05")
        .contains("2 Sep 2026,Stone House,payment")
        .doesNotContain("20 Aug 2026,");
    String early = csv(make(wanted("owed", field, "2026-08-01", "2026-08-31"), "us"));
    assertThat(early).contains("\"$1,200.10\",$0.00,\"$1,200.10\"");
    String path = farm + "/fields/" + field + "/log/" + UUID.randomUUID();
    Map<String, Object> short1 = new HashMap<>(Map.of("doneOn", "2026-09-02", "kind", "bill"));
    short1.put("words", "");
    short1.put("figures", Map.of("usd", 5));
    assertThat(owner.put(path, short1).refused(422)).contains("the farm pays or is paid");
  }

  @Test
  void theAccountsLinesAreTheirCoversAndTheCoversAreTheirSum() throws Exception {
    String csv = csv(make(wanted("money", null, "2026-07-01", "2026-09-12"), "us"));
    long covers = 0;
    long lines = 0;
    long all = 0;
    for (CSVRecord r : CSVFormat.DEFAULT.parse(new StringReader(csv))) {
      if (r.size() < 6 || !r.get(4).contains("$") && !r.get(5).contains("$")) {
        continue;
      }
      if (r.get(0).equals("All of them")) {
        all = cents(r.get(4));
      } else if (r.get(3).endsWith(" ac")) {
        covers += cents(r.get(4));
      } else {
        lines += cents(r.get(4));
      }
    }
    assertThat(all).isNegative().isEqualTo(covers).isEqualTo(lines);
    String one = csv(make(wanted("money", field("Creek Forty"), "2026-07-01", "2026-09-12"), "us"));
    assertThat(one)
        .contains("No-till drill")
        .contains("in eight years of ten")
        .doesNotContain("Bluestem");
    String long1 = farm + "/reports?units=us";
    assertThat(owner.post(long1, wanted("money", null, "2010-07-01", "2026-09-12")).refused(422))
        .contains("twelve seasons");
  }

  private static long cents(String usd) {
    return usd.isEmpty()
        ? 0
        : Math.round(Double.parseDouble(usd.replace("−", "-").replaceAll("[$,]", "")) * 100);
  }

  @Test
  void theSeedOrderIsTheSeedListsAndCrewOrdersAreTheMornings() throws Exception {
    JsonNode first = owner.get(farm + "/seed/needs").ok().json().get(0);
    String order = csv(make(wanted("seed", null, "2026-09-01", "2026-09-12"), "metric"));
    assertThat(order)
        .contains("2026–27, to buy")
        .contains("%s,%s".formatted(first.get("name").asString(), kg(first, "buyKg")));
    JsonNode run = WorkTest.laidOut(owner, farm);
    JsonNode item = run.at("/proposal/items").get(0);
    Map<String, Object> keep = new HashMap<>(Map.of("runId", run.get("id").asString()));
    keep.put("keys", List.of(item.get("key").asString()));
    owner.post(farm + "/field-work/keep", keep).ok();
    String day = item.get("startOn").asString();
    String crew = csv(make(wanted("crew", null, day, day), "us"));
    assertThat(crew).contains(item.get("field").asString(), item.get("doer").asString());
    assertThat(owner.post(farm + "/reports", wanted("crew", null, day, "2029-01-01")).refused(422))
        .contains("at most 62 days");
    assertThat(paper(make(wanted("crew", null, "2020-01-01", "2020-01-02"), "us")))
        .contains("No kept work");
  }

  private static String kg(JsonNode need, String key) {
    String said = "%,.0f kg".formatted(need.get(key).asDouble());
    return said.contains(",") ? "\"" + said + "\"" : said;
  }

  @Test
  void acresUnderCoverAddUpBySeason() throws Exception {
    String csv = csv(make(wanted("acres", null, "2023-08-01", "2026-06-30"), "us"));
    assertThat(csv).contains("2024–25,8,919 ac,919 ac,919 ac").doesNotContain("2022–23");
  }

  @Test
  void picturesComeAlongWhereTheyAreWantedAndTheirPlaceNever() throws Exception {
    String field = field("Windmill");
    String entry = write(field, "2026-09-07", "note", "words", "a look");
    owner
        .picture(
            entry
                + "/pictures/"
                + UUID.randomUUID()
                + "?latitude=41.2222&longitude=-96.6333&measure=true",
            CameraPicture.bare(400, 300))
        .ok();
    Map<String, Object> wanted = wanted("record", field, "2026-09-01", "2026-09-12");
    assertThat(paper(make(wanted, "us"))).doesNotContain("% green");
    wanted.put("pictures", true);
    String paper = paper(make(wanted, "us"));
    assertThat(paper).contains("Windmill, 7 Sep 2026, 25 % green");
    wanted.put("chosen", List.of());
    assertThat(paper(make(wanted, "us"))).doesNotContain("% green");
    JsonNode kept = owner.get(farm + "/fields/" + field + "/pictures").ok().json().get(0);
    wanted.put("chosen", List.of(kept.get("id").asString()));
    assertThat(paper(make(wanted, "us"))).contains("25 % green");
    assertThat(paper).doesNotContain("41.22");
  }

  @Test
  void nonsenseIsRefusedAndOnlyThoseOfTheFarmMakeAndReadThem() throws Exception {
    assertThat(
            owner
                .post(farm + "/reports", wanted("record", null, "2026-09-12", "2026-09-01"))
                .refused(422))
        .contains("other way round");
    String nowhere = UUID.randomUUID().toString();
    assertThat(
            owner
                .post(farm + "/reports", wanted("record", nowhere, "2026-09-01", "2026-09-12"))
                .status())
        .isEqualTo(404);
    String report = make(wanted("acres", null, "2025-08-01", "2026-07-31"), "us");
    String id = report.substring(report.lastIndexOf('/') + 1);
    assertThat(owner.get(owner.newFarm() + "/reports/" + id + "/report.pdf").status())
        .isEqualTo(404);
    Api viewer = owner.letIn(farm, "viewer");
    assertThat(viewer.get(report + "/report.csv").status()).isEqualTo(200);
    assertThat(
            viewer
                .post(farm + "/reports", wanted("acres", null, "2025-08-01", "2026-07-31"))
                .status())
        .isEqualTo(403);
  }
}
