package nimblefurrow.server.worklog;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.SoilYears;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.support.ReasonView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was seen of a field's soil over the years, beside other fields. */
@RestController
@RequestMapping("/api/farms/{farmId}/fields/{fieldId}/soil")
class SoilController {
  private final LogService log;
  private final FieldService fields;
  private final Access access;

  SoilController(LogService log, FieldService fields, Access access) {
    this.log = log;
    this.fields = fields;
    this.access = access;
  }

  /** A look at a soil, in the figure's unit. */
  record SoilLook(String field, LocalDate on, double value) {
    static SoilLook of(SoilYears.Look l) {
      return new SoilLook(l.field(), l.on(), l.value());
    }
  }

  /**
   * One figure over the years; those beside are of ground of the same texture, where there is any.
   */
  record SoilFigure(
      EntryFigure figure,
      String label,
      Unit unit,
      List<SoilLook> own,
      List<SoilLook> beside,
      ReasonView says) {
    static SoilFigure of(SoilYears s) {
      return new SoilFigure(
          s.figure(),
          s.figure().label(),
          s.figure().unit(),
          s.own().stream().map(SoilLook::of).toList(),
          s.beside().stream().map(SoilLook::of).toList(),
          ReasonView.of(s.says()));
    }
  }

  @GetMapping
  List<SoilFigure> soil(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    FieldView field = fields.get(farmId, fieldId);
    Map<UUID, List<EntryView>> looks = log.ofKind(farmId, LogKind.SOIL);
    List<FieldView> others =
        fields.list(farmId).stream()
            .filter(f -> !f.id().equals(fieldId) && looks.containsKey(f.id()))
            .toList();
    List<FieldView> alike =
        others.stream().filter(f -> f.texture().equals(field.texture())).toList();
    List<FieldView> near = alike.isEmpty() ? others : alike;
    List<SoilFigure> all = new ArrayList<>();
    for (EntryFigure figure : SoilYears.followed()) {
      List<SoilYears.Look> own = of(field, looks.getOrDefault(fieldId, List.of()), figure);
      if (!own.isEmpty()) {
        List<SoilYears.Look> beside = new ArrayList<>();
        near.forEach(f -> beside.addAll(of(f, looks.getOrDefault(f.id(), List.of()), figure)));
        all.add(SoilFigure.of(SoilYears.of(figure, own, beside)));
      }
    }
    return all;
  }

  private static List<SoilYears.Look> of(
      FieldView field, List<EntryView> entries, EntryFigure figure) {
    return entries.stream()
        .filter(e -> e.get(figure) != null)
        .map(e -> new SoilYears.Look(field.name(), e.doneOn(), e.told().need(figure)))
        .toList();
  }
}
