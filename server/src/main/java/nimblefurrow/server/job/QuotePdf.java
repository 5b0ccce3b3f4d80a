package nimblefurrow.server.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts;

/** A quote or an invoice on one page of paper. */
public final class QuotePdf {
  private static final PDFont PLAIN = new PDType1Font(Standard14Fonts.FontName.HELVETICA);
  private static final PDFont BOLD = new PDType1Font(Standard14Fonts.FontName.HELVETICA_BOLD);
  private static final int ROWS = 26;
  private static final float SIZE = 12;
  private static final float LEFT = 64;
  private static final float RIGHT = 548;

  private QuotePdf() {}

  /** A line of the sheet: words left, a figure right. */
  public record Row(String words, String figure) {}

  /**
   * The sheet.
   *
   * @param foot small print
   */
  public static byte[] of(String title, String under, List<Row> rows, Row sum, String foot)
      throws IOException {
    try (PDDocument document = new PDDocument()) {
      int pages = Math.max(1, (rows.size() + ROWS - 1) / ROWS);
      for (int p = 0; p < pages; p++) {
        PDPage page = new PDPage(PDRectangle.LETTER);
        document.addPage(page);
        List<Row> part = rows.subList(p * ROWS, Math.min(rows.size(), (p + 1) * ROWS));
        try (PDPageContentStream s = new PDPageContentStream(document, page)) {
          float y = 720;
          text(s, BOLD, 20, LEFT, y, title);
          y -= 22;
          text(s, PLAIN, 11, LEFT, y, under);
          y -= 36;
          for (Row row : part) {
            line(s, PLAIN, y, row);
            y -= 22;
          }
          if (p == pages - 1) {
            s.moveTo(LEFT, y + 10);
            s.lineTo(RIGHT, y + 10);
            s.stroke();
            line(s, BOLD, y - 10, sum);
          }
          text(s, PLAIN, 9, LEFT, 60, foot);
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void line(PDPageContentStream s, PDFont font, float y, Row row)
      throws IOException {
    float width = width(font, row.figure()) * SIZE;
    // Long words are set smaller rather than over the figure.
    float room = RIGHT - LEFT - width - 12;
    float size = Math.min(SIZE, room / Math.max(0.01f, width(font, row.words())));
    text(s, font, size, LEFT, y, row.words());
    text(s, font, SIZE, RIGHT - width, y, row.figure());
  }

  private static float width(PDFont font, String words) throws IOException {
    return font.getStringWidth(plain(words)) / 1000;
  }

  private static void text(
      PDPageContentStream s, PDFont font, float size, float x, float y, String words)
      throws IOException {
    s.beginText();
    s.setFont(font, size);
    s.newLineAtOffset(x, y);
    s.showText(plain(words));
    s.endText();
  }

  /** The fonts every reader has know no more than Latin letters. */
  private static String plain(String words) {
    return words.replaceAll("[^\\x20-\\x7E\\xA0-\\xFF]", "?");
  }
}
