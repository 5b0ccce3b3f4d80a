package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.paper.OrganicSeed;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.paper.PaperService;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.FarmRecord;
import org.springframework.stereotype.Component;

/** Organic fields: which seed went onto them with which papers, and what was sprayed there last. */
@Component
class OrganicReport implements Composer {
  private static final List<Column> SEED =
      List.of(
          new Column("field", 1.3),
          new Column("seeded", 1),
          new Column("lot", 1.2),
          new Column("from", 1.2),
          new Column("seed out", 0.8),
          new Column("seed", 1.1),
          new Column("papers kept", 2.2),
          new Column("to be cleared", 2.2));
  private static final List<Column> INPUTS =
      List.of(
          new Column("field", 1.4),
          new Column("area", 0.8),
          new Column("last sprayed, as far as is written down", 2.4),
          new Column("what", 3));

  private final FarmRecord record;
  private final FieldService fields;
  private final SeedService seed;
  private final PaperService papers;

  OrganicReport(FarmRecord record, FieldService fields, SeedService seed, PaperService papers) {
    this.record = record;
    this.fields = fields;
    this.seed = seed;
    this.papers = papers;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.ORGANIC;
  }

  @Override
  public ReportText compose(Asked asked) {
    UUID farm = asked.farm().id();
    List<FieldView> organic =
        fields.list(farm).stream().filter(f -> f.organic() && asked.of(f.id())).toList();
    Set<UUID> ids = organic.stream().map(FieldView::id).collect(Collectors.toSet());
    List<FarmRecord.Line> log =
        record.of(asked.farm()).stream().filter(l -> ids.contains(l.fieldId())).toList();
    return new ReportText(
        List.of(
            new ReportText.Part(
                "Seed that went onto organic fields",
                SEED,
                seedRows(asked, log),
                "No seeding of an organic field with its lots is written down in these days."),
            new ReportText.Part(
                "Sprays on organic fields",
                INPUTS,
                organic.stream().map(f -> inputs(asked, f, log)).toList(),
                "The farm has no organic field.")),
        List.of(
            "The farm's own record: what is allowed, and what else is asked for, is the certifier's to say."));
  }

  private List<List<String>> seedRows(Asked asked, List<FarmRecord.Line> log) {
    UUID farm = asked.farm().id();
    Map<UUID, LotView> lots = new HashMap<>();
    seed.lots(farm).forEach(l -> lots.put(l.id(), l));
    Map<UUID, Set<PaperKind>> kept = papers.ofLots(farm);
    Map<UUID, List<SeedService.Drawn>> drawn =
        seed.drawn(farm).stream().collect(Collectors.groupingBy(SeedService.Drawn::logEntryId));
    List<List<String>> rows = new ArrayList<>();
    for (FarmRecord.Line line : log) {
      EntryView e = line.entry();
      if (e.kind() == LogKind.SEEDED && asked.covers(e.doneOn())) {
        List<SeedService.Drawn> of = drawn.getOrDefault(e.id(), List.of());
        for (SeedService.Drawn d : of) {
          LotView lot = lots.get(d.lotId());
          if (lot != null) {
            rows.add(seedRow(asked, line, d.kg(), lot, kept.getOrDefault(lot.id(), Set.of())));
          }
        }
        if (of.isEmpty()) {
          rows.add(
              List.of(
                  line.field(),
                  ReportDays.say(e.doneOn()),
                  "",
                  "",
                  "",
                  "",
                  "",
                  "which lots went out is not written down"));
        }
      }
    }
    return rows;
  }

  private static List<String> seedRow(
      Asked asked, FarmRecord.Line line, double kg, LotView lot, Set<PaperKind> papers) {
    OrganicSeed seed = OrganicSeed.of(lot.organic(), lot.treated(), papers);
    String left = seed.reason() == null ? "" : seed.reason().say(UnitSystem.US);
    return List.of(
        line.field(),
        ReportDays.say(line.entry().doneOn()),
        lot.lotNo(),
        lot.supplier(),
        asked.say(kg, Unit.KG),
        lot.treated() ? "TREATED" : lot.organic() ? "organic" : "conventional, untreated",
        papers.stream().map(PaperKind::label).sorted().collect(Collectors.joining(", ")),
        left);
  }

  private static List<String> inputs(Asked asked, FieldView f, List<FarmRecord.Line> log) {
    LocalDate last = null;
    String what = "";
    for (FarmRecord.Line line : log) {
      EntryView e = line.entry();
      boolean sprayed = e.kind() == LogKind.SPRAYED || !e.actives().isEmpty();
      if (sprayed && line.fieldId().equals(f.id()) && !e.doneOn().isAfter(asked.to())) {
        last = e.doneOn();
        what = e.words();
      }
    }
    return List.of(
        f.name(),
        asked.say(f.areaHa(), Unit.HA),
        last == null ? "never" : ReportDays.say(last),
        what);
  }
}
