package nimblefurrow.server.ending;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.ending.EndingAdviser;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.WatchList;
import nimblefurrow.core.outlook.AfterEnding;
import nimblefurrow.core.season.EndingEffect;
import nimblefurrow.core.season.SeasonColumns;
import nimblefurrow.core.season.SeasonRun;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The watch list of an ending and what was taken on of it. Callers have checked who asks. */
@Service
public class WatchService {
  private static final String AWAY = "There is no such follow-up.";

  private final PlannedFields planned;
  private final FieldService fields;
  private final FollowUps followUps;

  WatchService(PlannedFields planned, FieldService fields, FollowUps followUps) {
    this.planned = planned;
    this.fields = fields;
    this.followUps = followUps;
  }

  @Transactional(readOnly = true)
  List<WatchController.WatchItem> list(UUID farmId, UUID fieldId) {
    PlannedField f = planned.one(farmId, fieldId);
    CoverPlan cover = EndableField.of(f).cover();
    EndingMethod way = Objects.requireNonNull(f.ending());
    Set<String> taken =
        followUps.findByFarmIdOrderByDueFrom(farmId).stream()
            .filter(u -> u.fieldId.equals(fieldId))
            .map(u -> u.kind)
            .collect(Collectors.toSet());
    return WatchList.of(ended(f, cover, way)).stream()
        .map(
            i ->
                new WatchController.WatchItem(
                    i.key(),
                    i.from(),
                    i.to(),
                    ReasonView.of(i.what()),
                    ReasonView.of(i.why()),
                    taken.contains(i.key())))
        .toList();
  }

  private WatchList.Ended ended(PlannedField f, CoverPlan cover, EndingMethod way) {
    double mulch = 0;
    double nitrogen = 0;
    LocalDate brown = null;
    boolean seeds = false;
    if (way.modelled()) {
      AfterEnding after = AfterEnding.of(planned.forecaster(), cover, f.crop(), way);
      mulch = after.mulchAtPlanting().median();
      nitrogen = after.nitrogenKgPerHa().median();
      List<SeasonRun> runs =
          planned
              .forecaster()
              .runs(cover, f.crop(), way.acts(cover.endOn()), SeasonColumns.Detail.ODDS);
      brown = brown(runs);
      seeds =
          EndingAdviser.isOften(runs.stream().filter(r -> setsSeed(cover, r)).count(), runs.size());
    }
    return new WatchList.Ended(
        way,
        cover.endOn(),
        cover.plantOn(),
        f.next().kind(),
        cover.cover().stream().map(CoverComponent::species).toList(),
        mulch,
        brown,
        nitrogen,
        seeds);
  }

  private static boolean setsSeed(CoverPlan cover, SeasonRun run) {
    double[] stages = run.termination() == null ? new double[0] : run.termination().stageFraction();
    for (int i = 0; i < stages.length; i++) {
      if (stages[i] >= cover.cover().get(i).species().clock().scale().viableSeedFrom()) {
        return true;
      }
    }
    return false;
  }

  /** The middle of the days on which the last of it is brown. */
  private static @Nullable LocalDate brown(List<SeasonRun> runs) {
    List<LocalDate> days =
        runs.stream()
            .flatMap(
                r ->
                    r.effects().stream()
                        .map(EndingEffect::brownOn)
                        .max(Comparator.naturalOrder())
                        .stream())
            .sorted()
            .toList();
    return days.isEmpty() ? null : days.get(days.size() / 2);
  }

  @Transactional(readOnly = true)
  List<WatchController.FollowUpView> followUps(UUID farmId) {
    Map<UUID, String> names =
        fields.list(farmId).stream().collect(Collectors.toMap(FieldView::id, FieldView::name));
    return followUps.findByFarmIdOrderByDueFrom(farmId).stream()
        .map(
            u ->
                new WatchController.FollowUpView(
                    u.id,
                    u.fieldId,
                    names.getOrDefault(u.fieldId, ""),
                    u.kind,
                    u.dueFrom,
                    u.dueTo,
                    u.words,
                    u.doneOn))
        .toList();
  }

  /** What is open on a farm, by the day it is due. */
  @Transactional(readOnly = true)
  public List<OpenFollowUp> open(UUID farmId) {
    return followUps.findByFarmIdOrderByDueFrom(farmId).stream()
        .filter(u -> u.doneOn == null)
        .map(u -> new OpenFollowUp(u.id, u.fieldId, u.kind, u.dueFrom, u.dueTo, u.words))
        .toList();
  }

  /** Says that what was taken on of a field is done, or open again. */
  @Transactional
  public void done(UUID farmId, UUID fieldId, String kind, @Nullable LocalDate doneOn) {
    followUps.findByFarmIdOrderByDueFrom(farmId).stream()
        .filter(u -> u.fieldId.equals(fieldId) && u.kind.equals(kind))
        .filter(u -> (u.doneOn == null) == (doneOn != null))
        .forEach(u -> u.doneOn = doneOn);
  }

  @Transactional
  void take(UUID farmId, UUID fieldId, UUID id, WatchController.FollowUpInput in) {
    fields.get(farmId, fieldId);
    if (in.dueTo().isBefore(in.dueFrom())) {
      throw new Refused("dueTo", "The last day lies before the first.");
    }
    if (in.words().isBlank() || in.words().length() > 500) {
      throw new Refused("words", "Say in up to 500 characters what is to be looked at.");
    }
    FollowUp stored = followUps.toPut(farmId, id, AWAY).orElseGet(FollowUp::new);
    stored.id = id;
    stored.farmId = farmId;
    stored.fieldId = fieldId;
    stored.kind = in.kind();
    stored.dueFrom = in.dueFrom();
    stored.dueTo = in.dueTo();
    stored.words = in.words().strip();
    followUps.save(stored);
  }

  @Transactional
  void done(UUID farmId, UUID id, @Nullable LocalDate doneOn) {
    followUps.get(farmId, id, AWAY).doneOn = doneOn;
  }
}
