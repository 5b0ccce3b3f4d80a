package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.core.work.OwnJob;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Work of one's own on a farm's fields. Callers have checked who asks. */
@Service
public class OwnJobService {
  private static final String AWAY = "This farm has no such work of its own.";
  private static final int MOST_WORDS = 120;

  private final OwnJobRows rows;
  private final FieldService fields;
  private final ShedService shed;
  private final CrewService crew;
  private final WorkItems items;

  OwnJobService(
      OwnJobRows rows, FieldService fields, ShedService shed, CrewService crew, WorkItems items) {
    this.rows = rows;
    this.fields = fields;
    this.shed = shed;
    this.crew = crew;
    this.items = items;
  }

  /** All of it, the first to be begun first; what is done stays to be read. */
  @Transactional(readOnly = true)
  public List<OwnJobView> all(UUID farmId) {
    return there(farmId).map(OwnJobView::of).toList();
  }

  /** On fields that are taken away there is nothing to be done. */
  private Stream<OwnJobRow> there(UUID farmId) {
    Set<UUID> on = fields.list(farmId).stream().map(FieldView::id).collect(Collectors.toSet());
    return rows.findByFarmIdAndRemovedFalseOrderByFromOnAscIdAsc(farmId).stream()
        .filter(r -> on.contains(r.fieldId));
  }

  /** What is still to be done. */
  @Transactional(readOnly = true)
  public List<OwnJob> open(UUID farmId) {
    Set<UUID> doers = machines(farmId);
    crew.all(farmId).forEach(c -> doers.add(c.id()));
    return there(farmId)
        .filter(r -> r.doneOn == null)
        .map(OwnJobRow::job)
        .map(j -> j.with() == null || doers.contains(j.with()) ? j : j.byAnyone())
        .toList();
  }

  /** Machines that are in the shed now. */
  private Set<UUID> machines(UUID farmId) {
    return shed.machines(farmId).stream()
        .map(MachineView::id)
        .collect(Collectors.toCollection(HashSet::new));
  }

  /**
   * Adds or changes some.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public OwnJobView put(UUID farmId, UUID id, OwnJobView in) {
    fields.get(farmId, in.fieldId());
    if (in.words().length() > MOST_WORDS) {
      throw new Refused("words", "Say in up to 120 characters what is to be done.");
    }
    UUID with = in.with();
    boolean machine = with != null && machines(farmId).contains(with);
    boolean person =
        with != null && crew.all(farmId).stream().map(CrewView::id).anyMatch(with::equals);
    if (with != null && !machine && !person) {
      throw new Refused("with", "This farm has no such machine and nobody like that.");
    }
    OwnJob job =
        new OwnJob(
                id,
                in.fieldId(),
                in.work(),
                in.words().strip(),
                in.from(),
                in.to(),
                with,
                in.hours(),
                in.worthUsd())
            .told(person);
    Optional<OwnJobRow> stored = rows.toPut(farmId, id, AWAY);
    stored.ifPresent(
        o ->
            ChangedMeanwhile.unless(
                o.version, in.version(), o.job().said(), () -> OwnJobView.of(o)));
    OwnJobRow row = stored.orElseGet(() -> OwnJobRow.of(farmId, job));
    row.take(job);
    return OwnJobView.of(rows.saveAndFlush(row));
  }

  /** Takes it out, also of the kept plan where it is not begun; or puts it back. */
  @Transactional
  public void remove(UUID farmId, UUID id, boolean away) {
    rows.get(farmId, id, AWAY).removed = away;
    if (away) {
      String job = JobKind.own(id);
      items.findByFarmId(farmId).stream()
          .filter(i -> i.job.equals(job) && i.shareDone == 0)
          .forEach(items::delete);
    }
  }

  /** Says that it is done, or that it is not. */
  @Transactional
  public void done(UUID farmId, UUID id, @Nullable LocalDate on) {
    rows.findByFarmIdAndId(farmId, id).ifPresent(r -> r.doneOn = on);
  }
}
