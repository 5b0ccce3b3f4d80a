package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static nimblefurrow.e2e.Browser.holding;
import static nimblefurrow.e2e.Browser.question;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** From what to seed to what went out and came up, as a grower does it. */
class SeedingTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void ranksCoversForAFieldAndLooksAtOne() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    Browser.open(page, "Upper Tile");
    question(page, "What");
    button(page, "Rank the covers").click();
    Locator choices = page.locator(".card", holding("What to seed"));
    assertThat(choices).containsText(Pattern.compile("\\d+ of 30"));
    choices.getByText(Pattern.compile("All \\d+, with why not")).click();
    assertThat(choices).containsText("Not here:");
    choices.locator("button.link").first().click();
    assertThat(page.locator(".editor .tag")).hasText("not kept yet");
    question(page, "How and when");
    assertThat(page.locator(".card", holding("Ways side by side"))).containsText("No-till drill");
  }

  @Test
  void mendsAMixByItsWarningAndTakesItBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/seed/mix");
    page.getByLabel("Rate, lb/ac", new Page.GetByLabelOptions().setExact(true)).first().fill("60");
    Locator warnings = page.locator("aside .warnings");
    assertThat(warnings).containsText("takes over a mix");
    page.getByText("Lower it to its cap").first().click();
    assertThat(warnings).not().containsText("Cereal rye at");
    Locator rate =
        page.getByLabel("Rate, lb/ac", new Page.GetByLabelOptions().setExact(true)).first();
    assertThat(rate).hasValue("35.7");
    button(page, "Undo").first().click();
    assertThat(rate).hasValue("60");
    Locator total = page.getByLabel("Total rate, lb/ac");
    total.fill("50");
    total.press("Enter");
    total.blur();
    assertThat(rate).not().hasValue("60");
    page.getByLabel("Name of the mix").fill("Fifty pounds");
    button(page, "Keep").click();
    assertThat(page.getByText("Fifty pounds kept.")).isVisible();
  }

  @Test
  void setsTheDrillAndIsOfferedTheSettingAtTheJob() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/shed");
    page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("No-till drill")).click();
    page.getByLabel("Caught, all bags, lb").fill("1");
    page.getByLabel("Openers caught").fill("6");
    page.getByLabel("Opener spacing, ft").fill("0.625");
    page.getByLabel("Distance, ft").fill("200");
    // 1 lb from 750 ft² is 58.1 lb/ac.
    assertThat(page.locator(".answer")).hasText("58.1 lb/ac");
    page.getByLabel("Setting it was on").fill("40");
    button(page, "Keep it").click();
    assertThat(page.getByText("Kept; it is offered at the next job.")).isVisible();
    Browser.open(page, "Creek Forty");
    page.getByText("Seeding job").click();
    assertThat(page.locator(".choice").first()).containsText("40 gave 58 lb/ac");
    button(page, "Draw them").click();
    assertThat(page.locator("body")).containsText("of the field covered");
  }

  @Test
  void countsAStandOnThePhoneThatSurvivesAReload() throws Exception {
    Page page = Browser.insideDemo(390, 844, false);
    Browser.open(page, "Orchard Bench");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Count").setExact(true))
        .click();
    for (String key : new String[] {"1", "8", "Next frame", "2", "2", "Next frame"}) {
      button(page, key).click();
    }
    assertThat(page.locator("section").first()).containsText("of a usual stand");
    page.reload();
    assertThat(page.locator(".counts")).containsText("18");
    button(page, "Keep the count").click();
    assertThat(page.getByText("Kept; the forecast goes on from it.")).isVisible();
    button(page, "Flowers").click();
    for (int stop = 0; stop < 4; stop++) {
      for (String key : new String[] {"1", "Next stop"}) {
        button(page, key).click();
      }
    }
    // One head in ten in flower at four stops is far from ripe.
    assertThat(page.locator(".verdict")).hasText("Wait");
  }
}
