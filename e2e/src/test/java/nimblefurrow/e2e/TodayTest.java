package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The first page: what is to be decided, and what is typed is not dropped. */
class TodayTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  @Test
  void aPlanIsAcceptedWhereItIsAskedForAndTakenBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today")).click();
    Locator first = page.locator("li.one", Browser.holding("Accept or change")).first();
    first.waitFor();
    String field = first.locator("a").first().innerText();
    Locator accept = button(page, "Accept the plan of " + field);
    assertThat(page.getByText(Pattern.compile("things to decide"))).isVisible();
    accept.click();
    assertThat(accept).hasCount(0);
    assertThat(page.getByText(field + ": plan accepted.")).isVisible();
    button(page, "Undo").click();
    assertThat(accept).isVisible();
    assertThat(page.getByText("Since yesterday")).isVisible();
  }

  @Test
  void whatIsTypedIsNotDroppedWithoutAsking() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/fields/new");
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("South Slough");
    Locator work = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Work"));
    work.click();
    assertThat(page.getByText("What you wrote about this field is not kept yet.")).isVisible();
    button(page, "Stay here").click();
    assertThat(page).hasURL(Pattern.compile("/fields/new$"));
    assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("South Slough");
    work.click();
    button(page, "Leave without it").click();
    page.waitForURL("**/work");
  }
}
