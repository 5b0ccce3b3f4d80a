package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Papers say what the screen says, on Letter and on A4, with nothing cut. */
class PaperTest {
  /** Everything on the page is on paper, and some words for certain. */
  static void whole(Page page, String... said) throws Exception {
    for (String size : Paper.SIZES) {
      Paper paper = Paper.of(page, size);
      assertThat(paper.missing()).as("cut on " + size).isEmpty();
      assertThat(paper.outside()).as("off the sheet of " + size).isEmpty();
      for (String words : said) {
        assertThat(paper.says(words)).as("%s: %s", size, words).isTrue();
      }
    }
  }

  @Test
  void theCrewsSheetSaysEveryJobWithItsCautions() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/sheet");
    page.locator("tbody tr").first().waitFor();
    whole(
        page,
        "cover crop jobs",
        "Creek Forty",
        "The label is the law",
        "Stop the power take-off",
        "done by, notes");
    assertThat(Paper.of(page, "A4").text()).doesNotContain("Withproposals");
  }

  @Test
  void theSpraySheetSaysDayRateCarrierAndTanks() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.locator("a[href*='/fields/']").first().waitFor();
    page.getByText("Creek Forty").first().click();
    page.waitForURL("**/fields/*");
    page.navigate(page.url().replaceAll("[?#].*", "") + "/end");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Spray sheet")).click();
    Locator product = page.locator("table.plain label input[type=checkbox]").first();
    product.waitFor();
    product.check();
    page.getByText("a full one covers").waitFor();
    whole(page, "of spray from a tank of", "a full tank", "Nobody in for", "The label is the law");
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Roller sheet")).click();
    page.getByText("Mass on the ground").waitFor();
    whole(page, "Mass on the ground", "off the drum", "Which way");
  }

  @ParameterizedTest
  @CsvSource({
    "/season, Heron Low",
    "/fields, Creek Forty",
    "/years, Orchard Bench",
    "/seed, Cereal rye",
    "/rules, before"
  })
  void otherPagesArePrintedWhole(String path, String said) throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate(path);
    page.getByText(said).first().waitFor();
    whole(page, said);
  }

  @ParameterizedTest
  @CsvSource({"'', Done and seen", "/job, What goes in the box"})
  void pagesOfAFieldArePrintedWhole(String path, String said) throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.getByText("Orchard Bench").first().click();
    page.waitForURL("**/fields/*");
    page.navigate(page.url().replaceAll("[?#].*", "") + path);
    page.getByText(said).first().waitFor();
    whole(page, said);
  }
}
