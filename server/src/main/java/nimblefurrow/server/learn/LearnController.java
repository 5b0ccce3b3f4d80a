package nimblefurrow.server.learn;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.learn.Correction;
import nimblefurrow.core.learn.FarmLearning;
import nimblefurrow.core.learn.Learnt;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a farm has learnt from its own record. */
@RestController
@RequestMapping("/api/farms/{farmId}/learnt")
class LearnController {
  private final LearningService learning;
  private final Access access;

  LearnController(LearningService learning, Access access) {
    this.learning = learning;
    this.access = access;
  }

  /**
   * One kind of forecast against what came.
   *
   * @param usedFor what it changes
   * @param how a record of it comes about
   * @param correction what all its records say together
   * @param taken whether the farm wants it
   * @param applied whether forecasts are corrected by it now: it is taken, and records are enough
   * @param from how many records it takes
   * @param own machines whose own factor is used in place of the farm's
   * @param records behind it, oldest first
   */
  record LearntView(
      Learnt what,
      String label,
      Unit unit,
      String usedFor,
      String how,
      LearntFactor correction,
      boolean taken,
      boolean applied,
      int from,
      List<LearntOwn> own,
      List<LearntRecord> records) {}

  /**
   * What was said and what came.
   *
   * @param name of the machine or species; empty where it is of neither
   * @param usual whether it counts; what is far off is a failure or a slip
   */
  record LearntRecord(
      String name, String field, LocalDate on, double predicted, double actual, boolean usual) {}

  /** A correction, as {@link Correction} has it. */
  record LearntFactor(int n, double factor, double low, double high) {
    static LearntFactor of(Correction c) {
      return new LearntFactor(c.n(), c.factor(), c.low(), c.high());
    }
  }

  /** A machine with enough records of its own. */
  record LearntOwn(String name, LearntFactor factor) {}

  /** Whether forecasts are corrected by it. */
  record LearntTaken(boolean taken) {}

  @GetMapping
  List<LearntView> learnt(@PathVariable UUID farmId) {
    access.see(farmId);
    FarmLearning all = learning.of(farmId);
    return Arrays.stream(Learnt.values()).map(what -> view(all, what)).toList();
  }

  private static LearntView view(FarmLearning all, Learnt what) {
    Correction farm = all.of(what);
    boolean taken = !all.off().contains(what);
    return new LearntView(
        what,
        what.label(),
        what.unit(),
        what.usedFor(),
        what.how(),
        LearntFactor.of(farm),
        taken,
        taken && farm.applied(),
        Correction.APPLIED_FROM,
        // Only the hours of a machine are asked for by its own factor; all else by the farm's.
        (what == Learnt.HOURS ? all.subjects(what) : Map.<String, String>of())
            .entrySet().stream()
                .flatMap(
                    s ->
                        all
                            .of(what, s.getKey())
                            .map(c -> new LearntOwn(s.getValue(), LearntFactor.of(c)))
                            .stream())
                .toList(),
        all.records().stream()
            .filter(r -> r.what() == what)
            .sorted(Comparator.comparing(FarmLearning.Seen::on))
            .map(
                r ->
                    new LearntRecord(
                        r.name(), r.field(), r.on(), r.predicted(), r.actual(), r.usual()))
            .toList());
  }

  @PutMapping("/{what}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void take(@PathVariable UUID farmId, @PathVariable String what, @RequestBody LearntTaken input) {
    access.manage(farmId);
    learning.take(farmId, Learnt.of(what), input.taken());
  }
}
