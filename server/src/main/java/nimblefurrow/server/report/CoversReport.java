package nimblefurrow.server.report;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.cover.SpeciesService;
import nimblefurrow.server.report.CoversGrown.Grown;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.seedstock.LotView;
import nimblefurrow.server.seedstock.SeedService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Covers as planned and as done: seed, dates, area, lots. */
@Component
class CoversReport implements Composer {
  private static final List<Column> COLUMNS =
      List.of(
          new Column("field", 1.3),
          new Column("area", 0.8),
          new Column("species and rate", 2.2),
          new Column("how seeded", 1.4),
          new Column("seeding planned", 1.25),
          new Column("seeded", 1.25),
          new Column("area seeded", 0.8),
          new Column("lots", 1.7),
          new Column("how ended", 1.4),
          new Column("ending planned", 1.25),
          new Column("ended", 1.25));

  private final CoversGrown covers;
  private final SpeciesService species;
  private final SeedService seed;

  CoversReport(CoversGrown covers, SpeciesService species, SeedService seed) {
    this.covers = covers;
    this.species = species;
    this.seed = seed;
  }

  @Override
  public ReportKind kind() {
    return ReportKind.COVERS;
  }

  @Override
  public ReportText compose(Asked asked) {
    UUID farm = asked.farm().id();
    SpeciesTable table = species.table(farm);
    Map<UUID, String> lots = lots(asked, farm);
    List<List<String>> rows = new ArrayList<>();
    double ha = 0;
    for (Grown g : covers.of(asked)) {
      LocalDate seeded = g.seededOn();
      if (asked.covers(seeded == null ? g.plan().seedOn() : seeded)) {
        rows.add(row(asked, table, lots, g));
        ha += g.seededHa();
      }
    }
    String title = "Covers, %s seeded".formatted(asked.say(ha, Unit.HA));
    return new ReportText(
        List.of(new ReportText.Part(title, COLUMNS, rows, "No cover falls into these days.")),
        List.of(
            "Dates and areas are the farm's own record. Confirm the latest day for ending the cover"
                + " with the insurance agent, and what is asked for with the cost-share office."));
  }

  /** What went out of each lot, by the entry of its seeding. */
  private Map<UUID, String> lots(Asked asked, UUID farm) {
    Map<UUID, LotView> all =
        seed.lots(farm).stream().collect(Collectors.toMap(LotView::id, l -> l));
    Map<UUID, String> said = new HashMap<>();
    for (SeedService.Drawn d : seed.drawn(farm)) {
      LotView lot = all.get(d.lotId());
      String name = lot == null ? "a lot that was taken out" : lot.lotNo();
      String grown =
          lot == null || lot.germination() == null
              ? ""
              : ", germinates " + asked.say(lot.germination(), Unit.SHARE);
      said.merge(
          d.logEntryId(), name + " " + asked.say(d.kg(), Unit.KG) + grown, (a, b) -> a + "; " + b);
    }
    return said;
  }

  private static List<String> row(
      Asked asked, SpeciesTable table, Map<UUID, String> lots, Grown g) {
    var ended = g.ended();
    String way = ended == null ? null : ended.entry().get(EntryName.ENDING);
    return List.of(
        g.field().name(),
        asked.say(g.areaHa(), Unit.HA),
        g.plan().components().stream()
            .map(
                c ->
                    table.get(c.species()).name()
                        + " "
                        + asked.say(c.rateKgPerHa(), Unit.KG_PER_HA))
            .collect(Collectors.joining(", ")),
        SeedingMethod.of(g.plan().method()).label(),
        ReportDays.say(g.plan().seedOn()),
        day(g.seededOn()),
        g.seedings().isEmpty() ? "" : asked.say(g.seededHa(), Unit.HA),
        g.seedings().stream()
            .map(s -> lots.getOrDefault(s.entry().id(), ""))
            .filter(s -> !s.isEmpty())
            .collect(Collectors.joining("; ")),
        EndingMethod.of(way == null ? g.plan().ending() : way).label(),
        ReportDays.say(g.plan().endOn()),
        day(ended == null ? null : ended.entry().doneOn()));
  }

  private static String day(@Nullable LocalDate day) {
    return day == null ? "not written down" : ReportDays.say(day);
  }
}
