package nimblefurrow.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The words of the glossary are the ones in use. */
class GlossaryTest {
  private static final Path ROOT = Path.of("..");

  /** A row of the glossary. */
  private record Word(String screen, String code) {}

  private static List<Word> words() throws IOException {
    return Files.readAllLines(ROOT.resolve("docs/glossary.md")).stream()
        .filter(l -> l.startsWith("| ") && !l.startsWith("| on screen"))
        .map(l -> l.split("\\s*\\|\\s*"))
        .map(c -> new Word(c[1], c[2].replace("`", "")))
        .toList();
  }

  private static String all(String place, String... endings) throws IOException {
    StringBuilder text = new StringBuilder();
    try (Stream<Path> files = Files.walk(ROOT.resolve(place))) {
      files
          .filter(p -> Stream.of(endings).anyMatch(p.toString()::endsWith))
          .filter(p -> !p.toString().contains(".data.ts"))
          .forEach(
              p -> {
                try {
                  text.append(Files.readString(p)).append('\n');
                } catch (IOException e) {
                  throw new UncheckedIOException(e);
                }
              });
    }
    return text.toString();
  }

  @Test
  void everyNameIsInTheCode() throws IOException {
    String code = all("core/src/main/java", ".java") + all("server/src/main/java", ".java");
    List<String> gone = new ArrayList<>();
    for (Word w : words()) {
      if (!Pattern.compile("\\b" + w.code() + "\\b").matcher(code).find()) {
        gone.add(w.code());
      }
    }
    assertThat(gone).as("names of the glossary that the code does not have").isEmpty();
  }

  @Test
  void everyWordIsOnAScreen() throws IOException {
    String pages =
        (all("web/src", ".vue", ".ts") + all("core/src/main/java", ".java"))
            .toLowerCase(Locale.ROOT);
    List<String> gone = new ArrayList<>();
    int looked = 0;
    for (Word w : words()) {
      if (!w.screen().equals("—")) {
        looked++;
        if (!pages.contains(w.screen().toLowerCase(Locale.ROOT))) {
          gone.add(w.screen());
        }
      }
    }
    assertThat(looked).isGreaterThan(40);
    assertThat(gone).as("words of the glossary that neither a page nor core says").isEmpty();
  }

  @Test
  void noNameStandsTwice() throws IOException {
    assertThat(words().stream().map(Word::code)).doesNotHaveDuplicates();
  }
}
