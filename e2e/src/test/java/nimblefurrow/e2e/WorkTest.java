package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static nimblefurrow.e2e.Browser.holding;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The work laid out on the demo farm, kept, argued with, and taken back. */
class WorkTest {
  private static final String EMPTY = "Nothing is laid out yet";

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  /** That of the work, not that of what the page has just said. */
  private static Locator undo(Page page) {
    return page.locator("header")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo").setExact(true));
  }

  @Test
  void aGrowerLaysOutKeepsAsksWhyAndTakesItBack() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/work");
    assertThat(page.getByText(EMPTY)).isVisible();
    button(page, "Lay out the work").click();
    assertThat(page.getByText("more than taking what is due first")).isVisible();
    assertThat(page.getByText("The rush")).isVisible();
    button(page, "Keep all").click();
    assertThat(page.getByText("jobs are done in time in 8 years of 10")).isVisible();
    // What is kept lies along the days, closer and farther away.
    Locator axis = page.locator(".axis");
    assertThat(axis.locator(".stint").first()).isVisible();
    assertThat(axis.getByText("No-till drill")).isVisible();
    page.locator(".levels button", holding("Days")).click();
    assertThat(axis.locator("rect.go").first()).isAttached();
    assertThat(axis.getByText("Sat 12 Sep")).isVisible();
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
    undo(page).click();
    assertThat(page.getByText(EMPTY)).isVisible();
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
    String field = phone.locator(".job", holding("Done")).first().locator("a").first().innerText();
    Locator job = phone.locator(".job", holding(field));
    button(phone, "Done").first().click();
    assertThat(phone.getByText("1 entry waits on this phone")).isVisible();
    assertThat(job.locator(".struck").first()).isVisible();
    phone.reload();
    assertThat(job.locator(".struck").first()).isVisible();

    phone.context().setOffline(false);
    assertThat(phone.getByText("1 entry waits on this phone")).isHidden();
    phone.reload();
    assertThat(job.locator(".struck").first()).isVisible();
    // As it was, for the next who looks at the demo.
    job.getByText("not done").first().click();
    assertThat(job.locator(".struck")).hasCount(0);
    undo(phone).click();
    assertThat(phone.getByText(EMPTY)).isVisible();
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
    undo(page).click();
    assertThat(page.getByText(EMPTY)).isVisible();
  }
}
