package nimblefurrow.server.trial;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.trial.Replicates;
import nimblefurrow.core.trial.Shuffle;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.price.PriceService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.support.Saving;
import nimblefurrow.server.support.ShapeFile;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Geometry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Trials of a farm. Callers have checked who asks. */
@Service
public class TrialService {
  private static final String AWAY = "This farm has no such trial.";
  private static final int MOST_STRIPS = 200;
  private static final int LONGEST = 120;
  private static final double WIDEST_M = 100;

  private final Trials trials;
  private final FieldService fields;
  private final FarmService farms;
  private final PriceService prices;
  private final TrialParts parts;

  TrialService(
      Trials trials,
      FieldService fields,
      FarmService farms,
      PriceService prices,
      TrialParts parts) {
    this.trials = trials;
    this.fields = fields;
    this.farms = farms;
    this.prices = prices;
    this.parts = parts;
  }

  /** All trials, the newest first. */
  @Transactional(readOnly = true)
  public List<TrialViews.TrialView> trials(UUID farmId) {
    return views(farmId, null);
  }

  private List<TrialViews.TrialView> views(UUID farmId, @Nullable UUID only) {
    List<Trial> all = trials.findByFarmIdAndRemovedFalseOrderBySeasonYearDescQuestionAsc(farmId);
    List<String> names = all.stream().map(t -> name(farmId, t)).toList();
    TrialReading reading = new TrialReading(all, prices.of(farmId));
    List<TrialViews.TrialView> views = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      // Of one trial, its strips alone are drawn; the others are read for the years together.
      if (only == null || all.get(i).id.equals(only)) {
        views.add(view(all.get(i), names.get(i), reading.of(all.get(i), names)));
      }
    }
    return views;
  }

  private String name(UUID farmId, Trial t) {
    return fields.called(farmId, t.fieldId);
  }

  /** One trial. */
  @Transactional(readOnly = true)
  public TrialViews.TrialView trial(UUID farmId, UUID id) {
    return views(farmId, id).stream().findFirst().orElseThrow(() -> new NotFound(AWAY));
  }

  /**
   * The strips of a trial as files have them.
   *
   * @throws NotFound when the field has no boundary
   */
  @Transactional(readOnly = true)
  public ShapeFile file(UUID farmId, UUID id) {
    TrialViews.TrialView t = trial(farmId, id);
    List<ShapeFile.Shape> shapes = new ArrayList<>();
    for (TrialViews.StripView s : t.strips()) {
      if (!s.ring().isEmpty()) {
        String name = "strip " + s.number() + ": " + t.treatments().get(s.treatment()).name();
        shapes.add(new ShapeFile.Shape("strip", name, true, s.ring()));
      }
    }
    if (shapes.isEmpty()) {
      throw new NotFound(t.field() + " has no boundary that holds the strips; draw one first.");
    }
    return new ShapeFile(t.field() + " strips", shapes);
  }

  /**
   * Lays a trial out, or changes it; strips are shuffled anew while nothing stands on them.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public TrialViews.TrialView put(UUID farmId, UUID id, TrialViews.TrialInput in) {
    lay(farmId, id, farms.get(farmId).seasonYear(), in);
    return trial(farmId, id);
  }

  /** The same with a new one in a season of its own. */
  @Transactional
  public void lay(UUID farmId, UUID id, int season, TrialViews.TrialInput in) {
    check(in);
    Optional<Trial> there = trials.toPut(farmId, id, AWAY);
    there.ifPresent(
        o ->
            ChangedMeanwhile.unless(
                o.version, in.version(), "the trial", () -> trial(farmId, o.id)));
    Trial t = there.orElseGet(Trial::new);
    fields.get(farmId, in.fieldId());
    boolean laid =
        there.isPresent()
            && t.replicates == in.replicates()
            && t.treatments.size() == in.treatments().size();
    boolean lies =
        laid
            && t.fieldId.equals(in.fieldId())
            && t.stripWidthM == in.stripWidthM()
            && Objects.equals(t.bearingDeg, in.bearingDeg());
    if (!lies && t.parts != null) {
      throw new Refused(
          "stripWidthM",
          "The ways of this trial are worked as parts of the field: make it one field again before"
              + " its strips lie otherwise.");
    }
    if (!laid && there.isPresent() && begun(t)) {
      throw new Refused(
          "treatments",
          "Strips of this trial were measured already: its treatments may be renamed, and neither"
              + " they nor the blocks be more or fewer.");
    }
    t.id = id;
    t.farmId = farmId;
    t.fieldId = in.fieldId();
    t.question = in.question().strip();
    t.crop = in.crop().key();
    t.treatments =
        in.treatments().stream()
            .map(x -> new Trial.Treated(x.name().strip(), x.usdPerHa()))
            .toList();
    t.replicates = in.replicates();
    t.stripWidthM = in.stripWidthM();
    t.bearingDeg = in.bearingDeg();
    if (there.isEmpty()) {
      t.seasonYear = season;
    }
    if (!lies) {
      Geometry boundary = fields.boundary(farmId, in.fieldId());
      t.firstStrip = DrawnStrips.first(t, boundary, in.treatments().size() * in.replicates());
    }
    if (!laid) {
      t.strips = shuffled(in.treatments().size(), in.replicates(), id.getLeastSignificantBits());
    }
    trials.saveAndFlush(t);
  }

  private static boolean begun(Trial t) {
    return t.strips.stream().anyMatch(s -> s.lost() != null || !s.figures().isEmpty());
  }

  private static List<Trial.Strip> shuffled(int treatments, int replicates, long seed) {
    List<Trial.Strip> strips = new ArrayList<>();
    List<List<Integer>> blocks = Shuffle.blocks(treatments, replicates, seed);
    for (int b = 0; b < blocks.size(); b++) {
      for (int treatment : blocks.get(b)) {
        strips.add(new Trial.Strip(b + 1, treatment, null, Map.of()));
      }
    }
    return strips;
  }

  private static void check(TrialViews.TrialInput in) {
    said("question", "A trial needs its question", in.question());
    if (in.treatments().size() < 2) {
      throw new Refused("treatments", "A trial compares two treatments at least.");
    }
    if (in.replicates() < 2) {
      throw new Refused(
          "replicates", "Two blocks at least, else chance cannot be told; four are good.");
    }
    if ((long) in.treatments().size() * in.replicates() > MOST_STRIPS) {
      throw new Refused("replicates", "A trial has up to %d strips.".formatted(MOST_STRIPS));
    }
    Need.positive("stripWidthM", "The width of a strip", in.stripWidthM());
    if (in.stripWidthM() > WIDEST_M) {
      throw new Refused(
          "stripWidthM", "A strip is up to %.0f m wide (328 ft).".formatted(WIDEST_M));
    }
    Set<String> names = new HashSet<>();
    for (int i = 0; i < in.treatments().size(); i++) {
      TrialViews.TreatmentInput x = in.treatments().get(i);
      String where = "treatments[" + i + "]";
      said(where + ".name", "A treatment needs a name", x.name());
      Need.notNegative(where + ".usdPerHa", "What a treatment costs", x.usdPerHa());
      if (!names.add(x.name().strip())) {
        throw new Refused(where + ".name", "Two treatments are called “%s”.".formatted(x.name()));
      }
    }
  }

  private static void said(String where, String sentence, String text) {
    if (text.isBlank() || text.strip().length() > LONGEST) {
      throw new Refused(where, "%s, up to %d letters.".formatted(sentence, LONGEST));
    }
  }

  /**
   * Writes down what was found on a strip.
   *
   * @param number of the strip, from 1
   */
  @Saving
  public TrialViews.TrialView strip(UUID farmId, UUID id, int number, TrialViews.StripInput in) {
    Trial t = trials.get(farmId, id, AWAY);
    ChangedMeanwhile.unless(t.version, in.version(), "the trial", () -> trial(farmId, id));
    if (number < 1 || number > t.strips.size()) {
      throw new NotFound("This trial has no strip %d.".formatted(number));
    }
    List<Trial.Strip> strips = new ArrayList<>(t.strips);
    strips.set(number - 1, found(strips.get(number - 1), in));
    t.strips = strips;
    trials.saveAndFlush(t);
    return trial(farmId, id);
  }

  /** What was found on a strip. */
  public interface Finding {
    /**
     * {@return what is written down}
     *
     * @param number of the strip, from 1
     * @param block from 1
     * @param treatment from 0
     */
    TrialViews.StripInput on(int number, int block, int treatment);
  }

  /** Writes down what was found on all strips of a trial, in their order. */
  @Transactional
  public void strips(UUID farmId, UUID id, Finding finding) {
    Trial t = trials.get(farmId, id, AWAY);
    List<Trial.Strip> strips = new ArrayList<>();
    for (int i = 0; i < t.strips.size(); i++) {
      Trial.Strip was = t.strips.get(i);
      strips.add(found(was, finding.on(i + 1, was.block(), was.treatment())));
    }
    t.strips = strips;
    trials.saveAndFlush(t);
  }

  private static Trial.Strip found(Trial.Strip was, TrialViews.StripInput in) {
    Map<String, Double> figures = new HashMap<>();
    Map<String, Double> sent = in.figures() == null ? Map.of() : in.figures();
    sent.forEach(
        (key, value) -> {
          EntryFigure figure = EntryFigure.of(key);
          if (!TrialReading.MEASURES.contains(figure)) {
            throw new Refused("figures", figure.label() + " is not measured on strips.");
          }
          figures.put(key, figure.checked("figures." + key, value));
        });
    String lost = in.lost() == null || in.lost().isBlank() ? null : in.lost().strip();
    if (lost != null) {
      said("lost", "Say why the strip is lost", lost);
    }
    return new Trial.Strip(was.block(), was.treatment(), lost, figures);
  }

  /**
   * Works each way of a trial as a field of its own from today on, and what lies round them too: so
   * that ways are planned, done and logged apart. Work on one that was done is joined again.
   *
   * @param apart whether it is parted, or joined
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public TrialViews.TrialView part(UUID farmId, UUID id, TrialViews.PartInput in) {
    Trial t = trials.get(farmId, id, AWAY);
    ChangedMeanwhile.unless(t.version, in.version(), "the trial", () -> trial(farmId, id));
    if (in.apart()) {
      parts.divide(t);
    } else {
      parts.join(t);
    }
    trials.saveAndFlush(t);
    return trial(farmId, id);
  }

  /**
   * What each way costs: as it is told, or out of the accounts of their parts.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public TrialViews.TrialView takeCosts(UUID farmId, UUID id, TrialViews.CostsInput in) {
    Trial t = trials.get(farmId, id, AWAY);
    ChangedMeanwhile.unless(t.version, in.version(), "the trial", () -> trial(farmId, id));
    List<Double> told = in.usdPerHa();
    t.treatments = costing(t, told == null ? parts.costs(t) : told);
    trials.saveAndFlush(t);
    return trial(farmId, id);
  }

  private static List<Trial.Treated> costing(Trial t, List<Double> usdPerHa) {
    if (usdPerHa.size() != t.treatments.size()) {
      throw new Refused(
          "usdPerHa",
          "This trial has %d ways; say what each costs.".formatted(t.treatments.size()));
    }
    List<Trial.Treated> all = new ArrayList<>();
    for (int i = 0; i < usdPerHa.size(); i++) {
      double usd = usdPerHa.get(i);
      Need.notNegative("usdPerHa[" + i + "]", "What a treatment costs", usd);
      all.add(new Trial.Treated(t.treatments.get(i).name(), usd));
    }
    return all;
  }

  /**
   * Takes a trial out of the list; it can be brought back.
   *
   * @throws Refused while its ways are parts of the field: they could no more be joined with it
   */
  @Transactional
  public void remove(UUID farmId, UUID id, boolean removed) {
    Trial t = trials.get(farmId, id, AWAY);
    if (removed && t.parts != null) {
      throw new Refused(
          "apart",
          "The ways of this trial are parts of its field. Make it one field again, then take the"
              + " trial away.");
    }
    t.removed = removed;
    trials.saveAndFlush(t);
  }

  private TrialViews.TrialView view(Trial t, String field, List<TrialViews.ResultView> results) {
    CropKind crop = CropKind.of(t.crop);
    DrawnStrips drawn = DrawnStrips.of(t, fields.boundary(t.farmId, t.fieldId));
    List<TrialViews.StripView> strips = new ArrayList<>();
    for (int i = 0; i < t.strips.size(); i++) {
      Trial.Strip s = t.strips.get(i);
      strips.add(
          new TrialViews.StripView(
              i + 1,
              s.block(),
              s.treatment(),
              s.lost(),
              s.figures(),
              i < drawn.rings().size() ? drawn.rings().get(i) : List.of()));
    }
    return new TrialViews.TrialView(
        t.id,
        t.version,
        t.fieldId,
        field,
        t.seasonYear,
        t.question,
        crop,
        t.treatments.stream()
            .map(x -> new TrialViews.TreatmentInput(x.name(), x.usdPerHa()))
            .toList(),
        t.replicates,
        t.stripWidthM,
        drawn.bearingDeg(),
        strips,
        parts.of(t),
        parts.can(t, drawn),
        TrialReading.MEASURES.stream()
            .map(f -> new TrialViews.MeasureView(f.key(), f.label(), TrialReading.unit(f, crop)))
            .toList(),
        warnings(t, drawn.fit()),
        results);
  }

  private static List<ReasonView> warnings(Trial t, int fit) {
    List<ReasonView> all = new ArrayList<>();
    int wanted = Replicates.toTellChance(t.treatments.size());
    if (t.replicates < wanted) {
      all.add(
          ReasonView.of(
              Reason.of("{n} blocks tell little from chance; {wanted} would tell more")
                  .with("n", t.replicates, Unit.COUNT)
                  .with("wanted", wanted, Unit.COUNT)));
    }
    if (fit > 0 && fit < t.strips.size()) {
      all.add(
          ReasonView.of(
              Reason.of("{fit} strips of {width} fit on the field, and {n} are needed")
                  .with("fit", fit, Unit.COUNT)
                  .with("width", t.stripWidthM, Unit.M)
                  .with("n", t.strips.size(), Unit.COUNT)));
    }
    return all;
  }
}
