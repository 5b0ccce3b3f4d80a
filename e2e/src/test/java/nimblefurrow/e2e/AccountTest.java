package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What covers cost and bring, from the farm down to a line. */
class AccountTest {
  private static Locator.LocatorOptions inside(String text) {
    return new Locator.LocatorOptions().setHasText(text);
  }

  private static void choose(Page page, Locator in, String label, String item) {
    Browser.choose(page, in.locator(".v-select", inside(label)), item);
  }

  @Test
  void theFarmsCoversAndOneFieldsAccountWithALineOfItsOwn() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/worth");
    Locator farm = page.locator(".card", Browser.holding("What covers cost and bring"));
    assertThat(farm.locator(".sum")).containsText(Pattern.compile("Cost \\$\\d+/ac"));
    choose(page, farm, "By", "Way of ending");
    assertThat(farm.locator("td.name").first()).isVisible();
    assertThat(farm.getByText("Roll with the planter").first()).isVisible();
    choose(page, farm, "By", "Landlord");
    assertThat(farm.getByText("The neighbour")).isVisible();

    farm.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Orchard Bench")).click();
    page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Done and seen")))
        .click();
    Locator card = page.locator("section.card", Browser.holding("What it costs and brings"));
    assertThat(card).containsText("planting waits for it until");
    String before = card.locator(".sum").innerText();
    card.getByText("Something else it saves, costs or brings").click();
    card.getByLabel("What").fill("one spray pass saved");
    card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep")).click();
    assertThat(card).containsText("Say how much");
    card.getByLabel("As planned, $/ac").fill("16");
    card.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep")).click();
    assertThat(card).containsText("one spray pass saved");
    assertThat(card.locator(".sum")).not().hasText(before);
    card.getByText("take out").click();
    assertThat(card.locator(".sum")).hasText(before);
  }

  @Test
  void aPriceIsTheFarmsWithWhereItIsFromUntilItGoesBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/rules");
    Locator book = page.locator("section.card", Browser.holding("Price book"));
    Locator hay = book.locator("tr", inside("Hay, dry"));
    book.getByLabel("Change hay, dry").click();
    book.getByLabel("Hay, dry, $/ton").fill("150");
    book.getByLabel("Where it is from").fill("auction at the county seat");
    book.getByText("Keep").click();
    assertThat(hay).containsText("$150/ton");
    assertThat(hay).containsText("auction at the county seat");
    hay.getByText("as it ships").click();
    assertThat(hay).containsText("$127/ton");
  }
}
