package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A field's time is one line that is looked at from years to hours. */
class AxisTest {
  private static Page onField(String field) throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    Browser.open(page, field);
    page.locator(".axis .furrowstrip").waitFor();
    return page;
  }

  private static Locator level(Page page, String name) {
    return page.locator(".levels button", Browser.holding(name));
  }

  private static void isOn(Page page, String name) {
    assertThat(level(page, name)).hasAttribute("aria-pressed", "true");
  }

  @Test
  void itGoesFromYearsToHoursByButtonsKeysAndWheel() throws Exception {
    Page page = onField("Cedar Draw");
    Locator axis = page.locator(".axis");
    isOn(page, "Season");
    level(page, "Years").click();
    assertThat(axis.locator(".grew.cover").first()).isVisible();
    assertThat(axis.getByText("2028", new Locator.GetByTextOptions().setExact(true))).isVisible();
    level(page, "Days").click();
    assertThat(axis.getByText("Sat 12 Sep")).isVisible();
    assertThat(axis.locator("rect.go").first()).isVisible();
    level(page, "Month").click();
    assertThat(axis.locator(".bar.chosen")).hasCount(1);
    assertThat(axis.getByText("wanted:")).isVisible();

    axis.focus();
    page.keyboard().press("0");
    isOn(page, "Season");
    for (int i = 0; i < 3; i++) {
      page.keyboard().press("+");
    }
    isOn(page, "Month");
    page.keyboard().press("-");
    isOn(page, "Season");
    axis.hover();
    page.keyboard().down("Control");
    page.mouse().wheel(0, -600);
    page.keyboard().up("Control");
    isOn(page, "Month");
  }

  @Test
  void whatIsDrawnOnItTellsWhyAndIsTried() throws Exception {
    Page page = onField("Cedar Draw");
    Locator axis = page.locator(".axis");
    level(page, "Month").click();
    Locator other =
        page.locator(".axis .bar:not(.chosen)", Browser.holding("broadcast after harvest"));
    other.focus();
    Locator said = page.locator(".said");
    assertThat(said).not().containsText("Later this season");
    assertThat(said).containsText(Pattern.compile("\\d"));
    page.keyboard().press("Enter");
    assertThat(axis.locator(".bar.chosen")).containsText("broadcast after harvest");
    page.keyboard().press("Escape");
    assertThat(axis.locator(".bar.chosen")).containsText("drill after harvest");
    // A cover of the years is gone to.
    level(page, "Years").click();
    axis.locator(".grew.cover").first().click();
    page.waitForURL(Pattern.compile("link="));
  }
}
