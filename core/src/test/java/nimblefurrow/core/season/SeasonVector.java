package nimblefurrow.core.season;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;

/** A model input with the output a separate implementation gave for it. */
record SeasonVector(Sky sky, SeasonPlan plan, JsonNode expected) {
  static SeasonVector load(String name) throws IOException {
    try (InputStream in = SeasonVector.class.getResourceAsStream("/vectors/" + name + ".json")) {
      JsonNode root = new ObjectMapper().readTree(Objects.requireNonNull(in, name));
      JsonNode input = root.get("input");
      JsonNode site = input.get("site");
      Place place =
          new Place(
              site.get("latitudeDeg").asDouble(),
              site.get("elevationM").asDouble(),
              site.get("coastal").asBoolean());
      return new SeasonVector(
          Sky.over(weather(input.get("weather")), place), plan(site, input), root.get("expected"));
    }
  }

  private static DailyWeather weather(JsonNode w) {
    return DailyWeather.of(
        LocalDate.parse(w.get("start").asText()),
        column(w.get("tminC")),
        column(w.get("tmaxC")),
        column(w.get("precipMm")),
        column(w.get("windMs")),
        column(w.get("dewPointC")));
  }

  private static double[] column(JsonNode array) {
    double[] values = new double[array.size()];
    for (int i = 0; i < values.length; i++) {
      values[i] = array.get(i).isNull() ? Double.NaN : array.get(i).asDouble();
    }
    return values;
  }

  private static SeasonPlan plan(JsonNode site, JsonNode input) {
    SpeciesTable table = SpeciesTable.shipped();
    List<CoverComponent> cover = new ArrayList<>();
    for (JsonNode c : input.get("cover")) {
      cover.add(
          new CoverComponent(
              table.get(c.get("species").asText()),
              c.get("rateKgPerHa").asDouble(),
              c.get("germination").asDouble(),
              c.get("purity").asDouble(),
              null));
    }
    return new SeasonPlan(
        new Soil(
            constant(Texture.class, site.get("texture")),
            constant(Drainage.class, site.get("drainage")),
            site.get("tiled").asBoolean()),
        new FieldStart(
            constant(NitrogenLevel.class, site.get("nitrogen")),
            site.get("initialAvailableWater").asDouble(),
            site.get("residueMgPerHa").asDouble()),
        crop(input.get("cashCrop")),
        cover,
        Placement.of(input.get("placement").asText()),
        LocalDate.parse(input.get("seededOn").asText()),
        endings(input.get("termination")),
        null);
  }

  private static CashCrop crop(JsonNode c) {
    LocalDate harvested = c.has("harvested") ? LocalDate.parse(c.get("harvested").asText()) : null;
    if (c.get("kind").asText().equals("corn")) {
      return new CashCrop.Corn(
          LocalDate.parse(c.get("planted").asText()),
          c.get("relativeMaturityDays").asDouble(),
          harvested,
          c.path("silage").asBoolean(),
          CashCrop.Corn.USUAL_MOISTURE);
    }
    return new CashCrop.SmallGrain(Objects.requireNonNull(harvested));
  }

  /** The vectors let a roller's survivors have their leaves back at once. */
  private static List<Ending> endings(JsonNode t) {
    if (t.isNull()) {
      return List.of();
    }
    LocalDate on = LocalDate.parse(t.get("on").asText());
    return List.of(
        t.get("way").asText().equals("roll")
            ? new Ending.Roll(
                on,
                constant(Ending.Stems.class, t.get("stems")),
                constant(Ending.Ground.class, t.get("ground")),
                t.get("rollerKgPerM").asDouble(),
                t.get("passes").asInt(),
                0)
            : new Ending.Kill(on));
  }

  private static <E extends Enum<E>> E constant(Class<E> type, JsonNode camelCase) {
    return Enum.valueOf(
        type, camelCase.asText().replaceAll("([A-Z])", "_$1").toUpperCase(java.util.Locale.ROOT));
  }
}
