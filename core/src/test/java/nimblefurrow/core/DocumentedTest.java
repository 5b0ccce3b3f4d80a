package nimblefurrow.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.stream.Stream;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What anyone may call says what it takes, what it answers and when it refuses. */
class DocumentedTest {
  private static final Path MAIN = Path.of("src/main/java");

  @TempDir Path out;

  @Test
  void publicMethodsSayWhatTheyTakeAnswerAndRefuse() throws IOException {
    assertThat(missing(MAIN)).as("documentation that is missing").isEmpty();
  }

  @Test
  void whatIsMissingIsFound() throws IOException {
    Path one = Files.createDirectories(out.resolve("one"));
    Files.writeString(
        one.resolve("Bare.java"),
        "/** Bare. */\npublic class Bare {\n  /** Says. */\n"
            + "  public int say(int it) {\n    return it;\n  }\n}\n");
    assertThat(missing(one)).hasSize(2).allMatch(m -> m.startsWith("Bare.java:4: no @"));
  }

  private List<String> missing(Path sources) throws IOException {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    DiagnosticCollector<JavaFileObject> told = new DiagnosticCollector<>();
    try (StandardJavaFileManager files = compiler.getStandardFileManager(told, Locale.ROOT, null);
        Stream<Path> all = Files.walk(sources)) {
      List<Path> java = all.filter(p -> p.toString().endsWith(".java")).toList();
      List<String> options =
          List.of(
              "-proc:none",
              "-Xdoclint:missing/public",
              "-Xmaxwarns",
              "10000",
              "-d",
              out.toString(),
              "-cp",
              System.getProperty("java.class.path"));
      compiler
          .getTask(null, files, told, options, null, files.getJavaFileObjectsFromPaths(java))
          .call();
    }
    return told.getDiagnostics().stream()
        .filter(d -> d.getKind() != Diagnostic.Kind.NOTE)
        .filter(d -> d.getSource() != null)
        .filter(d -> !d.getMessage(Locale.ROOT).startsWith("no comment"))
        .filter(d -> !ofARecord(d))
        .map(
            d ->
                "%s:%d: %s"
                    .formatted(
                        Path.of(d.getSource().getName()).getFileName(),
                        d.getLineNumber(),
                        d.getMessage(Locale.ROOT)))
        .toList();
  }

  /** A compact constructor takes the record's parts, which the record describes. */
  private static boolean ofARecord(Diagnostic<? extends JavaFileObject> d) {
    try {
      String line =
          Objects.requireNonNull(d.getSource())
              .getCharContent(true)
              .toString()
              .lines()
              .skip(d.getLineNumber() - 1)
              .findFirst()
              .orElse("");
      return line.matches("\\s*public [A-Z]\\w* \\{");
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }
}
