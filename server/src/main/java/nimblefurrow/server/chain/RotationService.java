package nimblefurrow.server.chain;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.chain.Chain;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.chain.Link;
import nimblefurrow.core.chain.Rotation;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.CropBefore;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.Crops;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldYears;
import nimblefurrow.server.plan.Links;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.InputProblem;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Rotations, and laying them over fields. Callers have checked who asks. */
@Service
class RotationService {
  private static final int LONGEST_NAME = 80;
  private static final int MOST_SEASONS = 12;
  private static final String AWAY = "There is no such rotation.";

  private final Rotations rotations;
  private final FarmService farms;
  private final FieldService fields;
  private final FarmChains chains;
  private final PlanService plans;
  private final SpeciesService species;

  RotationService(
      Rotations rotations,
      FarmService farms,
      FieldService fields,
      FarmChains chains,
      PlanService plans,
      SpeciesService species) {
    this.rotations = rotations;
    this.farms = farms;
    this.fields = fields;
    this.chains = chains;
    this.plans = plans;
    this.species = species;
  }

  @Transactional(readOnly = true)
  List<RotationViews.RotationView> all(UUID farmId) {
    return rotations.findByFarmIdOrderByName(farmId).stream().map(RotationService::view).toList();
  }

  /**
   * Stores a rotation.
   *
   * @throws InputProblem when a year of it cannot be
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  RotationViews.RotationView put(UUID farmId, RotationViews.RotationView in) {
    check(farmId, in);
    RotationEntity stored = rotations.toPut(farmId, in.id(), AWAY).orElse(null);
    ChangedMeanwhile.unless(
        stored == null ? null : stored.version,
        in.version(),
        in.name(),
        () -> stored == null ? "no rotation" : view(stored));
    for (RotationEntity other : rotations.findByFarmIdOrderByName(farmId)) {
      if (other.name.equalsIgnoreCase(in.name().strip()) && !other.id.equals(in.id())) {
        throw new InputProblem("name", "There is already a rotation called " + other.name + ".");
      }
    }
    RotationEntity row = stored == null ? new RotationEntity() : stored;
    row.id = in.id();
    row.farmId = farmId;
    row.name = in.name().strip();
    row.years = in.years().stream().map(StoredRotationYear::of).toList();
    return view(rotations.saveAndFlush(row));
  }

  /** Takes a rotation away; what came of it stays. */
  @Transactional
  void remove(UUID farmId, UUID id) {
    rotations.delete(rotations.get(farmId, id, AWAY));
  }

  private void check(UUID farmId, RotationViews.RotationView in) {
    if (in.name().isBlank() || in.name().strip().length() > LONGEST_NAME) {
      throw new InputProblem("name", "A rotation needs a name of up to 80 characters.");
    }
    int n = in.years().size();
    if (n < 1 || n > Rotation.MOST_YEARS) {
      throw new InputProblem(
          "years", "A rotation has 1 to " + Rotation.MOST_YEARS + " years, not " + n + ".");
    }
    int season = farms.get(farmId).thisSeason();
    for (int i = 0; i < n; i++) {
      RotationViews.RotationYear y = in.years().get(i);
      try {
        CropKind.of(y.crop());
        if (y.cover() != null) {
          plans.check(farmId, plan(y.cover(), season), season);
        }
      } catch (InputProblem e) {
        String at = "years[" + i + "].cover.";
        String year = "Year " + (i + 1) + ": ";
        throw new InputProblem(
            e.problems().stream()
                .map(p -> new InputProblem.At(at + p.path(), year + p.message()))
                .toList());
      } catch (Refused e) {
        throw new InputProblem("years[" + i + "]", "Year " + (i + 1) + ": " + e.getMessage());
      }
    }
  }

  private static PlanInput plan(RotationViews.RotationCover c, int season) {
    LocalDate seedOn = Rotation.seedOn(season, day("seedOn", c.seedOn()));
    return new PlanInput(
        PlanStatus.PROPOSED,
        c.purposes(),
        c.components(),
        c.method(),
        seedOn,
        c.ending(),
        Rotation.endOn(seedOn, day("endOn", c.endOn())));
  }

  private static MonthDay day(String path, String text) {
    try {
      return MonthDay.parse("--" + text);
    } catch (DateTimeException e) {
      throw new Refused(path, "“" + text + "” is no day of the year, such as 09-20");
    }
  }

  /**
   * Lays a rotation over fields: empty years ahead are filled, and those that came of a rotation;
   * what was set by hand, or is done, stays.
   *
   * @param really false only says what would come of it
   */
  @Transactional
  RotationViews.Laid lay(
      UUID farmId, UUID id, RotationViews.LayInput in, boolean really, UUID account) {
    RotationEntity rotation = rotations.get(farmId, id, AWAY);
    FarmView farm = farms.get(farmId);
    int now = farm.thisSeason();
    if (in.from() < now) {
      throw new Refused("from", "A rotation fills years ahead: from " + now + " on.");
    }
    if (in.to() < in.from() || in.to() - in.from() >= MOST_SEASONS) {
      throw new Refused("to", "Lay it over 1 to " + MOST_SEASONS + " seasons.");
    }
    if (in.fieldIds().isEmpty()) {
      throw new Refused("fieldIds", "Choose at least one field.");
    }
    List<FieldYears> chosen =
        fields.years(farmId).stream().filter(f -> in.fieldIds().contains(f.id())).toList();
    if (chosen.size() != in.fieldIds().stream().distinct().count()) {
      throw new NotFound("This farm has no such field.");
    }
    List<PlanService.Save> saves = new ArrayList<>();
    List<FieldService.CropSet> crops = new ArrayList<>();
    Links links = new Links(species.table(farmId));
    List<RotationViews.LaidField> laid = new ArrayList<>();
    int filled = 0;
    int kept = 0;
    for (FarmChains.Stored s : chains.of(farm, chosen)) {
      Ground ground = new Ground(farm.today(), s, links, rotation, really, saves, crops);
      List<RotationViews.LaidYear> years = new ArrayList<>();
      for (int season = in.from(); season <= in.to(); season++) {
        int at = Rotation.yearOf(season, in.from(), in.offset(), rotation.years.size());
        years.add(ground.fill(season, rotation.years.get(at).year()));
      }
      filled += (int) years.stream().filter(y -> y.kept() == null).count();
      kept += (int) years.stream().filter(y -> y.kept() != null).count();
      laid.add(new RotationViews.LaidField(s.field().id(), s.field().name(), years));
    }
    if (really && !(saves.isEmpty() && crops.isEmpty())) {
      String what = rotation.name + " laid over fields";
      plans.saveRotation(farmId, in.from(), saves, crops, what, account);
    }
    return new RotationViews.Laid(filled, kept, laid);
  }

  /** One field being filled. */
  private final class Ground {
    private final LocalDate today;
    private final FarmChains.Stored stored;
    private final Links links;
    private final RotationEntity rotation;
    private final boolean really;
    private final List<PlanService.Save> saves;
    private final List<FieldService.CropSet> crops;
    private final List<Link> chain;

    Ground(
        LocalDate today,
        FarmChains.Stored stored,
        Links links,
        RotationEntity rotation,
        boolean really,
        List<PlanService.Save> saves,
        List<FieldService.CropSet> crops) {
      this.crops = crops;
      this.links = links;
      this.today = today;
      this.stored = stored;
      this.rotation = rotation;
      this.really = really;
      this.saves = saves;
      this.chain = new ArrayList<>(stored.chain().links());
    }

    RotationViews.LaidYear fill(int season, RotationViews.RotationYear year) {
      String kept = crop(season, year.crop());
      String cover = "";
      // A year that was set by hand is kept whole.
      if (year.cover() != null && kept == null) {
        Optional<String> why = cover(season, year.cover());
        kept = why.orElse(null);
        cover = why.isPresent() ? "" : name(year.cover());
      }
      return new RotationViews.LaidYear(season, CropKind.of(year.crop()).label(), cover, kept);
    }

    private @Nullable String crop(int season, String kind) {
      CropView there = stored.field().crops().get(season);
      if (there != null
          && CropKind.of(there.kind()) != CropKind.NONE
          && !stored.field().rotated().contains(season)) {
        return there.kind().equals(kind)
            ? null
            : "set by hand: " + CropKind.of(there.kind()).label();
      }
      if (there != null
          && !there.kind().equals(kind)
          && !Crops.plantedOn(there, season).isAfter(today)) {
        return "in the ground already: " + CropKind.of(there.kind()).label();
      }
      if (really) {
        CropBefore crop = CropBefore.rotated(kind, rotation.id);
        crops.add(new FieldService.CropSet(stored.field().piece(), season, crop));
      }
      return null;
    }

    private Optional<String> cover(int season, RotationViews.RotationCover cover) {
      if (stored.field().leftOut().containsKey(season)) {
        return Optional.of("left out: " + stored.field().leftOut().get(season));
      }
      List<PlanView> there =
          stored.covers().values().stream()
              .filter(p -> p.seasonYear() == season)
              .sorted(Comparator.comparing(p -> p.plan().seedOn()))
              .toList();
      if (there.stream().anyMatch(p -> stored.seeded().contains(p.id().toString()))) {
        return Optional.of("its cover is in the ground already");
      }
      if (there.stream().anyMatch(p -> p.rotation() == null)) {
        return Optional.of("set by hand: " + links.cover(there.get(0)).name());
      }
      PlanInput plan = plan(cover, season);
      for (PlanView old : there) {
        chain.removeIf(l -> l.id().equals(old.id().toString()));
      }
      Link.Cover link =
          links.cover(
              new PlanView(UUID.randomUUID(), stored.field().piece(), season, 0, null, plan));
      Optional<String> way = Chain.of(chain).inTheWayOf(link).map(r -> r.say(UnitSystem.US));
      if (way.isPresent()) {
        return way;
      }
      chain.add(link);
      for (PlanView old : there) {
        saves.add(PlanService.Save.of(old, null, stored.field().name()));
      }
      saves.add(
          PlanService.Save.fresh(stored.field().piece(), plan, stored.field().name())
              .of(rotation.id));
      return Optional.empty();
    }

    private String name(RotationViews.RotationCover cover) {
      return links
          .cover(
              new PlanView(
                  UUID.randomUUID(), stored.field().piece(), 0, 0, null, plan(cover, 2000)))
          .name();
    }
  }

  private static RotationViews.RotationView view(RotationEntity r) {
    return new RotationViews.RotationView(
        r.id, r.version, r.name, r.years.stream().map(StoredRotationYear::year).toList());
  }
}
