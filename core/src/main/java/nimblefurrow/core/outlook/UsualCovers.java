package nimblefurrow.core.outlook;

import static nimblefurrow.core.units.CsvTable.number;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.units.CsvTable;
import org.apache.commons.csv.CSVRecord;

/** Covers to think of on any field: every species alone, and mixes that many grow. */
public final class UsualCovers {
  private static final Pattern AND = Pattern.compile("\\+");

  private UsualCovers() {}

  /**
   * All of them.
   *
   * @param table species the farm knows
   * @return species in the table's order, then the mixes of {@code mixes.csv}
   */
  public static List<CoverAdvice.Candidate> of(SpeciesTable table) {
    List<CoverAdvice.Candidate> all = new ArrayList<>();
    for (Species s : table.all()) {
      all.add(new CoverAdvice.Candidate(s.name(), List.of(s), List.of(1.0)));
    }
    for (CSVRecord r : CsvTable.shipped("mixes.csv")) {
      List<Species> mix = Arrays.stream(AND.split(r.get("species"))).map(table::get).toList();
      all.add(
          new CoverAdvice.Candidate(
              name(mix), mix, Collections.nCopies(mix.size(), number(r, "share"))));
    }
    return all;
  }

  private static String name(List<Species> mix) {
    StringBuilder name = new StringBuilder(mix.get(0).name());
    for (Species s : mix.subList(1, mix.size())) {
      name.append(" with ").append(s.name().toLowerCase(Locale.ROOT));
    }
    return name.toString();
  }
}
