package nimblefurrow.server.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.units.Unit;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.FarmRecord;

/** An entry of the record in one line, in the reader's units. */
final class EntrySaid {
  private EntrySaid() {}

  /** Products that went out, each with its rate. */
  static List<String> products(Asked asked, EntryView entry) {
    return entry.products().stream()
        .map(p -> p.name() + " " + asked.say(p.ratePerHa(), p.unit()))
        .toList();
  }

  static String figures(Asked asked, SpeciesTable species, FarmRecord.Line line) {
    List<String> said = new ArrayList<>();
    for (Map.Entry<EntryName, String> n : line.entry().told().names().entrySet()) {
      said.add(
          n.getKey() == EntryName.SPECIES
              ? species.get(n.getValue()).name()
              : n.getKey().choices().getOrDefault(n.getValue(), n.getValue()));
    }
    for (EntryFigure f : EntryFigure.values()) {
      Double value = line.entry().get(f);
      if (value != null) {
        Unit yield = line.yieldUnit();
        Unit unit = f == EntryFigure.YIELD && yield != null ? yield : f.unit();
        said.add(f.label().toLowerCase(java.util.Locale.ROOT) + " " + asked.say(value, unit));
      }
    }
    products(asked, line.entry()).forEach(said::add);
    line.entry()
        .actives()
        .forEach((active, g) -> said.add(active + " " + asked.say(g, Unit.G_PER_HA)));
    return String.join(", ", said);
  }
}
