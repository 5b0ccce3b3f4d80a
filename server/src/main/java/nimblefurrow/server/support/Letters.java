package nimblefurrow.server.support;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Fonts for paper, shipped and embedded, and words as they can set them. */
public final class Letters {
  private static final int UNKNOWN = '?';

  private Letters() {}

  /** The usual letters, for one document. */
  public static PDType0Font plain(PDDocument document) throws IOException {
    return font(document, "DejaVuSansCondensed.ttf");
  }

  /** Bold ones. */
  public static PDType0Font bold(PDDocument document) throws IOException {
    return font(document, "DejaVuSansCondensed-Bold.ttf");
  }

  private static PDType0Font font(PDDocument document, String name) throws IOException {
    try (InputStream in =
        Objects.requireNonNull(Letters.class.getResourceAsStream("/fonts/" + name))) {
      return PDType0Font.load(document, in);
    }
  }

  /** The words with a mark in the place of each letter that the font lacks. */
  public static String known(PDType0Font font, String words) {
    StringBuilder known = new StringBuilder();
    words
        .codePoints()
        .map(c -> Character.isISOControl(c) ? ' ' : c)
        .forEach(c -> known.appendCodePoint(has(font, c) ? c : UNKNOWN));
    return known.toString();
  }

  private static boolean has(PDType0Font font, int codePoint) {
    try {
      font.encode(Character.toString(codePoint));
      return true;
    } catch (IllegalArgumentException | IOException e) {
      return false;
    }
  }

  /** The words in lines no wider than there is room; a word that is wider by itself is cut. */
  public static List<String> wrapped(PDType0Font font, float size, String words, float room)
      throws IOException {
    List<String> lines = new ArrayList<>();
    String line = "";
    for (String word : known(font, words).split(" ")) {
      String longer = line.isEmpty() ? word : line + " " + word;
      if (width(font, size, longer) <= room) {
        line = longer;
        continue;
      }
      if (!line.isEmpty()) {
        lines.add(line);
      }
      line = word;
      while (width(font, size, line) > room && line.length() > 1) {
        int fits = line.length() - 1;
        while (fits > 1 && width(font, size, line.substring(0, fits)) > room) {
          fits--;
        }
        lines.add(line.substring(0, fits));
        line = line.substring(fits);
      }
    }
    lines.add(line);
    return lines;
  }

  /** How wide the words are. */
  public static float width(PDType0Font font, float size, String words) throws IOException {
    return font.getStringWidth(words) / 1000 * size;
  }
}
