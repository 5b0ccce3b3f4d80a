package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Nitrogen for the next crop, and animals on a cover, as a grower looks and types. */
class FeedTest {
  private static Locator card(Page page, String title) {
    return page.locator("section.card", Browser.holding(title));
  }

  private static void keep(Locator card) {
    card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep")).click();
  }

  @Test
  void nitrogenHasItsSourcesAndFeedingIsWeighed() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/season");
    Browser.open(page, "Orchard Bench");
    Browser.question(page, "How it ends");
    Locator nitrogen = card(page, "Nitrogen for corn");
    assertThat(nitrogen.locator(".credit"))
        .hasText(Pattern.compile("Corn needs \\d+ lb/ac less than it would, worth \\$\\d+/ac.*"));
    assertThat(nitrogen).containsText("Surer with a nitrate test");
    nitrogen.getByLabel("Nitrogen on it, lb/ac").fill("40");
    assertThat(nitrogen).containsText(Pattern.compile("About 6\\d0 lb/ac more for \\$\\d+/ac"));
    nitrogen.getByLabel("Nitrogen on it, lb/ac").fill("140");
    assertThat(nitrogen).containsText("grows no more cover");
  }

  @Test
  void aGroupGoesOnACoverAndOffAgain() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/season");
    Browser.open(page, "Far Corner");
    Browser.question(page, "How it ends");
    Locator grazing = card(page, "Who grazes it, and when");
    assertThat(grazing).containsText("30 heifers, 26 Apr to 8 May");
    grazing.getByText("Add a group").click();
    grazing.getByLabel("Group").fill("old cows");
    grazing.getByLabel("In", new Locator.GetByLabelOptions().setExact(true)).fill("2027-05-05");
    grazing.getByLabel("Out").fill("2027-05-01");
    keep(grazing);
    assertThat(grazing).containsText("before the day they come");
    grazing.getByLabel("Out").fill("2027-05-14");
    keep(grazing);
    assertThat(grazing).containsText("40 old cows, 5 May to 14 May");
    assertThat(grazing).containsText("Not 11 May to 14 May: the cover is ended on 10 May");
    assertThat(grazing.locator("svg .barred")).hasCount(1);
    grazing
        .locator(".group", new Locator.LocatorOptions().setHasText("old cows"))
        .getByText("take off")
        .click();
    assertThat(grazing).not().containsText("old cows");
  }
}
