package nimblefurrow.bench;

import java.time.LocalDate;
import java.time.Month;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.apache.commons.csv.CSVRecord;

/**
 * Looks at the demonstration's soils each spring: more covers, more worms and sooner in, by luck.
 */
final class DemoSoil {
  /** Of all fields, how many have a corner where a spade goes in each spring. */
  private static final double LOOKED_AT = 0.35;

  private final Random luck;
  private final Map<String, Integer> covers = new HashMap<>();
  private final Map<String, Boolean> looked = new HashMap<>();

  DemoSoil(Random luck) {
    this.luck = luck;
  }

  /** The spring's look as an entry of the log; nothing where nobody digs. */
  String of(CSVRecord field, int season, boolean covered) {
    String name = field.get("name");
    int grown = covers.merge(name, covered ? 1 : 0, Integer::sum);
    if (!looked.computeIfAbsent(name, k -> luck.nextDouble() < LOOKED_AT)) {
      return "";
    }
    int base = field.get("texture").startsWith("sandy") ? 2 : 4;
    int worms = base + 2 * grown + luck.nextInt(3);
    int soaks = Math.max(2, 17 - 3 * grown + luck.nextInt(4));
    LocalDate on = LocalDate.of(season + 1, Month.APRIL, 8).plusDays(luck.nextInt(9));
    return String.format(
        Locale.ENGLISH,
        ";%s|soil|a spade by the lane||wormsPerSpade:%d,soakMinutes:%d",
        on,
        worms,
        soaks);
  }
}
