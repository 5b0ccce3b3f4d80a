package nimblefurrow.server.season;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.EndingAdviser;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.PlanDifference;
import nimblefurrow.core.outlook.PlanWarnings;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The season of a farm and of a field. Callers have checked who asks. */
@Service
public class SeasonService {
  static final int POINTS = 57;

  private final FarmService farms;
  private final FieldService fields;
  private final PlanService plans;
  private final WeatherService weathers;
  private final FieldCases cases;
  private final Standings standings;
  private final Outlooks outlooks;

  SeasonService(
      FarmService farms,
      FieldService fields,
      PlanService plans,
      WeatherService weathers,
      FieldCases cases,
      Standings standings,
      Outlooks outlooks) {
    this.standings = standings;
    this.farms = farms;
    this.fields = fields;
    this.plans = plans;
    this.weathers = weathers;
    this.cases = cases;
    this.outlooks = outlooks;
  }

  /** All fields of a farm as furrows. */
  public SeasonView season(UUID farmId) {
    FarmView farm = farms.see(farmId);
    List<Placed> placed = placed(farm);
    FarmWeather weather = weathers.find(farm).orElse(null);
    Map<String, SeasonView.CropShape> shapes = new LinkedHashMap<>();
    for (Placed p : placed) {
      if (p.shape() != null && p.furrow().shape() != null) {
        shapes.putIfAbsent(p.furrow().shape(), p.shape());
      }
    }
    return new SeasonView(
        farm,
        weather == null ? 0 : weather.skies().years(),
        start(farm),
        POINTS,
        weather == null ? null : SeasonViews.strip(farm, weather),
        shapes,
        placed.stream().map(Placed::furrow).toList());
  }

  /** The furrows of a farm without asking who wants them: for work that was let in already. */
  public List<SeasonView.Furrow> furrows(UUID farmId) {
    return placed(farms.get(farmId)).stream().map(Placed::furrow).toList();
  }

  private List<Placed> placed(FarmView farm) {
    UUID farmId = farm.id();
    List<FieldView> all = fields.list(farmId);
    Map<UUID, PlanView> planned =
        plans.ofPieces(farm.seasonYear(), all.stream().map(FieldView::piece).toList());
    FieldCases.Known known = cases.known(farm);
    FarmWeather weather = weathers.find(farm).orElse(null);
    return all.parallelStream()
        .map(
            f -> {
              FieldCase c = cases.of(farm, f, known);
              return place(c, farm, weather, planned.get(f.piece()));
            })
        .toList();
  }

  /** One field's season in full, as planned. */
  public FieldSeasonView field(UUID farmId, UUID fieldId) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    PlanView plan =
        plans.ofPieces(farm.seasonYear(), List.of(c.field().piece())).get(c.field().piece());
    return full(farm, c, plan, List.of());
  }

  /** One field's season as it would be with another plan, and what that changes. */
  public FieldSeasonView preview(UUID farmId, UUID fieldId, PlanInput proposed) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    PlanView stored =
        plans.ofPieces(farm.seasonYear(), List.of(c.field().piece())).get(c.field().piece());
    PlanView plan =
        new PlanView(c.field().piece(), stored == null ? 0 : stored.version(), proposed);
    return full(farm, c, plan, changes(farm, c, stored, proposed));
  }

  /** A furrow as it would be, without the rest: for a mark that is being dragged. */
  public Moved move(UUID farmId, UUID fieldId, PlanInput proposed) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    PlanView stored =
        plans.ofPieces(farm.seasonYear(), List.of(c.field().piece())).get(c.field().piece());
    PlanView plan =
        new PlanView(c.field().piece(), stored == null ? 0 : stored.version(), proposed);
    Placed placed = place(c, farm, weathers.of(farm), plan);
    return new Moved(placed.furrow(), changes(farm, c, stored, proposed));
  }

  /**
   * What is in the ground is not planned away: its seed and its day stay, its ending may change.
   *
   * @throws Refused when a plan would put another cover, way or none in the place of one seeded
   */
  void refuseToReplaceWhatWasSeeded(FarmView farm, FieldView field, @Nullable PlanInput next) {
    FieldCase c = cases.of(farm, field.id());
    PlanView stored = plans.ofPieces(farm.seasonYear(), List.of(field.piece())).get(field.piece());
    if (c.seeded() == null || c.ended() != null || stored == null) {
      return;
    }
    PlanInput now = stored.plan();
    if (next == null
        || !next.method().equals(now.method())
        || !species(next).equals(species(now))) {
      throw new Refused(
          "plans",
          "%s was seeded on %s with %s. Take that out of the log first if it is not so; log its"
                  .formatted(field.name(), c.seeded(), c.words(now))
              + " ending before another cover is planned.");
    }
  }

  private static List<String> species(PlanInput plan) {
    return plan.components().stream().map(PlanInput.Component::species).sorted().toList();
  }

  /** A moved furrow and what the move changes. */
  public record Moved(SeasonView.Furrow furrow, List<ReasonView> changes) {}

  private List<ReasonView> changes(
      FarmView farm, FieldCase c, @Nullable PlanView stored, PlanInput proposed) {
    if (stored == null) {
      return List.of();
    }
    FarmWeather weather = weathers.of(farm);
    Standings.Placing was = standings.of(farm, c, weather, stored.plan());
    Standings.Placing then = standings.of(farm, c, weather, proposed);
    CropSeasons crop = then.crop();
    CoverPlan before = was.cover();
    CoverPlan after = then.cover();
    if (before == null || after == null) {
      return List.of();
    }
    return PlanDifference.between(
            before,
            outlooks.outlook(before, crop, weather),
            after,
            outlooks.outlook(after, crop, weather),
            FieldCase.purpose(proposed))
        .stream()
        .map(ReasonView::of)
        .toList();
  }

  private FieldSeasonView full(
      FarmView farm, FieldCase c, @Nullable PlanView plan, List<ReasonView> changes) {
    FarmWeather weather = weathers.find(farm).orElse(null);
    Placed placed = place(c, farm, weather, plan);
    List<PlanService.ChangeView> history = plans.history(farm.id(), c.field().piece());
    if (weather == null) {
      return new FieldSeasonView(
          c.field(),
          farm.today(),
          start(farm),
          placed.furrow(),
          placed.shape(),
          List.of(),
          List.of(),
          List.of(),
          List.of(),
          null,
          history,
          changes,
          List.of());
    }
    Standings.Placing p = standings.of(farm, c, weather, plan == null ? null : plan.plan());
    CropSeasons crop = p.crop();
    List<SeasonView.WindowView> windows =
        standings.windows(c, weather, crop, plan == null ? null : plan.plan()).stream()
            .sorted(
                Comparator.comparing((Window w) -> !w.possible())
                    .thenComparing(w -> w.opens().day()))
            .map(w -> SeasonViews.of(w, weathers.foretold(farm).skies()))
            .toList();
    CoverPlan coverPlan = p.cover();
    if (plan == null || coverPlan == null) {
      return new FieldSeasonView(
          c.field(),
          farm.today(),
          start(farm),
          placed.furrow(),
          placed.shape(),
          windows,
          List.of(),
          List.of(),
          List.of(),
          null,
          history,
          changes,
          List.of());
    }
    List<SeasonRun> runs = outlooks.forecaster().runs(coverPlan, crop);
    Outlook outlook = outlooks.outlook(coverPlan, crop, weather);
    return new FieldSeasonView(
        c.field(),
        farm.today(),
        start(farm),
        placed.furrow(),
        placed.shape(),
        windows,
        new EndingAdviser(coverPlan, crop, runs, c.next(), c.field().organic())
            .options().stream()
                .map(
                    o ->
                        new FieldSeasonView.EndingView(
                            o.way().key(),
                            o.way().label(),
                            o.fit().name(),
                            o.from(),
                            o.to(),
                            o.yearsReady(),
                            runs.size(),
                            o.coverMgPerHa(),
                            o.reasons().stream().map(ReasonView::of).toList(),
                            o.cautions().stream().map(ReasonView::of).toList()))
                .toList(),
        outlook.species().stream()
            .map(s -> SeasonViews.speciesView(s, outlook.years(), crop))
            .toList(),
        Arrays.stream(Purpose.values()).map(g -> SeasonViews.goal(g, outlook)).toList(),
        SeasonViews.rounded(outlook.groundFit(), 2),
        history,
        changes,
        moved(c, plan.plan(), coverPlan, crop, weather));
  }

  /** What each sighting changed against what was forecast before it. */
  private List<FieldSeasonView.SightingEffect> moved(
      FieldCase c, PlanInput plan, CoverPlan cover, CropSeasons crop, FarmWeather weather) {
    List<FieldSeasonView.SightingEffect> all = new ArrayList<>();
    List<LogService.EntryView> seen = c.log().seen();
    for (int n = 1; n <= seen.size(); n++) {
      CoverPlan before = cover.seeing(c.sightings(plan, n - 1));
      CoverPlan after = cover.seeing(c.sightings(plan, n));
      if (!after.seen().equals(before.seen())) {
        all.add(
            new FieldSeasonView.SightingEffect(
                seen.get(n - 1),
                PlanDifference.between(
                        before,
                        outlooks.outlook(before, crop, weather),
                        after,
                        outlooks.outlook(after, crop, weather),
                        FieldCase.purpose(plan))
                    .stream()
                    .map(ReasonView::of)
                    .toList()));
      }
    }
    return all;
  }

  private record Placed(SeasonView.Furrow furrow, SeasonView.@Nullable CropShape shape) {}

  private Placed place(
      FieldCase c, FarmView farm, @Nullable FarmWeather weather, @Nullable PlanView plan) {
    FieldView f = c.field();
    NextCrop nextCrop = c.next();
    if (weather == null) {
      NextStep choose =
          new NextStep(
              NextStep.Kind.CHOOSE,
              null,
              Reason.of("import a station's weather to see windows and odds"));
      return new Placed(furrow(c, plan, nextCrop, null, null, null, null, choose, null), null);
    }
    boolean keep = plan != null && f.leftOutReason() == null;
    PlanInput input = keep && plan != null ? plan.plan() : null;
    Standings.Placing p = standings.of(farm, c, weather, input);
    CropSeasons crop = p.crop();
    CoverPlan cover = p.cover();
    Outlook outlook = cover == null ? null : outlooks.outlook(cover, crop, weather);
    Window window = p.window();
    NextStep next = next(c, farm, input, window, p.standing());
    SeasonView.CropShape shape = outlooks.shape(weather, crop, SeasonViews::shape);
    return new Placed(
        furrow(c, keep ? plan : null, nextCrop, crop, window, outlook, cover, next, p.standing()),
        shape);
  }

  private static NextStep next(
      FieldCase c,
      FarmView farm,
      @Nullable PlanInput plan,
      @Nullable Window window,
      FieldStanding standing) {
    if (c.field().leftOutReason() != null) {
      return new NextStep(
          NextStep.Kind.LEFT_OUT,
          null,
          Reason.of("left out: {why}").with("why", c.field().leftOutReason()));
    }
    if (plan == null || window == null) {
      return new NextStep(NextStep.Kind.CHOOSE, null, Reason.of("say why, and how it should end"));
    }
    return NextStep.of(
        farm.today(),
        window,
        standing,
        plan.status().equals("accepted"),
        EndingWay.of(plan.ending()));
  }

  private SeasonView.Furrow furrow(
      FieldCase c,
      @Nullable PlanView plan,
      NextCrop nextCrop,
      @Nullable CropSeasons crop,
      @Nullable Window window,
      @Nullable Outlook outlook,
      @Nullable CoverPlan cover,
      NextStep next,
      @Nullable FieldStanding standing) {
    FieldView f = c.field();
    CropSeasons grown = f.crop().kind().equals("none") ? null : crop;
    List<ReasonView> warnings =
        outlook == null || window == null || plan == null || cover == null || crop == null
            ? List.of()
            : warnings(c, plan.plan(), cover, window, outlook, crop);
    return new SeasonView.Furrow(
        f.id(),
        f.piece(),
        f.name(),
        f.areaHa(),
        f.organic(),
        CropKind.of(f.crop().kind()).label(),
        CropKind.of(f.nextCrop().kind()).label(),
        nextCrop.plantOn(),
        f.leftOutReason(),
        crop == null ? null : Integer.toHexString(c.crop().hashCode()),
        grown == null ? null : grown.day(grown.harvest().median()),
        grown == null ? null : grown.day(grown.harvest().quantile(0.1)),
        grown == null ? null : grown.day(grown.harvest().quantile(0.9)),
        plan,
        plan == null ? "" : c.words(plan.plan()),
        c.seeded(),
        c.ended(),
        standing == null ? List.of() : SeasonViews.deeds(standing),
        window == null ? null : SeasonViews.of(window),
        outlook == null ? null : SeasonViews.rounded(outlook.low(), 2),
        outlook == null ? null : SeasonViews.rounded(outlook.middle(), 2),
        outlook == null ? null : SeasonViews.rounded(outlook.high(), 2),
        outlook == null || plan == null
            ? null
            : SeasonViews.goal(FieldCase.purpose(plan.plan()), outlook),
        new SeasonView.Next(
            next.kind().name(), next.kind().label(), next.due(), ReasonView.of(next.reason())),
        warnings);
  }

  private static List<ReasonView> warnings(
      FieldCase c,
      PlanInput plan,
      CoverPlan cover,
      Window window,
      Outlook outlook,
      CropSeasons crop) {
    List<Reason> all = new ArrayList<>(c.chemistry(plan, cover));
    all.addAll(
        PlanWarnings.of(
            cover,
            EndingWay.of(plan.ending()),
            window,
            FieldCase.purpose(plan),
            outlook,
            crop,
            c.next().kind()));
    return all.stream().map(ReasonView::of).toList();
  }

  static LocalDate start(FarmView farm) {
    return LocalDate.of(farm.seasonYear(), Month.JULY, 1);
  }
}
