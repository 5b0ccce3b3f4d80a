package nimblefurrow.server.reference;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.core.record.Carries;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.support.KeyOf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Defaults of forms and limits of pages: the web keeps none of its own. */
@RestController
class ReferenceController {
  /**
   * A value that is usual where nothing is known yet, in its unit.
   *
   * @param us where people speak US units
   * @param metric where they speak metric
   */
  record UsualView(
      @KeyOf(KeyOf.What.USUAL) String key, Unit unit, double us, double metric, String of) {}

  /**
   * A kind of entry of the record, for its form.
   *
   * @param group what stands above it in a list
   * @param byMachine whether a machine does it
   * @param ofCover whether it only makes sense where there is a cover
   */
  record EntryKind(
      LogKind kind,
      String label,
      String group,
      boolean byMachine,
      boolean ofCover,
      List<EntryFigureView> figures,
      List<EntryNameView> names) {
    static EntryKind of(LogKind kind) {
      Carries carries = kind.carries();
      return new EntryKind(
          kind,
          kind.label(),
          kind.group().label(),
          kind.byMachine(),
          kind.ofCover(),
          carries.figures().stream()
              .map(
                  f ->
                      new EntryFigureView(
                          f, f.label(), f.unit(), carries.figuresNeeded().contains(f)))
              .toList(),
          carries.names().stream()
              .map(n -> EntryNameView.of(n, carries.namesNeeded().contains(n)))
              .toList());
    }
  }

  /** A figure of a kind of entry. */
  record EntryFigureView(EntryFigure key, String label, Unit unit, boolean needed) {}

  /**
   * Something a kind of entry names.
   *
   * @param free whether it is a word of the farm's own
   * @param choices what there is to choose from; empty where that or the field's cover says it
   */
  record EntryNameView(
      EntryName key, String label, boolean needed, boolean free, List<EntryChoice> choices) {
    static EntryNameView of(EntryName name, boolean needed) {
      return new EntryNameView(
          name,
          name.label(),
          needed,
          name.free(),
          name.choices().entrySet().stream()
              .map(c -> new EntryChoice(c.getKey(), c.getValue()))
              .toList());
    }
  }

  /** One of them. */
  record EntryChoice(String value, String title) {}

  /** All that is the same for every farm. */
  record Reference(List<UsualView> usual, List<EntryKind> entries, List<PaperChoice> papers) {}

  /** A kind of paper, and what it is kept with. */
  record PaperChoice(PaperKind kind, String label, List<PaperHolder> holders) {}

  @GetMapping("/api/reference")
  Reference reference() {
    return new Reference(
        Usual.all().stream()
            .map(u -> new UsualView(u.key(), u.unit(), u.us(), u.metric(), u.of()))
            .toList(),
        Arrays.stream(LogKind.values())
            .sorted(Comparator.comparing(LogKind::group))
            .map(EntryKind::of)
            .toList(),
        Arrays.stream(PaperKind.values()).map(ReferenceController::paper).toList());
  }

  private static PaperChoice paper(PaperKind kind) {
    return new PaperChoice(
        kind, kind.label(), Arrays.stream(PaperHolder.values()).filter(kind::of).toList());
  }
}
