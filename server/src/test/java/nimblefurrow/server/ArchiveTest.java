package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import nimblefurrow.server.picture.CameraPicture;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A farm through its archive and back says what it said, wherever it is put. */
class ArchiveTest {
  /**
   * Who may see it, and what a server or a person keeps for themselves, stay behind; the station
   * that a copy of the demo borrows becomes its own.
   */
  private static final List<String> STAYS =
      List.of(
          "/stations",
          "/members",
          "/invitations",
          "/feeds",
          "/changes",
          "/customers",
          "/field-work/run");

  private static Api owner;
  private static String farm;
  private static byte[] zip;
  private static JsonNode ticked;

  @BeforeAll
  static void aFarmWithALittleOfEverything() throws Exception {
    owner = Api.owner();
    farm = owner.demoCopy();
    JsonNode work = WorkTest.kept(owner, farm);
    for (JsonNode i : work.get("items")) {
      ticked = i.get("job").asString().equals("seed") && ticked == null ? i : ticked;
    }
    owner.post(farm + "/field-work/" + ticked.get("id").asString() + "/done", Map.of("share", 1));
    String field = farm + "/fields/" + owner.furrow(farm, "Windmill").get("fieldId").asString();
    String entry = field + "/log/" + UUID.randomUUID();
    Map<String, Object> note = Map.of("doneOn", "2026-09-08", "kind", "note", "words", "wet spot");
    owner.letIn(farm, "operator").put(entry, note).ok();
    owner.picture(entry + "/pictures/" + UUID.randomUUID(), CameraPicture.bare(60, 40)).ok();
    zip = owner.bytes(farm + "/archive.zip");
  }

  private static String restored(Api by, byte[] file) throws Exception {
    return "/api/farms/" + by.archive(file).ok().json().get("id").asString();
  }

  private static String id(String farm) {
    return farm.substring(farm.lastIndexOf('/') + 1);
  }

  /** Every answer about a farm and its fields that asks for nothing else. */
  private static Map<String, String> answers(Api by, String farm) throws Exception {
    JsonNode document = by.get("/api/openapi").ok().json();
    List<String> fields = new ArrayList<>();
    by.get(farm + "/fields").ok().json().forEach(f -> fields.add(f.get("id").asString()));
    Map<String, String> said = new LinkedHashMap<>();
    for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
      String door = path.getKey();
      boolean left = STAYS.stream().anyMatch(door::contains) || door.endsWith(".zip");
      if (!path.getValue().has("get") || !door.startsWith("/api/farms/{farmId}") || left) {
        continue;
      }
      String ours = door.replace("/api/farms/{farmId}", farm);
      if (ours.contains("{fieldId}")) {
        for (String field : fields.subList(0, 2)) {
          ask(by, said, door + field, ours.replace("{fieldId}", field));
        }
      } else {
        ask(by, said, door, ours);
      }
    }
    // A calendar says when it was written.
    said.replaceAll(
        (door, text) -> text.replace(id(farm), "the farm").replaceAll("DTSTAMP:\\w+", "DTSTAMP"));
    return said;
  }

  /** Where the first of them begins to say something else. */
  private static String difference(
      Map<String, String> was, Map<String, String> is, List<String> otherwise) {
    if (otherwise.isEmpty()) {
      return "";
    }
    String a = was.getOrDefault(otherwise.get(0), "");
    String b = is.getOrDefault(otherwise.get(0), "");
    int at = Math.max(0, Arrays.mismatch(a.toCharArray(), b.toCharArray()) - 60);
    return a.substring(at, Math.min(a.length(), at + 120))
        + " <> "
        + b.substring(at, Math.min(b.length(), at + 120));
  }

  private static void ask(Api by, Map<String, String> said, String door, String path)
      throws Exception {
    if (!path.contains("{")) {
      Api.Answer answer = by.get(path);
      if (answer.status() == 200 && !answer.text().startsWith("%PDF")) {
        said.put(door, answer.text());
      }
    }
  }

  @Test
  void anotherServerSaysOfItWhatThisOneSaid() throws Exception {
    Api there = Api.browser(App.elsewhere());
    Map<String, Object> me =
        Map.of("email", "odo@orrin.example", "name", "Odo", "password", Api.PASSWORD);
    there.post("/api/first-run", me).ok();
    String theirs = restored(there, zip);
    Map<String, String> was = answers(owner, farm);
    Map<String, String> is = answers(there, theirs);
    assertThat(was).hasSizeGreaterThan(60);
    assertThat(is.keySet()).isEqualTo(was.keySet());
    List<String> otherwise = new ArrayList<>(was.keySet());
    otherwise.removeIf(door -> was.getOrDefault(door, "").equals(is.get(door)));
    assertThat(otherwise).as(difference(was, is, otherwise)).isEmpty();
    // And the same archive again, but for its name, is another farm with ids of its own.
    String again = restored(there, zip);
    assertThat(there.get(again + "/fields").ok().json().at("/0/id"))
        .isNotEqualTo(there.get(theirs + "/fields").ok().json().at("/0/id"));
  }

  @Test
  void whatAJobWroteIsStillTheJobs() throws Exception {
    String copy = restored(owner, zip);
    JsonNode job = null;
    for (JsonNode i : owner.get(copy + "/field-work").ok().json().get("items")) {
      boolean same =
          i.get("field").equals(ticked.get("field")) && i.get("job").equals(ticked.get("job"));
      job = same ? i : job;
    }
    assertThat(job.get("shareDone").asDouble()).isEqualTo(1);
    assertThat(job.get("id")).isNotEqualTo(ticked.get("id"));
    String log = copy + "/fields/" + job.get("fieldId").asString() + "/log";
    assertThat(owner.get(log).ok().text()).contains("from the plan");
    owner.post(copy + "/field-work/" + job.get("id").asString() + "/done", Map.of("share", 0)).ok();
    assertThat(owner.get(log).ok().text()).doesNotContain("from the plan");
    assertThat(owner.get(copy + "/season").ok().json().get("furrows"))
        .hasSameSizeAs(owner.get(farm + "/season").ok().json().get("furrows"));
  }

  private static byte[] changed(String entry, UnaryOperator<String> change) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip));
        ZipOutputStream to = new ZipOutputStream(out)) {
      for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
        byte[] bytes = in.readAllBytes();
        to.putNextEntry(new ZipEntry(e.getName()));
        to.write(
            e.getName().equals(entry)
                ? change
                    .apply(new String(bytes, StandardCharsets.UTF_8))
                    .getBytes(StandardCharsets.UTF_8)
                : bytes);
        to.closeEntry();
      }
    }
    return out.toByteArray();
  }

  private static UnaryOperator<String> inTheFirst(String column, String value) {
    return text -> {
      String[] rows = text.split("\n", 2);
      ObjectNode row = (ObjectNode) Api.parsed(rows[0]);
      return row.put(column, value) + "\n" + (rows.length > 1 ? rows[1] : "");
    };
  }

  @Test
  void whatWasChangedIsRefusedInASentenceAndNothingOfItKept() throws Exception {
    Api someone = owner.letIn(farm, "viewer");
    String nobody = UUID.randomUUID().toString();
    List<Map.Entry<byte[], String>> hostile = new ArrayList<>();
    hostile.add(Map.entry("no zip".getBytes(StandardCharsets.UTF_8), "no ZIP file"));
    hostile.add(Map.entry(Arrays.copyOf(zip, zip.length / 2), "half of one"));
    hostile.add(Map.entry(changed("farm.json", t -> "{}"), "does not say that it is one"));
    hostile.add(
        Map.entry(
            changed("farm.json", t -> t.replaceFirst("\"version\":1", "\"version\":2")),
            "version"));
    hostile.add(
        Map.entry(
            changed("farm.json", t -> t.replaceFirst("\"schema\":\\d+", "\"schema\":9999")),
            "later"));
    hostile.add(
        Map.entry(
            changed("rows/field_piece.jsonl", inTheFirst("field_id", nobody)), "points to one of"));
    hostile.add(
        Map.entry(changed("rows/field.jsonl", t -> "{half\n" + t), "row 1: this is no row"));
    hostile.add(Map.entry(changed("rows/field.jsonl", t -> "[1]\n" + t), "something else"));
    hostile.add(
        Map.entry(
            changed("rows/field.jsonl", inTheFirst("name", "")), "not as this program writes"));
    hostile.add(
        Map.entry(
            changed("rows/field.jsonl", inTheFirst("id", "one")), "not as this program writes"));
    hostile.add(Map.entry(changed("rows/log_entry.jsonl", inTheFirst("kind", "moonrise")), ""));
    hostile.add(Map.entry(changed("rows/cover_plan.jsonl", inTheFirst("method", "wishing")), ""));
    hostile.add(
        Map.entry(changed("rows/field.jsonl", t -> " ".repeat(25 << 20) + t), "more than 24 MB"));
    hostile.add(Map.entry(changed("rows/field.jsonl", t -> "{\"a\":".repeat(5000) + t), "row 1"));
    int before = someone.get("/api/farms").ok().json().size();
    for (Map.Entry<byte[], String> h : hostile) {
      Api.Answer answer = someone.archive(h.getKey());
      assertThat(answer.refused(422)).as(h.getValue()).contains(h.getValue());
    }
    assertThat(someone.get("/api/farms").ok().json()).hasSize(before);
  }

  @Test
  void rowsOfAnotherFarmBecomeThisFarms() throws Exception {
    String theirs = id(owner.demoCopy());
    Api someone = owner.letIn(farm, "viewer");
    byte[] stolen = changed("rows/log_entry.jsonl", inTheFirst("farm_id", theirs));
    int before = owner.get("/api/farms/" + theirs + "/record.csv").ok().text().length();
    restored(someone, stolen);
    assertThat(owner.get("/api/farms/" + theirs + "/record.csv").ok().text()).hasSize(before);
  }
}
