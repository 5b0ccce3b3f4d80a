package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Choosing how a cover ends, the sheets, the hours, and the counts on a phone. */
class EndingTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aWayIsChosenWithItsWhyAndFollowedUp() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    String field = Browser.open(page, "Meadowlark");
    page.navigate(field + "/end");
    assertThat(page.getByText("Ways side by side")).isVisible();
    button(page, "Spray and leave standing").click();
    assertThat(page.getByText("insurer's date").first()).isVisible();
    button(page, "Choose this").click();
    page.getByLabel("Why, in a few words").fill("the planter cuts standing stems better");
    button(page, "Keep the choice").click();
    assertThat(page.locator("section.chosen"))
        .containsText("the planter cuts standing stems better");
    Locator first = button(page, "Take on").first();
    first.click();
    button(page, "Done").first().click();
    assertThat(page.locator(".tag", new Page.LocatorOptions().setHasText("done"))).isVisible();
    page.navigate("/endings");
    assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Meadowlark")).last())
        .containsText("the planter cuts standing stems better");
  }

  @Test
  void theSpraySheetSaysWhatBreaksAnEnteredLimit() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    String field = Browser.open(page, "Hedge Row");
    page.navigate(field + "/end");
    button(page, "Spray sheet").click();
    page.getByText("Demo systemic A").click();
    assertThat(page.getByText("a full tank")).isVisible();
    page.getByLabel("Rate, fl oz/ac").fill("90");
    assertThat(page.getByText("is outside its label").first()).isVisible();
    assertThat(page.getByText("The label is the law").first()).isVisible();
  }

  @Test
  void hoursNameWhatLimitsThemAndOpenTheReckoning() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/hours");
    page.locator(".strip button").nth(14).click();
    assertThat(page.getByText("water on stems").first()).isVisible();
    assertThat(page.locator(".reckoning")).containsText("Spraying:");
  }

  @Test
  void aCountOfKernelsSurvivesAReloadOnAPhone() throws Exception {
    Page page = Browser.insideDemo(390, 844, false);
    String field = Browser.open(page, "Hedge Row");
    page.navigate(field + "/walk");
    button(page, "Flowers").click();
    page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Milky kernel")).click();
    for (int stop = 0; stop < 3; stop++) {
      button(page, "9").click();
      button(page, "Next stop").click();
    }
    assertThat(page.getByText("surely between")).isVisible();
    page.reload();
    button(page, "Flowers").click();
    assertThat(page.getByText("At most 17 stops more")).isVisible();
  }
}
