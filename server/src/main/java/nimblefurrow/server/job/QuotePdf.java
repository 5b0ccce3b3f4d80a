package nimblefurrow.server.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import nimblefurrow.server.support.Letters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A quote or an invoice on one page of paper. */
public final class QuotePdf {
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
      PDType0Font plain = Letters.plain(document);
      PDType0Font bold = Letters.bold(document);
      int pages = Math.max(1, (rows.size() + ROWS - 1) / ROWS);
      for (int p = 0; p < pages; p++) {
        PDPage page = new PDPage(PDRectangle.LETTER);
        document.addPage(page);
        List<Row> part = rows.subList(p * ROWS, Math.min(rows.size(), (p + 1) * ROWS));
        try (PDPageContentStream s = new PDPageContentStream(document, page)) {
          float y = 720;
          text(s, bold, 20, LEFT, y, title);
          y -= 22;
          text(s, plain, 11, LEFT, y, under);
          y -= 36;
          for (Row row : part) {
            line(s, plain, y, row);
            y -= 22;
          }
          if (p == pages - 1) {
            s.moveTo(LEFT, y + 10);
            s.lineTo(RIGHT, y + 10);
            s.stroke();
            line(s, bold, y - 10, sum);
          }
          text(s, plain, 9, LEFT, 60, foot);
        }
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private static void line(PDPageContentStream s, PDType0Font font, float y, Row row)
      throws IOException {
    float width = Letters.width(font, SIZE, Letters.known(font, row.figure()));
    // Long words are set smaller rather than over the figure.
    float room = RIGHT - LEFT - width - 12;
    float wide = Letters.width(font, SIZE, Letters.known(font, row.words()));
    float size = SIZE * Math.min(1, room / Math.max(0.01f, wide));
    text(s, font, size, LEFT, y, row.words());
    text(s, font, SIZE, RIGHT - width, y, row.figure());
  }

  private static void text(
      PDPageContentStream s, PDType0Font font, float size, float x, float y, String words)
      throws IOException {
    s.beginText();
    s.setFont(font, size);
    s.newLineAtOffset(x, y);
    s.showText(Letters.known(font, words));
    s.endText();
  }
}
