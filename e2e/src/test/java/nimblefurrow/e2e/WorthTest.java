package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** Sums about money and feed, as a grower types them. */
class WorthTest {
  private static void line(Locator card, int i, String what, String likely) {
    card.getByLabel("What").nth(i).fill(what);
    card.getByLabel("Likely, $/ac").nth(i).fill(likely);
  }

  @Test
  void aChangeAndAMachineAreWeighed() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/worth");
    Locator change = page.locator(".card", Browser.holding("Does a change pay?"));
    line(change, 0, "yield", "60");
    change.getByLabel("From, $/ac").first().fill("20");
    change.getByLabel("To, $/ac").first().fill("90");
    line(change, 3, "seed", "48");
    assertThat(change.locator(".answer")).containsText("$12/ac won");
    assertThat(change).containsText("even where yield is $48/ac");
    assertThat(change.locator("rect")).hasCount(1);
    line(change, 3, "seed", "78");
    assertThat(change.locator(".answer")).containsText("$18/ac lost");

    Locator own = page.locator(".card", Browser.holding("Own or hire?"));
    own.getByLabel("Price of the machine, $").fill("60,000");
    own.getByLabel("Sold for then, $").fill("15,000");
    own.getByLabel("Fixed a year, $").fill("900");
    own.getByLabel("Fuel, wear, driver, $/ac").fill("9");
    own.getByLabel("Hired it costs, $/ac").fill("18");
    own.getByLabel("Area a year, ac").fill("100");
    assertThat(own.locator(".answer")).hasText("Hire it");
    own.getByLabel("Area a year, ac").fill("2,000");
    assertThat(own.locator(".answer")).hasText("Own it");

    Locator feed = page.locator(".card", Browser.holding("How long does it feed?"));
    feed.getByLabel("Dry cover, lb/ac").fill("3,000");
    feed.getByLabel("Area, ac").fill("50");
    feed.getByLabel("Head").fill("60");
    assertThat(feed.locator(".answer")).containsText("weeks");
    assertThat(feed).containsText("labels say");
    feed.getByLabel("Left standing, lb/ac").fill("none");
    assertThat(feed).containsText("not a number");
  }
}
