package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Strips from their question to their sentence, as a grower clicks. */
class TrialsTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name)).first();
  }

  private static void choose(Page page, String label, String item) {
    Browser.choose(page, page.locator(".v-select", Browser.holding(label)), item);
  }

  @Test
  void stripsAreLaidOutLoggedAndTakenAway() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/trials");
    assertThat(page.getByText("When to roll rye ahead of beans").first()).isVisible();
    assertThat(page.getByText(Pattern.compile("came to .* bu/ac more than")).first()).isVisible();
    button(page, "Lay out strips").click();
    page.getByLabel("What do you want to know?").fill("How much seed pays");
    page.keyboard().press("Enter");
    page.keyboard().press("Tab");
    choose(page, "Field", "Creek Forty");
    page.getByLabel("One way, such as what you do now").fill("half rate");
    page.getByLabel("Another way").first().fill("full rate");
    if (page.getByLabel("Another way").count() > 1) {
      button(page, "Leave C out").click();
    }
    assertThat(page.getByText(Pattern.compile("80 ft a strip"))).isVisible();
    button(page, "Shuffle and lay out").click();
    Locator card = page.locator("details.trial[open]");
    assertThat(card.locator("h2")).containsText("How much seed pays");
    assertThat(card.locator("svg g[role=button]")).hasCount(8);
    button(page, "Begin").click();
    card.getByLabel("Yield, bu/ac").fill("900,000");
    button(page, "Write down").click();
    assertThat(card.getByText(Pattern.compile("Yield must be given"))).isVisible();
    card.getByLabel("Yield, bu/ac").fill("52");
    button(page, "Write down").click();
    assertThat(card.locator(".log b")).containsText("Strip 2");
    card.getByLabel("Lost, because").fill("a wheel track");
    button(page, "Write down").click();
    assertThat(card.locator(".log b")).containsText("Strip 3");
    assertThat(card.locator("svg path.lost")).hasCount(1);
    assertThat(card.locator("summary")).containsText("6 strips to measure");
    card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take away")).click();
    assertThat(
            page.locator("details.trial")
                .filter(new Locator.FilterOptions().setHasText("How much seed pays")))
        .hasCount(0);
  }

  @Test
  void theWaysOfATrialArePlannedApartAndAreOneFieldAgain() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/trials");
    Locator card = page.locator("details.trial", Browser.holding("Drilled or flown rye")).first();
    card.locator("summary").first().click();
    card.getByText("Plan its ways apart").click();
    Locator flown = card.locator(".parts a", new Locator.LocatorOptions().setHasText("flown"));
    assertThat(flown).hasText("Mill Quarter: flown");
    assertThat(card.locator(".parts li")).hasCount(3);
    assertThat(card.locator("summary").first()).containsText("Mill Quarter, 2026");
    String there = flown.getAttribute("href");
    String told = card.locator(".ways li").first().textContent();
    card.getByText("Use these costs").click();
    assertThat(card.getByText("Use these costs")).isHidden();
    assertThat(card.locator(".ways li").first()).not().hasText(told);
    button(page, "Undo").click();
    assertThat(card.getByText("Use these costs")).isVisible();
    assertThat(card.locator(".ways li").first()).hasText(told);
    card.getByText("One field again").click();
    assertThat(card.getByText("Plan its ways apart")).isVisible();
    assertThat(card.locator(".parts li")).hasCount(0);
    org.assertj.core.api.Assertions.assertThat(there).startsWith("/fields/");
    page.navigate("/trials");
    card.locator("summary").first().click();
    assertThat(card.getByText("Plan its ways apart")).isVisible();
  }
}
