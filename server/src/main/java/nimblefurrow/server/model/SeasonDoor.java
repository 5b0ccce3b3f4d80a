package nimblefurrow.server.model;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.NitrogenLevel;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.season.SeasonAnswers;
import nimblefurrow.core.season.SeasonModel;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Place;
import nimblefurrow.core.weather.Sky;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.support.InputProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/**
 * The season model's public door: one season with its weather inline, answered with a summary and
 * the days as columns. Described in docs/model.md.
 */
@RestController
class SeasonDoor {
  private final SeasonModel model;
  private final SpeciesTable species;

  SeasonDoor(SeasonModel model, SpeciesTable species) {
    this.model = model;
    this.species = species;
  }

  record Question(
      @Nullable Site site,
      Weather weather,
      @Nullable Crop cashCrop,
      @Nullable Earlier before,
      List<Component> cover,
      String placement,
      LocalDate seededOn,
      @Nullable Termination termination,
      @Nullable List<ActInput> endings,
      @Nullable LocalDate end) {}

  record Site(
      double latitudeDeg,
      double elevationM,
      @Nullable Boolean coastal,
      @Nullable String texture,
      @Nullable String drainage,
      @Nullable Boolean tiled,
      @Nullable String nitrogen,
      @Nullable Double initialAvailableWater,
      @Nullable Double residueMgPerHa) {}

  record Weather(
      LocalDate start,
      double[] tminC,
      double[] tmaxC,
      double[] precipMm,
      @Nullable List<@Nullable Double> windMs,
      @Nullable List<@Nullable Double> dewPointC) {}

  record Crop(
      String kind,
      @Nullable LocalDate planted,
      @Nullable Double relativeMaturityDays,
      @Nullable Double maturityGroup,
      @Nullable Double rowSpacingM,
      @Nullable Double rowSpacingCm,
      @Nullable LocalDate harvested,
      @Nullable Boolean silage,
      @Nullable Double moistureTargetPercent) {}

  @Schema(name = "SeasonComponent")
  record Component(
      String species,
      double rateKgPerHa,
      @Nullable Double germination,
      @Nullable Double purity,
      @Nullable Double depthMm) {}

  /**
   * A cover that stands before this one with no crop between; the cash crop is what that one
   * follows.
   *
   * @param endedOn the last day it stands, by one of its endings or laid down on that day
   */
  @Schema(name = "SeasonEarlier")
  record Earlier(
      List<Component> cover,
      String placement,
      LocalDate seededOn,
      @Nullable List<ActInput> endings,
      LocalDate endedOn) {}

  record Termination(
      String way,
      LocalDate on,
      @Nullable String stems,
      @Nullable String ground,
      @Nullable Double rollerKgPerM,
      @Nullable Integer passes) {}

  /**
   * A season.
   *
   * @param modelVersion of the season model, {@link SeasonModel#VERSION}
   */
  record Answer(
      int modelVersion, Map<String, @Nullable Object> summary, Map<String, Object> days) {}

  @PostMapping("/api/model/season")
  Answer season(@RequestBody Question q) {
    Site site = q.site();
    if (site == null) {
      throw new InputProblem("site", "The site is missing: latitudeDeg and elevationM at least.");
    }
    SeasonLimits.check(q);
    Sky sky =
        Sky.over(
            weather(q.weather()),
            new Place(site.latitudeDeg(), site.elevationM(), Boolean.TRUE.equals(site.coastal())));
    SeasonRun run = model.run(sky, plan(q, site));
    return new Answer(SeasonModel.VERSION, SeasonAnswers.summary(run), SeasonAnswers.days(run));
  }

  private SeasonPlan plan(Question q, Site site) {
    return new SeasonPlan(
        soil(site),
        start(site),
        before(q, site),
        cover(q.cover()),
        Placement.of(q.placement()),
        q.seededOn(),
        endings(q),
        q.end());
  }

  /** The cash crop, or the cover that stands before this one behind it. */
  private CashCrop before(Question q, Site site) {
    CashCrop crop = crop(q.cashCrop());
    Earlier e = q.before();
    if (e == null) {
      return crop;
    }
    return new CashCrop.AfterCover(
        new SeasonPlan(
            soil(site),
            start(site),
            crop,
            cover(required(e.cover(), "before.cover")),
            Placement.of(required(e.placement(), "before.placement")),
            required(e.seededOn(), "before.seededOn"),
            acts(e.endings(), "before.endings"),
            null),
        required(e.endedOn(), "before.endedOn"));
  }

  private List<CoverComponent> cover(List<Component> components) {
    return components.stream()
        .map(
            c ->
                new CoverComponent(
                    species.get(c.species()),
                    c.rateKgPerHa(),
                    or(c.germination(), 0.90),
                    or(c.purity(), 0.98),
                    c.depthMm()))
        .toList();
  }

  private static Soil soil(Site site) {
    return new Soil(
        site.texture() == null ? Texture.SILT_LOAM : Keys.constant(Texture.class, site.texture()),
        site.drainage() == null
            ? Drainage.MODERATE
            : Keys.constant(Drainage.class, site.drainage()),
        Boolean.TRUE.equals(site.tiled()));
  }

  private static FieldStart start(Site site) {
    return new FieldStart(
        site.nitrogen() == null
            ? NitrogenLevel.MEDIUM
            : Keys.constant(NitrogenLevel.class, site.nitrogen()),
        or(site.initialAvailableWater(), 0.85),
        or(site.residueMgPerHa(), 0.5));
  }

  private static CashCrop crop(@Nullable Crop c) {
    if (c == null) {
      return new CashCrop.None();
    }
    String kind = c.kind().toLowerCase(Locale.ROOT);
    return switch (kind) {
      case "corn", "silagecorn", "cornsilage" ->
          new CashCrop.Corn(
              required(c.planted(), "cashCrop.planted"),
              or(c.relativeMaturityDays(), 105),
              c.harvested(),
              Boolean.TRUE.equals(c.silage()) || kind.contains("silage"),
              or(c.moistureTargetPercent(), CashCrop.Corn.USUAL_MOISTURE));
      case "soybean", "soybeans" ->
          new CashCrop.Soybean(
              required(c.planted(), "cashCrop.planted"),
              or(c.maturityGroup(), 2.5),
              c.rowSpacingCm() == null ? or(c.rowSpacingM(), 0.76) : c.rowSpacingCm() / 100,
              c.harvested());
      case "none", "fallow" -> new CashCrop.None();
      default -> new CashCrop.SmallGrain(required(c.harvested(), "cashCrop.harvested"));
    };
  }

  /**
   * {@code termination} is the vectors' one act: perfect, or a roller whose survivors have their
   * leaves back at once. {@code endings} are acts as they go in the field.
   */
  private static List<Ending> endings(Question q) {
    List<Ending> all = new ArrayList<>();
    Termination t = q.termination();
    if (t != null) {
      all.add(
          t.way().equals("roll")
              ? new Ending.Roll(
                  t.on(),
                  t.stems() == null
                      ? Ending.Stems.DRY
                      : Keys.constant(Ending.Stems.class, t.stems()),
                  t.ground() == null
                      ? Ending.Ground.FIRM
                      : Keys.constant(Ending.Ground.class, t.ground()),
                  or(t.rollerKgPerM(), 450),
                  t.passes() == null ? 1 : t.passes(),
                  0)
              : new Ending.Kill(t.on()));
    }
    all.addAll(acts(q.endings(), "endings"));
    return all;
  }

  private static List<Ending> acts(@Nullable List<ActInput> acts, String where) {
    List<Ending> all = new ArrayList<>();
    for (int i = 0; acts != null && i < acts.size(); i++) {
      all.add(acts.get(i).act(where + "[" + i + "]"));
    }
    return all;
  }

  private static DailyWeather weather(Weather w) {
    int n = w.tminC().length;
    return DailyWeather.of(
        w.start(),
        w.tminC(),
        w.tmaxC(),
        w.precipMm(),
        column(w.windMs(), n),
        column(w.dewPointC(), n));
  }

  private static double[] column(@Nullable List<@Nullable Double> values, int n) {
    double[] column = new double[values == null ? n : values.size()];
    for (int i = 0; i < column.length; i++) {
      Double value = values == null ? null : values.get(i);
      column[i] = value == null ? Double.NaN : value;
    }
    return column;
  }

  private static double or(@Nullable Double value, double usual) {
    return value == null ? usual : value;
  }

  private static <T> T required(@Nullable T value, String path) {
    if (value == null) {
      throw new InputProblem(path, path + " is missing.");
    }
    return value;
  }
}
