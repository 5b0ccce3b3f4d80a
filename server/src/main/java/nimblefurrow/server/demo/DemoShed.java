package nimblefurrow.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.SprayProduct;
import nimblefurrow.server.ending.SprayService;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.MixView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.shed.CalibrationService;
import nimblefurrow.server.shed.CalibrationView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.work.CrewService;
import nimblefurrow.server.work.CrewView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The demo farm's shed and seed. */
@Component
class DemoShed {
  private final ShedService shed;
  private final CalibrationService settings;
  private final SeedService seed;
  private final SprayService sprays;
  private final CrewService crew;

  DemoShed(
      ShedService shed,
      CalibrationService settings,
      SeedService seed,
      SprayService sprays,
      CrewService crew) {
    this.shed = shed;
    this.settings = settings;
    this.seed = seed;
    this.sprays = sprays;
    this.crew = crew;
  }

  /** Hours Monday to Saturday, or of each day. */
  private static List<Double> week(JsonNode hours) {
    List<Double> all = new ArrayList<>();
    for (int d = 0; d < 7; d++) {
      all.add(hours.isArray() ? hours.get(d).asDouble() : d == 6 ? 0 : hours.asDouble());
    }
    return all;
  }

  void load(UUID farmId) {
    JsonNode all = read();
    Map<String, UUID> machines = new HashMap<>();
    for (JsonNode m : all.get("machines")) {
      MachineView machine = machine(m);
      shed.put(farmId, machine);
      machines.put(machine.name(), machine.id());
    }
    all.get("crew")
        .forEach(
            c -> {
              List<UUID> runs = new ArrayList<>();
              c.get("runs").forEach(r -> runs.add(machines.get(r.asString())));
              crew.put(
                  farmId,
                  new CrewView(
                      UUID.randomUUID(),
                      null,
                      c.get("name").asString(),
                      runs,
                      week(c.get("hours")),
                      List.of(),
                      null));
            });
    all.get("lots").forEach(l -> seed.put(farmId, lot(l)));
    all.get("products")
        .forEach(p -> sprays.add(farmId, JsonMapper.shared().treeToValue(p, SprayProduct.class)));
    all.get("mixes").forEach(m -> seed.putMix(farmId, mix(m)));
    for (JsonNode s : all.get("settings")) {
      UUID machine = machines.get(s.get("machine").asString());
      if (machine != null) {
        settings.note(farmId, setting(s, machine));
      }
    }
  }

  private static MachineView machine(JsonNode m) {
    List<String> methods = new ArrayList<>();
    m.get("methods").forEach(w -> methods.add(w.asString()));
    Double openers = number(m, "openers");
    Double rows = number(m, "rowUnits");
    return new MachineView(
        UUID.randomUUID(),
        null,
        m.get("name").asString(),
        m.get("kind").asString(),
        work(m),
        methods,
        m.get("widthM").asDouble(),
        m.get("speedKmh").asDouble(),
        m.get("efficiency").asDouble(),
        openers == null ? null : openers.intValue(),
        number(m, "spacingM"),
        m.get("hopperM3").asDouble(),
        number(m, "payloadKg"),
        m.get("turnS").asDouble(),
        m.get("refillS").asDouble(),
        number(m, "ferryKmh"),
        number(m, "batteryMin"),
        text(m, "meter"),
        number(m, "massKg"),
        rows == null ? null : rows.intValue(),
        weekdays(m),
        days(m),
        null,
        number(m, "changeH"),
        number(m, "tenderM"),
        number(m, "roadKmh"),
        number(m, "usdPerHour"),
        number(m, "usdPerHa"),
        m.path("hired").asBoolean(false),
        new MachineView.Terms(
            number(m, "weightLimitKgPerHa"),
            number(m, "leastUsd"),
            number(m, "wayKm"),
            number(m, "usdPerKm")),
        null,
        text(m, "notes"),
        null,
        null,
        null);
  }

  private static @Nullable List<Integer> weekdays(JsonNode m) {
    List<Integer> days = new ArrayList<>();
    m.path("weekdays").forEach(d -> days.add(d.asInt()));
    return days.isEmpty() ? null : days;
  }

  private static List<LocalDate> days(JsonNode m) {
    List<LocalDate> days = new ArrayList<>();
    m.path("onlyDays").forEach(d -> days.add(LocalDate.parse(d.asString())));
    return days;
  }

  private static List<String> work(JsonNode m) {
    List<String> work = new ArrayList<>();
    m.path("work").forEach(w -> work.add(w.asString()));
    return work.isEmpty() ? List.of("seed") : work;
  }

  private static LotView lot(JsonNode l) {
    return new LotView(
        UUID.randomUUID(),
        null,
        l.get("species").asString(),
        "",
        text(l, "lotNo"),
        text(l, "supplier"),
        number(l, "germination"),
        number(l, "purity"),
        l.has("testedOn") ? LocalDate.parse(l.get("testedOn").asString()) : null,
        l.get("treated").asBoolean(),
        l.get("organic").asBoolean(),
        l.get("usdPerKg").asDouble(),
        l.get("boughtKg").asDouble(),
        null);
  }

  private static MixView mix(JsonNode m) {
    List<MixView.Component> components = new ArrayList<>();
    m.get("components")
        .forEach(
            c ->
                components.add(
                    new MixView.Component(
                        c.get("species").asString(), c.get("rateKgPerHa").asDouble(), null)));
    return new MixView(UUID.randomUUID(), null, m.get("name").asString(), components);
  }

  private static CalibrationView setting(JsonNode s, UUID machine) {
    return new CalibrationView(
        UUID.randomUUID(),
        machine,
        null,
        s.get("species").asString(),
        text(s, "gear"),
        s.get("bench").asString(),
        number(s, "setting"),
        number(s, "rateKgPerHa"),
        number(s, "chartKgPerHa"),
        text(s, "words"),
        LocalDate.parse(s.get("doneOn").asString()));
  }

  private static @Nullable Double number(JsonNode n, String key) {
    return n.has(key) ? n.get(key).asDouble() : null;
  }

  private static String text(JsonNode n, String key) {
    return n.has(key) ? n.get(key).asString() : "";
  }

  private static JsonNode read() {
    try (InputStream in = DemoShed.class.getResourceAsStream("/demo/shed.json")) {
      if (in == null) {
        throw new IllegalStateException("no resource shed.json");
      }
      return JsonMapper.shared().readTree(in.readAllBytes());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
