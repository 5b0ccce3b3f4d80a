package nimblefurrow.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Media;
import java.io.IOException;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;

/**
 * A page as it comes out of the printer.
 *
 * @param pages how many sheets
 * @param text what can be read on them, without spaces
 * @param missing words of the page that are on no sheet
 * @param outside letters that stand off the sheet
 */
record Paper(int pages, String text, List<String> missing, List<String> outside) {
  /** Letter and A4, as browsers name them. */
  static final List<String> SIZES = List.of("Letter", "A4");

  /** All text in sight but that of drawings, whose names give way to each other. */
  private static final String WORDS =
      """
      () => {
        const drawings = [...document.querySelectorAll('svg')]
        drawings.forEach((d) => (d.style.visibility = 'hidden'))
        const words = document.body.innerText
        drawings.forEach((d) => (d.style.visibility = ''))
        return words
      }
      """;

  /** Prints what a window shows. */
  static Paper of(Page page, String size) throws IOException {
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    String shown = page.evaluate(WORDS).toString();
    byte[] pdf =
        page.pdf(
            new Page.PdfOptions()
                .setFormat(size)
                .setMargin(
                    new com.microsoft.playwright.options.Margin()
                        .setTop("12mm")
                        .setBottom("12mm")
                        .setLeft("12mm")
                        .setRight("12mm")));
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    try (PDDocument document = Loader.loadPDF(pdf)) {
      Reader reader = new Reader();
      String text = packed(reader.getText(document));
      Set<String> missing = new LinkedHashSet<>();
      Arrays.stream(shown.split("\\s+"))
          .map(Paper::packed)
          .filter(w -> !text.contains(w))
          .forEach(missing::add);
      return new Paper(
          document.getNumberOfPages(), text, List.copyOf(missing), List.copyOf(reader.outside));
    }
  }

  /** Whether some words stand on it, wherever lines break. */
  boolean says(String words) {
    return text.contains(packed(words));
  }

  private static String packed(String text) {
    return text.replaceAll("[\\s\\u00a0\\u202f]+", "");
  }

  /** Reads the text and remembers which of it stands off the sheet. */
  private static final class Reader extends PDFTextStripper {
    private final Set<String> outside = new LinkedHashSet<>();

    @Override
    protected void processTextPosition(TextPosition letter) {
      float right = letter.getXDirAdj() + letter.getWidthDirAdj();
      if (letter.getXDirAdj() < 0
          || right > getCurrentPage().getMediaBox().getWidth()
          || letter.getYDirAdj() > getCurrentPage().getMediaBox().getHeight()) {
        outside.add(letter.getUnicode() + " at " + letter.getXDirAdj());
      }
      super.processTextPosition(letter);
    }
  }
}
