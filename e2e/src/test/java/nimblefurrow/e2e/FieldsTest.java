package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The farm's fields as a list: many changed alike, one taken off, and all of it taken back. */
class FieldsTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator row(Page page, String field) {
    return page.locator("tbody tr", Browser.holding(field));
  }

  @Test
  void severalFieldsAreChangedAlikeAndTakenBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/fields");
    assertThat(row(page, "Bluestem")).not().containsText("sandy loam");
    assertThat(row(page, "Cedar Draw")).not().containsText("sandy loam");
    row(page, "Bluestem").locator("input").check();
    row(page, "Cedar Draw").locator("input").check();
    button(page, "Change 2 …").click();
    assertThat(button(page, "Save")).isDisabled();
    Browser.choose(page, page.locator(".form .v-select", Browser.holding("Soil")), "sandy loam");
    button(page, "Save").click();
    assertThat(page.getByText("2 fields changed.")).isVisible();
    assertThat(row(page, "Bluestem")).containsText("sandy loam");
    assertThat(row(page, "Cedar Draw")).containsText("sandy loam");
    button(page, "Undo").click();
    assertThat(row(page, "Bluestem")).not().containsText("sandy loam");
    assertThat(row(page, "Cedar Draw")).not().containsText("sandy loam");
  }

  @Test
  void aFieldTakenOffIsBroughtBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/fields");
    Page beside = Browser.insideDemo(1280, 900, false);
    beside.navigate("/fields");
    assertThat(row(beside, "Dogleg")).isVisible();
    row(page, "Dogleg").getByText("Dogleg").click();
    page.waitForURL("**/fields/*-*");
    page.navigate(page.url().replaceAll("[?#].*", "") + "/edit");
    assertThat(page.getByLabel("Hazards a driver must know")).isVisible();
    button(page, "Take off the farm").click();
    assertThat(page.getByText("Dogleg is off the farm")).isVisible();
    assertThat(page.getByText("Taken off lately")).isVisible();
    assertThat(row(page, "Dogleg")).hasCount(0);
    // Whoever has the page open sees it too, without asking.
    assertThat(row(beside, "Dogleg")).hasCount(0);
    page.reload();
    button(page, "Bring Dogleg back").click();
    assertThat(page.getByText("Dogleg is back")).isVisible();
    assertThat(row(page, "Dogleg")).isVisible();
    assertThat(page.getByText("Taken off lately")).isHidden();
    assertThat(row(beside, "Dogleg")).isVisible();
  }
}
