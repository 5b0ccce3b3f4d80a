package nimblefurrow.server.fields;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Service;

/** Fields from a GeoJSON file: first looked at, then taken whole or not at all. */
@Service
public class FieldImport {
  private static final CropView NO_CROP = new CropView("none", null, null, null, null);
  private static final double FAR_DEG = 5;

  private final FieldService fields;

  FieldImport(FieldService fields) {
    this.fields = fields;
  }

  /**
   * What a file holds.
   *
   * @param properties names of properties that could be the field's name, likeliest first
   * @param features each feature with the name it would get
   * @param sound how many could be taken
   */
  public record Check(List<String> properties, List<FeatureView> features, int sound) {}

  /** One feature of a file. */
  public record FeatureView(
      int number, String name, double areaHa, @Nullable String problem, @Nullable String warning) {}

  /** Looks at a file without storing anything. */
  public Check check(
      UUID farmId, byte[] file, @Nullable String nameProperty, @Nullable Double stationLatitude) {
    List<GeoJson.Feature> features = GeoJson.read(file);
    List<String> properties = properties(features);
    String property =
        nameProperty == null || nameProperty.isBlank() ? first(properties) : nameProperty;
    List<FeatureView> views = views(farmId, features, property, stationLatitude);
    int sound = (int) views.stream().filter(v -> v.problem() == null).count();
    return new Check(properties, views, sound);
  }

  /**
   * Stores the sound features of a file.
   *
   * @param skipUnsound whether features with problems are left out; otherwise they stop all
   */
  public int take(UUID farmId, byte[] file, @Nullable String nameProperty, boolean skipUnsound) {
    List<GeoJson.Feature> features = GeoJson.read(file);
    String property =
        nameProperty == null || nameProperty.isBlank() ? first(properties(features)) : nameProperty;
    List<FeatureView> views = views(farmId, features, property, null);
    List<InputProblem.At> problems = new ArrayList<>();
    List<FieldInput> inputs = new ArrayList<>();
    List<MultiPolygon> boundaries = new ArrayList<>();
    for (int i = 0; i < views.size(); i++) {
      FeatureView view = views.get(i);
      GeoJson.Feature feature = features.get(i);
      if (view.problem() == null && feature.boundary() != null) {
        inputs.add(blank(view.name()));
        boundaries.add(feature.boundary());
      } else {
        String at = "feature " + view.number();
        problems.add(
            new InputProblem.At(
                at, "Feature %d (%s): %s.".formatted(view.number(), view.name(), view.problem())));
      }
    }
    if (!problems.isEmpty() && (!skipUnsound || inputs.isEmpty())) {
      throw new InputProblem(problems);
    }
    fields.addAll(farmId, inputs, boundaries);
    return inputs.size();
  }

  private List<FeatureView> views(
      UUID farmId,
      List<GeoJson.Feature> features,
      @Nullable String property,
      @Nullable Double stationLatitude) {
    Set<String> taken = new HashSet<>(fields.names(farmId));
    Map<String, Integer> inFile = new HashMap<>();
    List<FeatureView> views = new ArrayList<>();
    for (GeoJson.Feature f : features) {
      String own = property == null ? "" : f.properties().getOrDefault(property, "").strip();
      String name = own.isEmpty() ? "Field " + f.number() : own;
      String key = name.toLowerCase(Locale.ROOT);
      String problem = f.problem();
      if (problem == null && name.length() > 80) {
        problem = "its name is longer than 80 characters";
      }
      if (problem == null && taken.contains(key)) {
        problem = "the farm already has a field called " + name;
      }
      Integer twin = inFile.get(key);
      if (problem == null && twin != null) {
        problem = "it has the same name as feature " + twin;
      }
      if (problem == null) {
        inFile.put(key, f.number());
      }
      views.add(
          new FeatureView(f.number(), name, f.areaHa(), problem, warning(f, stationLatitude)));
    }
    return views;
  }

  private static @Nullable String warning(GeoJson.Feature f, @Nullable Double stationLatitude) {
    if (f.boundary() == null || stationLatitude == null) {
      return null;
    }
    double x = f.boundary().getCentroid().getX();
    double y = f.boundary().getCentroid().getY();
    if (Math.abs(y - stationLatitude) > FAR_DEG) {
      return Math.abs(x - stationLatitude) <= FAR_DEG
          ? "longitude and latitude seem to be the wrong way round"
          : "it lies far from the weather station";
    }
    return null;
  }

  private static List<String> properties(List<GeoJson.Feature> features) {
    Set<String> all = new LinkedHashSet<>();
    features.forEach(f -> all.addAll(f.properties().keySet()));
    List<String> sorted = new ArrayList<>(all);
    sorted.sort(
        java.util.Comparator.comparing(
            (String p) -> !p.toLowerCase(Locale.ROOT).matches(".*(name|field|label).*")));
    return sorted;
  }

  private static @Nullable String first(List<String> properties) {
    return properties.isEmpty() ? null : properties.get(0);
  }

  private static FieldInput blank(String name) {
    return new FieldInput(
        null,
        name,
        null,
        "siltLoam",
        "moderate",
        false,
        0,
        false,
        false,
        "",
        null,
        null,
        null,
        NO_CROP,
        NO_CROP);
  }
}
