package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A client as scripts and browsers are: with a token, or with cookies. */
public final class Api {
  /** Of all who are let in by tests. */
  public static final String PASSWORD = "long enough word";

  private static final JsonMapper JSON = JsonMapper.shared();

  private final String address;
  private final String token;
  private final Map<String, Integer> looked = new ConcurrentHashMap<>();
  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

  private Api(String address, String token) {
    this.address = address;
    this.token = token;
  }

  /** A script with a token. */
  public static Api withToken(App app, String token) {
    return new Api(app.address(), token);
  }

  /** A script with a token, on a server by its address. */
  static Api withToken(String address, String token) {
    return new Api(address, token);
  }

  /** A browser that holds nothing yet but the page's cookie. */
  public static Api browser(App app) throws Exception {
    Api api = new Api(app.address(), null);
    api.get("/api/session");
    return api;
  }

  /** The demo's owner by token. */
  public static Api owner() throws Exception {
    return withToken(App.demo(), App.demo().token());
  }

  /** An answer. */
  public record Answer(int status, String text) {
    public JsonNode json() {
      return JSON.readTree(text);
    }

    public Answer ok() {
      assertThat(status).as(text).isBetween(200, 299);
      return this;
    }

    /** The sentence of a refusal with this status. */
    public String refused(int wanted) {
      assertThat(status).as(text).isEqualTo(wanted);
      return json().path("detail").asString();
    }
  }

  public Answer get(String path) throws Exception {
    return send(request(path).GET());
  }

  /** A question with headers of its own, and all of the answer. */
  public HttpResponse<byte[]> get(String path, String... headers) throws Exception {
    HttpRequest asked = request(path).headers(headers).GET().build();
    HttpResponse<byte[]> answer = http.send(asked, BodyHandlers.ofByteArray());
    Asked.remember(asked, answer.statusCode());
    return answer;
  }

  /** The bytes of a file that must be there. */
  public byte[] bytes(String path) throws Exception {
    HttpRequest asked = request(path).GET().build();
    HttpResponse<byte[]> answer = http.send(asked, BodyHandlers.ofByteArray());
    Asked.remember(asked, answer.statusCode());
    assertThat(answer.statusCode()).isEqualTo(200);
    return answer.body();
  }

  public Answer delete(String path) throws Exception {
    return send(request(path).DELETE());
  }

  public Answer post(String path, Object body) throws Exception {
    return send(json(request(path)).POST(BodyPublishers.ofString(text(body))));
  }

  public Answer put(String path, Object body) throws Exception {
    return send(json(request(path)).PUT(BodyPublishers.ofString(text(body))));
  }

  /** Any method with any body, or none. */
  public Answer call(String method, String path, Object body) throws Exception {
    HttpRequest.Builder request = request(path);
    return body == null
        ? send(request.method(method, BodyPublishers.noBody()))
        : send(json(request).method(method, BodyPublishers.ofString(text(body))));
  }

  /** Text as it is, said to be JSON. */
  public Answer raw(String method, String path, String body) throws Exception {
    return send(json(request(path)).method(method, BodyPublishers.ofString(body)));
  }

  /** Sends a file, with JSON parts beside it. */
  public Answer upload(String path, byte[] file, Map<String, Object> parts) throws Exception {
    String boundary = UUID.randomUUID().toString();
    var out = new java.io.ByteArrayOutputStream();
    write(
        out, "--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"f\"");
    write(out, "\r\nContent-Type: application/octet-stream\r\n\r\n");
    out.write(file);
    for (Map.Entry<String, Object> part : parts.entrySet()) {
      write(out, "\r\n--" + boundary + "\r\nContent-Disposition: form-data; name=\"");
      write(out, part.getKey() + "\"; filename=\"p\"\r\nContent-Type: application/json\r\n\r\n");
      write(out, text(part.getValue()));
    }
    write(out, "\r\n--" + boundary + "--\r\n");
    return send(
        request(path)
            .header("Content-Type", "multipart/form-data; boundary=" + boundary)
            .POST(BodyPublishers.ofByteArray(out.toByteArray())));
  }

  /** Sends a picture as it is. */
  public Answer picture(String path, byte[] file) throws Exception {
    return send(
        request(path).header("Content-Type", "image/jpeg").PUT(BodyPublishers.ofByteArray(file)));
  }

  /** Sends an archive as it is. */
  public Answer archive(byte[] file) throws Exception {
    return send(
        request("/api/farms/archive")
            .header("Content-Type", "application/zip")
            .POST(BodyPublishers.ofByteArray(file)));
  }

  public Answer upload(String path, String file) throws Exception {
    return upload(path, file.getBytes(StandardCharsets.UTF_8), Map.of());
  }

  /** The path of the demo farm. */
  public String farm() throws Exception {
    for (JsonNode farm : get("/api/farms").ok().json()) {
      if (farm.get("name").asString().equals("Sandpiper Bend")) {
        return "/api/farms/" + farm.get("id").asString();
      }
    }
    throw new AssertionError("no demo farm");
  }

  /** A farm of one's own for a test that changes things. */
  public String newFarm() throws Exception {
    JsonNode farm = post("/api/farms", Map.of("name", "Farm " + UUID.randomUUID())).ok().json();
    String path = "/api/farms/" + farm.get("id").asString();
    season(path, 2026);
    return path;
  }

  /** Looks at a season of a farm from now on, as one's browser does; nobody else's does. */
  public void season(String farm, int year) {
    looked.put(farm, year);
  }

  /** Someone new, let onto a farm through a link, in a browser of their own. */
  public Api letIn(String farm, String role) throws Exception {
    return letIn(farm, role, UUID.randomUUID() + "@orrin.example");
  }

  /** The same with an address one can sign in with again. */
  public Api letIn(String farm, String role, String email) throws Exception {
    JsonNode link = post(farm + "/invitations", Map.of("label", "Ilse", "role", role)).ok().json();
    Api someone = new Api(address, null);
    someone.get("/api/session");
    Map<String, Object> account = Map.of("email", email, "name", "Ilse", "password", PASSWORD);
    String door = "/api/invitations/" + link.get("secret").asString() + "/account";
    someone.post(door, account).ok();
    return someone;
  }

  /** A copy of the demo farm of one's own, for a test that changes things. */
  public String demoCopy() throws Exception {
    Map<String, Object> name = Map.of("name", "Copy " + UUID.randomUUID());
    return "/api/farms/" + post("/api/demo/farms", name).ok().json().get("id").asString();
  }

  /** A field of the demo by name, as the season shows it. */
  public JsonNode furrow(String farm, String name) throws Exception {
    for (JsonNode furrow : get(farm + "/season").ok().json().get("furrows")) {
      if (furrow.get("name").asString().equals(name)) {
        return furrow;
      }
    }
    throw new AssertionError("no furrow " + name);
  }

  /** JSON from text. */
  public static JsonNode parsed(String text) {
    return JSON.readTree(text);
  }

  /** A map that may be changed, from JSON. */
  @SuppressWarnings("unchecked")
  public static Map<String, Object> map(JsonNode node) {
    return new LinkedHashMap<>(JSON.convertValue(node, Map.class));
  }

  private static void write(java.io.OutputStream out, String text) throws IOException {
    out.write(text.getBytes(StandardCharsets.UTF_8));
  }

  /** JSON of a body. */
  static String text(Object body) {
    return JSON.writeValueAsString(body);
  }

  private HttpRequest.Builder json(HttpRequest.Builder request) {
    return request.header("Content-Type", "application/json");
  }

  private HttpRequest.Builder request(String path) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + inSeason(path)));
    if (token != null) {
      return request.header("Authorization", "Bearer " + token);
    }
    for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
      if (cookie.getName().equals("XSRF-TOKEN")) {
        request.header("X-XSRF-TOKEN", cookie.getValue());
      }
    }
    return request;
  }

  private String inSeason(String path) {
    return looked.entrySet().stream()
        .filter(e -> path.startsWith(e.getKey()))
        .findFirst()
        .map(e -> path + (path.contains("?") ? "&" : "?") + "season=" + e.getValue())
        .orElse(path);
  }

  private Answer send(HttpRequest.Builder request) throws Exception {
    HttpRequest asked = request.build();
    HttpResponse<String> response = http.send(asked, BodyHandlers.ofString(StandardCharsets.UTF_8));
    Asked.remember(asked, response.statusCode());
    return new Answer(response.statusCode(), response.body());
  }

  /** Stores a plan of a field in place of the one that was read. */
  void changePlan(String farm, String fieldId, JsonNode stored, Map<String, Object> plan)
      throws Exception {
    Map<String, Object> change =
        Map.of(
            "fieldId",
            fieldId,
            "planId",
            stored.get("id").asString(),
            "version",
            stored.get("version").asLong(),
            "plan",
            plan);
    post(farm + "/plans", Map.of("what", "by hand", "plans", java.util.List.of(change))).ok();
  }
}
