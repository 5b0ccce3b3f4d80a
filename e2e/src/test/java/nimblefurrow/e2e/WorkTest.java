package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static nimblefurrow.e2e.Browser.holding;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.opentest4j.AssertionFailedError;

/** The work laid out on the demo farm, kept, argued with, and taken back. */
class WorkTest {
  private static final String EMPTY = "Nothing is laid out yet";
  private static final int TRIES = 4;
  private static final double PATIENCE_MS = 25_000;
  private static final LocatorAssertions.IsVisibleOptions ONCE =
      new LocatorAssertions.IsVisibleOptions().setTimeout(PATIENCE_MS);
  private static final LocatorAssertions.HasCountOptions NONE =
      new LocatorAssertions.HasCountOptions().setTimeout(PATIENCE_MS);

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /**
   * Taps until what was meant is seen. Once in a while a tap on a busy machine changed nothing and
   * it is not known why: each that has to be made again is told with what the page says then.
   */
  private static void taps(Page page, String name, Runnable seen) {
    for (int i = 0; i < TRIES; i++) {
      button(page, name).first().click();
      try {
        seen.run();
        return;
      } catch (AssertionFailedError nothing) {
        String said = page.locator(".v-snackbar").allInnerTexts().toString();
        System.err.println("WorkTest: \"" + name + "\" changed nothing; the page says " + said);
      }
    }
    seen.run();
  }

  @Test
  void aGrowerLaysOutKeepsAsksWhyAndTakesItBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/work");
    assertThat(page.getByText("Nothing is laid out yet")).isVisible();
    button(page, "Lay out the work").click();
    assertThat(page.getByText("more than taking what is due first")).isVisible();
    assertThat(page.getByText("The rush")).isVisible();
    button(page, "Keep all").click();
    assertThat(page.getByText("jobs are done in time in 8 years of 10")).isVisible();
    page.navigate("/sheets");
    page.locator(".job").first().waitFor();
    PaperTest.whole(page, "No-till drill", "loads of", "Direction:", "Stop the power take-off");
    page.goBack();
    // What is kept lies on the fields' own days, and tells who does it.
    page.navigate("/season");
    page.locator(".levels button", holding("Month")).click();
    assertThat(page.locator(".furrowjob title").first()).isAttached();
    page.goBack();
    button(page, "why here?").first().click();
    assertThat(page.getByText("as now").first()).isVisible();
    button(page, "not this one").first().click();
    assertThat(page.getByText("Settled: not by")).isVisible();
    button(page, "lift the pin").click();
    assertThat(page.getByText("Settled: not by")).isHidden();
    Page phone = Browser.insideDemo(390, 844, false);
    phone.navigate("/work");
    assertThat(phone.getByText("The next days")).isVisible();
    int wide = ((Number) phone.evaluate("document.documentElement.scrollWidth")).intValue();
    org.assertj.core.api.Assertions.assertThat(wide).isLessThanOrEqualTo(390);
    taps(page, "Undo", () -> assertThat(page.getByText(EMPTY)).isVisible(ONCE));
  }

  @Test
  void whatIsTappedWithoutASignalIsSentOnceThereIsOne() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    phone.navigate("/work");
    button(phone, "Lay out the work").click();
    button(phone, "Keep all").click();
    assertThat(phone.getByText("jobs are done in time in 8 years of 10")).isVisible();
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    // The first visit was not kept yet; the second is.
    phone.reload();
    assertThat(phone.getByText("jobs are done in time in 8 years of 10")).isVisible();

    phone.context().setOffline(true);
    phone.reload();
    button(phone, "Done").first().click();
    assertThat(phone.getByText("1 entry waits on this phone")).isVisible();
    assertThat(phone.locator(".struck").first()).isVisible();
    phone.reload();
    assertThat(phone.locator(".struck").first()).isVisible();

    phone.context().setOffline(false);
    assertThat(phone.getByText("1 entry waits on this phone")).isHidden();
    phone.reload();
    assertThat(phone.locator(".struck").first()).isVisible();
    // As it was, for the next who looks at the demo.
    taps(phone, "not done", () -> assertThat(phone.locator(".struck")).hasCount(0, NONE));
    taps(phone, "Undo", () -> assertThat(phone.getByText(EMPTY)).isVisible(ONCE));
  }

  @Test
  void aNeighbourIsWorkedForAndABrokenMachineLaysThePlanOutAgain() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/work");
    Locator neighbour = page.getByLabel("Tern Hollow, 5 fields");
    neighbour.check();
    assertThat(page.getByText("Tern Hollow is in the plan")).isVisible();
    button(page, "Lay out the work").click();
    button(page, "Keep all").click();
    assertThat(page.getByText("jobs are done in time in 8 years of 10")).isVisible();
    assertThat(page.getByText(", for Tern Hollow").first()).isVisible();
    button(page, "quote").click();
    assertThat(page.getByText("The quote on paper (PDF)")).isVisible();
    button(page, "One broke down").click();
    Browser.choose(page, page.locator(".v-select", holding("Which machine")), "No-till drill");
    page.getByLabel("to", new Page.GetByLabelOptions().setExact(true)).fill("2026-09-01");
    button(page, "It stands").click();
    assertThat(page.getByText("lies before the first")).isVisible();
    page.getByLabel("to", new Page.GetByLabelOptions().setExact(true)).fill("2026-10-30");
    page.getByLabel("Why", new Page.GetByLabelOptions().setExact(true)).fill("bearing");
    button(page, "It stands").click();
    assertThat(page.getByText("No-till drill stands from 12 Sep to 30 Oct (bearing).")).isVisible();
    assertThat(page.getByText("Laid out again by itself, because things have changed")).isVisible();

    button(page, "it runs again").click();
    neighbour.uncheck();
    assertThat(page.getByText("Tern Hollow is no longer in the plan")).isVisible();
    taps(page, "Undo", () -> assertThat(page.getByText(EMPTY)).isVisible(ONCE));
  }
}
