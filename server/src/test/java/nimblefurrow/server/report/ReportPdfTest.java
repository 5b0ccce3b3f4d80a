package nimblefurrow.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import nimblefurrow.server.picture.CameraPicture;
import nimblefurrow.server.report.ReportText.Column;
import nimblefurrow.server.report.ReportText.Part;
import nimblefurrow.server.report.ReportText.Shot;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** Reports on paper: nothing is cut, heads come again, letters of most languages are set. */
class ReportPdfTest {
  private static final List<Column> TWO = List.of(new Column("day", 1), new Column("what", 3));

  private static PDDocument pdf(List<Part> parts, List<Shot> shots, boolean letter)
      throws Exception {
    ReportText text = new ReportText(parts, List.of("Confirm it with the office."), shots);
    return Loader.loadPDF(ReportPdf.write("Field record", "Farm · report 3", text, letter));
  }

  private static String text(PDDocument pdf, int page) throws Exception {
    PDFTextStripper stripper = new PDFTextStripper();
    stripper.setStartPage(page);
    stripper.setEndPage(page);
    return stripper.getText(pdf);
  }

  @Test
  void aLongTableGoesOnWithItsHeadAndNoRowIsLost() throws Exception {
    List<List<String>> rows = new ArrayList<>();
    for (int i = 0; i < 120; i++) {
      rows.add(List.of("day " + i, "what was done, number " + i));
    }
    try (PDDocument pdf = pdf(List.of(new Part("Ridge", TWO, rows, "")), List.of(), true)) {
      int pages = pdf.getNumberOfPages();
      assertThat(pages).isGreaterThan(2);
      StringBuilder all = new StringBuilder();
      for (int p = 1; p <= pages; p++) {
        String page = text(pdf, p);
        all.append(page);
        assertThat(page).contains("day what").contains("Farm · report 3");
        assertThat(page).contains("page %d of %d".formatted(p, pages));
      }
      for (int i = 0; i < 120; i++) {
        assertThat(all).contains("number " + i + "\n");
      }
      assertThat(all).contains("Confirm it with the office.");
    }
  }

  @Test
  void longWordsAreWrappedAndNoneIsCutOff() throws Exception {
    String many = "thick ".repeat(60) + "end";
    String one = "x".repeat(400);
    List<List<String>> rows = List.of(List.of(one, many));
    try (PDDocument pdf = pdf(List.of(new Part("Ridge", TWO, rows, "")), List.of(), false)) {
      String text = text(pdf, 1);
      assertThat(text.split("thick", -1)).hasSize(61);
      assertThat(text.chars().filter(c -> c == 'x').count()).isEqualTo(400);
    }
  }

  @Test
  void lettersOfOtherLanguagesAreSetAndUnknownOnesAreMarked() throws Exception {
    List<List<String>> rows = List.of(List.of("Łąka Müller", "Озеро ñandú € ≥ 田"));
    try (PDDocument pdf = pdf(List.of(new Part("Ridge", TWO, rows, "")), List.of(), false)) {
      assertThat(text(pdf, 1)).contains("Łąka Müller").contains("Озеро ñandú € ≥ ?");
      for (var name : pdf.getPage(0).getResources().getFontNames()) {
        PDFont font = pdf.getPage(0).getResources().getFont(name);
        assertThat(font.isEmbedded()).isTrue();
      }
    }
  }

  @Test
  void paperIsTheReadersAndAnEmptyTableSaysSo() throws Exception {
    Part none = new Part("Sprays", TWO, List.of(), "Nothing was sprayed.");
    try (PDDocument us = pdf(List.of(none), List.of(), true);
        PDDocument metric = pdf(List.of(none), List.of(), false)) {
      assertThat(us.getPage(0).getMediaBox().getWidth()).isEqualTo(792);
      assertThat(metric.getPage(0).getMediaBox().getWidth()).isBetween(841f, 842f);
      assertThat(text(us, 1)).contains("Nothing was sprayed.").doesNotContain("day what");
    }
  }

  @Test
  void picturesComeBehindWithTheirWords() throws Exception {
    Shot[] shots = new Shot[9];
    Arrays.setAll(shots, i -> new Shot("shot " + i, CameraPicture.bare(400, 300)));
    try (PDDocument pdf = pdf(List.of(), List.of(shots), true)) {
      int images = 0;
      StringBuilder all = new StringBuilder();
      for (int p = 0; p < pdf.getNumberOfPages(); p++) {
        all.append(text(pdf, p + 1));
        for (var name : pdf.getPage(p).getResources().getXObjectNames()) {
          assertThat(pdf.getPage(p).getResources().isImageXObject(name)).isTrue();
          images++;
        }
      }
      assertThat(images).isEqualTo(9);
      for (int i = 0; i < 9; i++) {
        assertThat(all).contains("shot " + i);
      }
    }
  }
}
