package nimblefurrow.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import tools.jackson.databind.JsonNode;

/** Every sentence with figures that answers hold, said in both unit systems. */
final class Sentences {
  /** What no sentence may hold: loose ends, numbers of no sense, names of code, raw dates. */
  private static final List<Pattern> ODD =
      List.of(
          Pattern.compile("[{}]"),
          Pattern.compile("NaN|Infinity|null|∞"),
          Pattern.compile("[-−]0(?![.0-9])"),
          Pattern.compile("\\d{4}-\\d\\d-\\d\\d"),
          Pattern.compile("\\b[a-z]+[A-Z]\\w*"),
          Pattern.compile("\\b1 (days|years|fields|hours|weeks)\\b"),
          Pattern.compile(" {2}|\\.\\.|,,| ,| \\."),
          Pattern.compile("never · never|it half|\\b(\\w{4,}) \\1\\b"),
          Pattern.compile("\\$ ?-|\\d \\$"));

  /** A row of the season says what is next in so many words at most, days as two. */
  private static final int WORDS_OF_A_ROW = 14;

  private final Set<String> said = new TreeSet<>();
  private final Set<String> rows = new TreeSet<>();

  /** Takes all sentences out of an answer. */
  void hear(String where, JsonNode answer) {
    if (answer.isObject() && answer.has("text") && answer.has("figures")) {
      Reason reason = reason(answer);
      for (UnitSystem system : UnitSystem.values()) {
        said.add(where + " | " + reason.say(system));
      }
    }
    if (answer.path("next").has("reason")) {
      Reason next = reason(answer.at("/next/reason"));
      for (UnitSystem system : UnitSystem.values()) {
        rows.add(next.say(system));
      }
    }
    answer.forEach(part -> hear(where, part));
  }

  /** Sentences of rows that take longer to read than a glance. */
  List<String> longOnRows() {
    return rows.stream().filter(r -> r.split("\\s+").length > WORDS_OF_A_ROW).toList();
  }

  /** How many sentences of rows were heard. */
  int onRows() {
    return rows.size();
  }

  private static Reason reason(JsonNode view) {
    Reason reason = Reason.of(view.get("text").asString());
    for (String name : view.get("figures").propertyNames()) {
      JsonNode f = view.get("figures").get(name);
      if (f.has("unit")) {
        double value = f.has("value") ? f.get("value").asDouble() : Double.NaN;
        reason = reason.with(name, value, Unit.valueOf(f.get("unit").asString()));
      } else if (f.has("day")) {
        reason = reason.with(name, LocalDate.parse(f.get("day").asString()));
      } else {
        reason = reason.with(name, f.get("words").asString());
      }
    }
    return reason;
  }

  Set<String> all() {
    return said;
  }

  /** Those no grower should read, each with what is odd in it. */
  List<String> odd() {
    List<String> found = new ArrayList<>();
    for (String sentence : said) {
      for (Pattern pattern : ODD) {
        if (pattern.matcher(sentence).find()) {
          found.add(pattern + ": " + sentence);
        }
      }
    }
    return found;
  }

  void write(Path file) throws IOException {
    Files.createDirectories(file.toAbsolutePath().getParent());
    Files.write(file, said);
  }
}
