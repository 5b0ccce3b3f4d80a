package nimblefurrow.server.archive;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A farm's archive: {@value #HEAD} says what it is, and rows/TABLE.jsonl holds a table's rows, one
 * a line. Whatever else lies in it is for people and not read.
 */
final class FarmFile implements RowSource, Closeable {
  static final String HEAD = "farm.json";
  static final String FORMAT = "nimble-furrow farm";
  static final int VERSION = 1;

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final int MOST_ENTRIES = 50_000;

  /** A paper of 10 MB, two letters a byte, and what stands beside it. */
  private static final int LONGEST_ROW = 24 << 20;

  private static final long MOST_LETTERS = 2L << 30;

  private final ZipFile zip;
  private final JsonNode head;
  private long read;

  /**
   * Opens an archive.
   *
   * @throws Refused when it is none, or one of a later program
   */
  FarmFile(Path path) throws IOException {
    ZipFile opened;
    try {
      opened = new ZipFile(path.toFile(), StandardCharsets.UTF_8);
    } catch (ZipException e) {
      throw new Refused("", "This is no archive of a farm: it is no ZIP file, or half of one.");
    }
    zip = opened;
    try {
      head = head();
    } catch (RuntimeException | IOException e) {
      zip.close();
      throw e;
    }
  }

  private JsonNode head() throws IOException {
    if (zip.size() > MOST_ENTRIES) {
      throw new Refused(
          "", "It holds %,d files; an archive has fewer than 50,000.".formatted(zip.size()));
    }
    JsonNode found = null;
    String text = entry(HEAD) == null ? "" : line(HEAD);
    try {
      found = JSON.readTree(text);
    } catch (JacksonException e) {
      // said below
    }
    if (found == null || !FORMAT.equals(found.path("format").asString(""))) {
      throw new Refused(
          "", "This is no archive of a farm: its %s does not say that it is one.".formatted(HEAD));
    }
    if (found.path("version").asInt(0) != VERSION) {
      throw new Refused(
          "",
          "This archive has version %s; this program reads version %d."
              .formatted(found.path("version").asString("none"), VERSION));
    }
    return found;
  }

  private String line(String name) throws IOException {
    StringBuilder first = new StringBuilder();
    lines(name, text -> first.append(first.isEmpty() ? text : ""));
    return first.toString();
  }

  private @Nullable ZipEntry entry(String name) {
    return zip.getEntry(name);
  }

  /** The database's version when it was written. */
  int schema() {
    return head.path("schema").asInt(0);
  }

  String name() {
    return head.path("name").asString("");
  }

  /** Those who wrote something, by id. */
  Map<UUID, String> people() {
    Map<UUID, String> people = new HashMap<>();
    for (JsonNode p : head.path("people")) {
      try {
        people.put(UUID.fromString(p.path("id").asString("")), p.path("name").asString(""));
      } catch (IllegalArgumentException e) {
        throw new Refused("", "A person in its %s has an id that is none.".formatted(HEAD));
      }
    }
    return people;
  }

  @Override
  public String farm() {
    return head.path("farm").toString();
  }

  @Override
  public void each(String table, Consumer<String> row) {
    String name = "rows/" + table + ".jsonl";
    if (entry(name) == null) {
      return;
    }
    int[] number = {0};
    try {
      lines(
          name,
          text -> {
            number[0]++;
            try {
              row.accept(text);
            } catch (JacksonException e) {
              throw new Refused("", "%s, row %d: this is no row.".formatted(name, number[0]));
            }
          });
    } catch (MalformedInputException e) {
      throw new Refused("", "%s is not UTF-8.".formatted(name));
    } catch (ZipException e) {
      throw new Refused("", "%s is damaged.".formatted(name));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void lines(String name, Consumer<String> each) throws IOException {
    try (Reader in =
        new BufferedReader(
            new InputStreamReader(
                zip.getInputStream(zip.getEntry(name)), StandardCharsets.UTF_8.newDecoder()))) {
      StringBuilder line = new StringBuilder();
      for (int c = in.read(); c >= 0; c = in.read()) {
        if (++read > MOST_LETTERS) {
          throw new Refused("", "What it holds is larger than any farm.");
        }
        if (c != '\n') {
          line.append((char) c);
          if (line.length() > LONGEST_ROW) {
            throw new Refused("", "%s has a row of more than 24 MB.".formatted(name));
          }
        } else if (!line.isEmpty()) {
          each.accept(line.toString());
          line.setLength(0);
        }
      }
      if (!line.isEmpty()) {
        each.accept(line.toString());
      }
    }
  }

  @Override
  public void close() throws IOException {
    zip.close();
  }
}
