package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Work beside covers, as a grower writes it down, and people's weeks. */
class OwnJobsTest {
  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name)).first();
  }

  @Test
  void otherWorkIsWrittenDownCorrectedAndTakenOut() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/work");
    Locator card = page.locator("section.card", Browser.holding("Other work"));
    assertThat(card).containsText("Haul out the heifers' straw");
    button(card, "Add work").click();
    Locator form = card.locator("form");
    Browser.choose(
        page,
        form.locator(".v-select", new Locator.LocatorOptions().setHasText("Work")),
        "Spread fertiliser");
    form.getByLabel("Field").first().fill("Bluestem");
    page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Bluestem")).click();
    form.getByLabel("In your words").fill("potash on the hill");
    form.getByLabel("Not before").fill("2026-11-20");
    button(form, "Keep").click();
    assertThat(form).containsText("Say how many hours it takes");
    form.getByLabel("Hours it takes").fill("3");
    button(form, "Keep").click();
    Locator job =
        card.locator(".job", new Locator.LocatorOptions().setHasText("Potash on the hill"));
    assertThat(job).containsText("Bluestem");
    assertThat(job).containsText("20 Nov to 4 Dec");
    assertThat(job).containsText("not laid out yet");
    job.getByLabel("Take out: Potash on the hill").click();
    assertThat(job).hasCount(0);
  }

  @Test
  void someoneWorksOtherHoursOnAFriday() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/work");
    Locator card = page.locator("section.card", Browser.holding("Add someone"));
    assertThat(card).containsText("30 h a week: 6 h Mon to Fri");
    button(card, "Add someone").click();
    card.getByLabel("Name").fill("Wren");
    for (String day : new String[] {"Mon", "Tue", "Wed", "Sat"}) {
      card.getByLabel(day).fill("0");
    }
    card.getByLabel("Fri").fill("4");
    button(card, "Keep").click();
    assertThat(card).containsText("14 h a week: 10 h Thu, 4 h Fri");
    button(card, "Wren").click();
    button(card, "Take off the crew").click();
    assertThat(card).not().containsText("Wren");
  }
}
