package nimblefurrow.server.report;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import nimblefurrow.server.support.Letters;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** A report on paper: wide pages, tables whose heads come again, the letters of most languages. */
final class ReportPdf {
  private static final float MARGIN = 40;
  private static final float SIZE = 8.5f;
  private static final float LINE = 11;
  private static final float GAP = 6;
  private static final float SHOT_WIDTH = 230;
  private static final float SHOT_HEIGHT = 190;

  private final PDDocument document = new PDDocument();
  private final PDType0Font plain;
  private final PDType0Font bold;
  private final PDRectangle paper;
  private final String heading;
  private PDPageContentStream page;
  private float y;

  private ReportPdf(String heading, boolean letter) throws IOException {
    plain = Letters.plain(document);
    bold = Letters.bold(document);
    PDRectangle upright = letter ? PDRectangle.LETTER : PDRectangle.A4;
    paper = new PDRectangle(upright.getHeight(), upright.getWidth());
    this.heading = heading;
    page = next();
  }

  /**
   * The pages.
   *
   * @param title over the first
   * @param heading number, farm and days, on each
   * @param letter paper of US size; else A4
   */
  static byte[] write(String title, String heading, ReportText text, boolean letter)
      throws IOException {
    ReportPdf pdf = new ReportPdf(heading, letter);
    try (PDDocument document = pdf.document) {
      pdf.line(pdf.bold, 15, MARGIN, title);
      pdf.y -= LINE;
      for (String caution : text.cautions()) {
        pdf.paragraph(caution);
      }
      for (ReportText.Part part : text.parts()) {
        pdf.table(part);
      }
      pdf.pictures(text.pictures());
      pdf.page.close();
      pdf.numbers();
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      document.save(bytes);
      return bytes.toByteArray();
    }
  }

  private PDPageContentStream next() throws IOException {
    if (page != null) {
      page.close();
    }
    PDPage fresh = new PDPage(paper);
    document.addPage(fresh);
    page = new PDPageContentStream(document, fresh);
    y = paper.getHeight() - MARGIN;
    line(plain, SIZE, MARGIN, heading);
    y -= LINE;
    return page;
  }

  private void room(float height) throws IOException {
    if (y - height < MARGIN + LINE) {
      next();
    }
  }

  private void line(PDType0Font font, float size, float x, String words) throws IOException {
    page.beginText();
    page.setFont(font, size);
    page.newLineAtOffset(x, y - size);
    page.showText(Letters.known(font, words));
    page.endText();
    y -= size + 3;
  }

  private void paragraph(String words) throws IOException {
    for (String l : Letters.wrapped(plain, SIZE, words, paper.getWidth() - 2 * MARGIN)) {
      room(LINE);
      line(plain, SIZE, MARGIN, l);
    }
  }

  private void table(ReportText.Part part) throws IOException {
    room(5 * LINE);
    y -= GAP;
    line(bold, 11, MARGIN, part.title());
    if (part.rows().isEmpty()) {
      paragraph(part.none());
      return;
    }
    float[] widths = widths(part.columns());
    List<String> heads = part.columns().stream().map(ReportText.Column::title).toList();
    row(bold, heads, widths);
    for (List<String> cells : part.rows()) {
      if (y - height(cells, widths) < MARGIN + LINE) {
        next();
        row(bold, heads, widths);
      }
      row(plain, cells, widths);
    }
  }

  private float[] widths(List<ReportText.Column> columns) {
    double all = columns.stream().mapToDouble(ReportText.Column::share).sum();
    float width = paper.getWidth() - 2 * MARGIN;
    float[] widths = new float[columns.size()];
    for (int i = 0; i < widths.length; i++) {
      widths[i] = (float) (width * columns.get(i).share() / all);
    }
    return widths;
  }

  private float height(List<String> cells, float[] widths) throws IOException {
    int lines = 1;
    for (int i = 0; i < cells.size(); i++) {
      lines = Math.max(lines, Letters.wrapped(plain, SIZE, cells.get(i), widths[i] - GAP).size());
    }
    return lines * LINE + 4;
  }

  private void row(PDType0Font font, List<String> cells, float[] widths) throws IOException {
    float top = y;
    float lowest = y;
    float x = MARGIN;
    for (int i = 0; i < cells.size(); i++) {
      y = top;
      for (String l : Letters.wrapped(font, SIZE, cells.get(i), widths[i] - GAP)) {
        line(font, SIZE, x, l);
      }
      lowest = Math.min(lowest, y);
      x += widths[i];
    }
    y = lowest - 1;
    page.setLineWidth(0.4f);
    page.moveTo(MARGIN, y);
    page.lineTo(paper.getWidth() - MARGIN, y);
    page.stroke();
    y -= 2;
  }

  private void pictures(List<ReportText.Shot> shots) throws IOException {
    float x = MARGIN;
    for (int i = 0; i < shots.size(); i++) {
      if (x + SHOT_WIDTH > paper.getWidth() - MARGIN + 1) {
        x = MARGIN;
        y -= SHOT_HEIGHT + 2 * LINE;
      }
      if (x == MARGIN) {
        room(SHOT_HEIGHT + 2 * LINE);
      }
      PDImageXObject image = JPEGFactory.createFromByteArray(document, shots.get(i).jpeg());
      float scale = Math.min(SHOT_WIDTH / image.getWidth(), SHOT_HEIGHT / image.getHeight());
      float high = image.getHeight() * scale;
      page.drawImage(image, x, y - high, image.getWidth() * scale, high);
      float under = y;
      y -= high + 2;
      line(plain, SIZE, x, shots.get(i).said());
      y = under;
      x += SHOT_WIDTH + GAP;
    }
  }

  /** On every page, which of how many it is. */
  private void numbers() throws IOException {
    int all = document.getNumberOfPages();
    for (int i = 0; i < all; i++) {
      try (PDPageContentStream foot =
          new PDPageContentStream(
              document, document.getPage(i), PDPageContentStream.AppendMode.APPEND, true)) {
        foot.beginText();
        foot.setFont(plain, SIZE);
        foot.newLineAtOffset(MARGIN, MARGIN - LINE);
        foot.showText("page %d of %d".formatted(i + 1, all));
        foot.endText();
      }
    }
  }
}
