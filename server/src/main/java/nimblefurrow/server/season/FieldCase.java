package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.SeasonPlan;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.seeding.CarryOver;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.standing.CoverDays;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.standing.FieldStanding;
import nimblefurrow.core.standing.KeptDay;
import nimblefurrow.core.units.Reason;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.Crops;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.SeasonLog;
import org.jspecify.annotations.Nullable;

/**
 * A stored field and plan as the core takes them.
 *
 * @param kept days of kept work that are of this cover
 * @param before the cover before this one, with no crop between
 * @param followedOn the day the cover behind this one is to be seeded
 * @param later whether it stands behind another of the same season
 * @param start how the field begins, with what of the model's covers comes on this farm
 * @param moved what the last choice of an ending did to the planting behind it; null where nobody
 *     chose
 */
record FieldCase(
    FieldView field,
    int seasonYear,
    SeasonLog log,
    SpeciesTable table,
    Map<Deed, FieldStanding.Said> said,
    Map<Deed, KeptDay> kept,
    Seeded wentOut,
    @Nullable PlanView plan,
    @Nullable Before before,
    @Nullable LocalDate followedOn,
    boolean later,
    FieldStart start,
    WishedDays.@Nullable Moved moved) {
  private static final CarryOver CARRY_OVER = CarryOver.shipped();

  /** Residuals that were sprayed on it. */
  List<CarryOver.Sprayed> sprayed() {
    return log.sprayed().stream()
        .map(e -> new CarryOver.Sprayed(String.valueOf(e.get(EntryName.RESIDUAL)), e.doneOn()))
        .toList();
  }

  Soil soil() {
    return new Soil(
        Keys.constant(Texture.class, field.texture()),
        Keys.constant(Drainage.class, field.drainage()),
        field.tiled());
  }

  /**
   * The cover this one follows with no crop between.
   *
   * @param season that cover's season up to its ending
   * @param endedOn the last day it stands
   * @param logged whether that is written down
   * @param name in a grower's words
   */
  record Before(SeasonPlan season, LocalDate endedOn, boolean logged, String name) {}

  CashCrop crop() {
    if (before != null) {
      return new CashCrop.AfterCover(before.season(), before.endedOn());
    }
    CropView crop = field.crop();
    LocalDate seen = log.done().get(LogKind.HARVESTED);
    return seen == null ? Crops.model(crop, seasonYear) : cropCutOn(seen);
  }

  /** The crop as it was, or will be, cut on a day. */
  CashCrop cropCutOn(LocalDate day) {
    if (before != null) {
      return new CashCrop.AfterCover(before.season(), day);
    }
    CropView crop = field.crop();
    return Crops.model(
        new CropView(crop.kind(), crop.plantedOn(), crop.maturity(), crop.rowSpacingM(), day),
        seasonYear);
  }

  /** What is known of the field, for how it stands. */
  FieldStanding.Known known(
      LocalDate today, @Nullable LocalDate harvestLikely, FieldStanding.@Nullable Cover cover) {
    Map<Deed, LocalDate> logged = new EnumMap<>(Deed.class);
    for (Deed deed : Deed.values()) {
      LocalDate day = log.done().get(deed.logKind());
      if (day != null) {
        logged.put(deed, day);
      }
    }
    if (before != null) {
      logged.remove(Deed.HARVEST);
      if (before.logged()) {
        logged.put(Deed.HARVEST, before.endedOn());
      }
    }
    boolean follows = cropFollows();
    return new FieldStanding.Known(
        today,
        harvestLikely,
        cover,
        follows ? next().plantOn() : null,
        logged,
        KeptDay.holding(kept, cover),
        said,
        wentOut.areaHa() / field.areaHa());
  }

  NextCrop next() {
    if (followedOn != null) {
      return new NextCrop(NextCrop.Kind.OTHER, followedOn);
    }
    return Crops.next(field.nextCrop(), seasonYear + 1);
  }

  /** The next crop on the day it is wished, whatever the cover's ending has made of that. */
  NextCrop wish() {
    NextCrop next = next();
    return moved == null || followedOn != null
        ? next
        : new NextCrop(next.kind(), moved.behind(next.plantOn()));
  }

  @Nullable LocalDate seeded() {
    return log.done().get(LogKind.SEEDED);
  }

  @Nullable LocalDate ended() {
    return log.done().get(LogKind.ENDED);
  }

  /** A plan's cover as it counts today. */
  CoverPlan cover(PlanInput plan, FieldStanding standing, LocalDate today) {
    CoverDays days = CoverDays.of(standing, plan.endOn(), next().plantOn(), today);
    return cover(plan, days.seedOn(), days.endOn(), days.plantOn());
  }

  /** A plan's cover on the days it names, whatever came of them: for weighing plans. */
  CoverPlan asPlanned(PlanInput plan) {
    LocalDate seeded = seeded();
    LocalDate ended = ended();
    return cover(
        plan,
        seeded == null ? plan.seedOn() : seeded,
        ended == null ? plan.endOn() : ended,
        next().plantOn());
  }

  /** The cover on what a seeding of a part has left, as it was planned; null when none is left. */
  @Nullable CoverPlan rest(PlanInput plan, FieldStanding standing, LocalDate today) {
    LocalDate seedOn = standing.restOn(today);
    if (seedOn == null || !plan.endOn().isAfter(seedOn)) {
      return null;
    }
    return cover(plan, Seeded.AS_PLANNED, seedOn, plan.endOn(), next().plantOn()).seeing(List.of());
  }

  private CoverPlan cover(PlanInput plan, LocalDate seedOn, LocalDate endOn, LocalDate plantOn) {
    return cover(plan, wentOut, seedOn, endOn, plantOn);
  }

  private CoverPlan cover(
      PlanInput plan, Seeded seed, LocalDate seedOn, LocalDate endOn, LocalDate plantOn) {
    double all = plan.components().stream().mapToDouble(PlanInput.Component::rateKgPerHa).sum();
    return new CoverPlan(
        soil(),
        start,
        plan.components().stream()
            .map(c -> seed.went(table.get(c.species()), c.rateKgPerHa(), all))
            .toList(),
        SeedingMethod.of(plan.method()),
        seedOn,
        endOn,
        plantOn,
        sightings(plan, log.seen().size()),
        acts(plan, endOn));
  }

  /** What ends it, with the roller that was written down. */
  private List<Ending> acts(PlanInput plan, LocalDate endOn) {
    Double kgPerM = log.rollerKgPerM();
    List<Ending> acts = way(plan).acts(endOn);
    return kgPerM == null ? acts : Ending.Roll.all(acts, kgPerM);
  }

  /** The way it was ended, where that is written down; else the way it is meant to be. */
  EndingMethod way(PlanInput plan) {
    String done = log.endedBy();
    return EndingMethod.of(done == null ? plan.ending() : done);
  }

  /** The first few of what was seen, as far as it concerns the plan's cover. */
  List<Sighting> sightings(PlanInput plan, int count) {
    LocalDate from = seeded() == null ? plan.seedOn() : seeded();
    return log.seen().stream()
        .limit(count)
        .filter(e -> e.doneOn().isAfter(from))
        .map(e -> sighting(plan, e))
        .filter(Objects::nonNull)
        .toList();
  }

  private @Nullable Sighting sighting(PlanInput plan, EntryView e) {
    return switch (e.kind()) {
      case COVER -> new Sighting.Cover(e.doneOn(), figure(e, EntryFigure.COVER));
      case HEIGHT -> new Sighting.Height(e.doneOn(), figure(e, EntryFigure.HEIGHT));
      case PLANTS -> {
        int component = component(plan, e.get(EntryName.SPECIES));
        yield component < 0
            ? null
            : new Sighting.Plants(e.doneOn(), component, figure(e, EntryFigure.PLANTS));
      }
      case STAGE -> {
        int component = component(plan, e.get(EntryName.SPECIES));
        yield component < 0 ? null : stage(species(plan).get(component), component, e);
      }
      default -> null;
    };
  }

  private static double figure(EntryView e, EntryFigure figure) {
    Double value = e.get(figure);
    return value == null ? 0 : value;
  }

  private static int component(PlanInput plan, @Nullable String species) {
    for (int i = 0; i < plan.components().size(); i++) {
      if (plan.components().get(i).species().equals(species)) {
        return i;
      }
    }
    return -1;
  }

  private @Nullable Sighting stage(Species species, int component, EntryView e) {
    return species.clock().scale().stages().stream()
        .filter(g -> g.name().equals(e.get(EntryName.STAGE)))
        .findFirst()
        .map(g -> new Sighting.Stage(e.doneOn(), component, g.fraction()))
        .orElse(null);
  }

  /** What was sprayed on the field that the cover may not bear. */
  List<Reason> chemistry(PlanInput plan, CoverPlan cover) {
    List<Reason> all = new ArrayList<>(CARRY_OVER.risks(sprayed(), species(plan), cover.seedOn()));
    LocalDate burned = log.done().get(LogKind.SPRAYED);
    boolean onCover =
        burned != null
            && ended() == null
            && !burned.isBefore(cover.seedOn())
            && burned.isBefore(cover.endOn());
    if (burned != null && onCover) {
      all.add(CarryOver.burndownAfterSeeding(burned, cover.seedOn()));
    }
    return all;
  }

  List<Species> species(PlanInput plan) {
    return plan.components().stream().map(c -> table.get(c.species())).toList();
  }

  /** Whether another crop is to be planted behind its cover. */
  boolean cropFollows() {
    return followedOn == null && CropKind.of(field.nextCrop().kind()) != CropKind.NONE;
  }

  static Purpose purpose(PlanInput plan) {
    return Purpose.of(plan.purposes().get(0));
  }

  /** Such as “rye and vetch, drill after harvest; spray early, plant brown”. */
  String words(PlanInput plan) {
    return seedWords(plan) + "; " + EndingMethod.of(plan.ending()).label();
  }

  /** Such as “rye and vetch, drill after harvest”. */
  String seedWords(PlanInput plan) {
    return Species.together(species(plan)) + ", " + SeedingMethod.of(plan.method()).label();
  }

  /** The same without what was said of deeds: that is of another cover. */
  FieldCase unpromised() {
    return new FieldCase(
        field,
        seasonYear,
        log,
        table,
        Map.of(),
        kept,
        wentOut,
        plan,
        before,
        followedOn,
        later,
        start,
        moved);
  }

  /** Whether the cover is over: its ending is written down, or long past with another behind it. */
  boolean over(LocalDate today) {
    return plan != null
        && FieldStanding.over(ended(), plan.plan().endOn(), followedOn != null, today);
  }

  /** What the cover leaves to one that follows it with no crop between. */
  @Nullable Before leaves() {
    if (plan == null) {
      return null;
    }
    LocalDate ended = ended();
    CoverPlan cover = asPlanned(plan.plan());
    // A cover whose forerunner was ended late cannot have been seeded before that.
    LocalDate seeded =
        before != null && cover.seedOn().isBefore(before.endedOn())
            ? before.endedOn()
            : cover.seedOn();
    LocalDate last = cover.endOn().isAfter(seeded) ? cover.endOn() : seeded.plusDays(1);
    return new Before(
        new SeasonPlan(
            cover.soil(),
            cover.start(),
            crop(),
            cover.cover(),
            cover.method().placement(),
            seeded,
            cover.acts().stream().filter(a -> !a.on().isBefore(seeded)).toList(),
            cover.seen(),
            null),
        last,
        ended != null,
        Species.together(species(plan.plan())));
  }
}
