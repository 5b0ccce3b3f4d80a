package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static nimblefurrow.e2e.Browser.holding;
import static nimblefurrow.e2e.Browser.question;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The jobs a grower does, start to end. */
class GrowerTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator filter(Page page) {
    return page.getByLabel("Filter", new Page.GetByLabelOptions().setExact(true));
  }

  @Test
  void plansAFieldForAReasonAcceptsItAndTakesThePlanAway() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    page.keyboard().press("/");
    page.getByLabel("Field name").fill("home pl");
    page.keyboard().press("Enter");
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .hasText("Home Place");
    button(page, "Take up nitrogen").click();
    // One question is open at a time, each says its answer in a line.
    question(page, "How and when");
    Locator windows = page.locator(".card", holding("When it can be seeded"));
    assertThat(windows).containsText("Opens: the crop is off");
    windows.locator("[data-bar]").last().hover();
    assertThat(windows).containsText("Closes:");
    question(page, "How it ends");
    assertThat(windows).hasCount(0);
    Locator endings = page.locator(".card", holding("How it can end"));
    assertThat(endings).containsText("plant corn");
    endings.locator("[data-bar]").last().hover();
    assertThat(endings).containsText("of cover in the middle year");
    question(page, "What");
    assertThat(page.locator(".card", holding("What becomes of it")))
        .containsText(Pattern.compile("reached in.*of 30 years"));
    button(page, "Accept").click();
    assertThat(page.locator(".editor .tag")).hasText("accepted");

    button(page, "More").click();
    page.getByText("Take away", new Page.GetByTextOptions().setExact(true)).click();
    Download download =
        page.waitForDownload(
            () ->
                page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan as CSV"))
                    .click());
    assertThat(Files.readString(download.path())).contains("Home Place,accepted,takeUpNitrogen");
    page.getByText("Crew sheet").click();
    assertThat(page.locator(".sheet")).containsText("Home Place");
  }

  @Test
  void movesAMarkByKeysSeesWhatChangesKeepsAndUndoes() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    filter(page).fill("Meadowlark");
    Locator mark =
        page.getByRole(
            AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Seeding of Meadowlark"));
    assertThat(mark).hasAttribute("aria-valuetext", "2 Nov");
    mark.focus();
    page.keyboard().press("Shift+ArrowRight");
    assertThat(page.locator(".changes"))
        .containsText(Pattern.compile("Seeded 7 days later .* years"));
    page.keyboard().press("Escape");
    assertThat(mark).hasAttribute("aria-valuetext", "2 Nov");
    mark.focus();
    page.keyboard().press("ArrowRight");
    assertThat(mark).hasAttribute("aria-valuetext", "3 Nov");
    page.keyboard().press("Enter");
    assertThat(page.getByText("Kept.")).isVisible();
    page.reload();
    filter(page).fill("Meadowlark");
    assertThat(mark).hasAttribute("aria-valuetext", "3 Nov");
    button(page, "Undo").click();
    assertThat(mark).hasAttribute("aria-valuetext", "2 Nov");
  }

  @Test
  void dragsAMarkWithTheMouse() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    filter(page).fill("Ridge Road");
    Locator mark =
        page.getByRole(
            AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Seeding of Ridge Road"));
    mark.hover();
    page.mouse().down();
    var box = mark.boundingBox();
    page.mouse().move(box.x + box.width / 2 + 40, box.y + 10);
    page.mouse().up();
    assertThat(page.locator(".changes")).containsText("later");
    button(page, "Drop (Esc)").click();
    assertThat(mark).hasAttribute("aria-valuetext", "13 Oct");
  }

  @Test
  void plansOneCoverOnSeveralFieldsAtOnce() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    filter(page).fill("no cover yet");
    page.getByLabel("Choose Bluestem").check();
    page.getByLabel("Choose Upper Tile").check();
    button(page, "Plan one cover on them").click();
    button(page, "Propose").click();
    assertThat(page.getByText("Plans proposed.")).isVisible();
    filter(page).fill("bluestem");
    assertThat(page.locator(".furrow")).containsText("Cereal rye");
    button(page, "Undo").first().click();
    assertThat(page.locator(".furrow")).not().containsText("Cereal rye");
  }

  @Test
  void seesTheYearsBehindOddsAsksForAGoalAndLogsACountThatMovesTheForecast() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    filter(page).fill("Windmill");
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Windmill").setExact(true))
        .click();
    question(page, "Why");
    page.getByText("why?").first().click();
    assertThat(page.getByRole(AriaRole.DIALOG)).containsText("poorest first");
    assertThat(page.getByRole(AriaRole.DIALOG).locator("tbody tr")).hasCount(30);
    button(page, "Close").click();
    question(page, "Done and seen");
    Locator log = page.locator(".card", holding("What was done and seen"));
    Browser.choose(page, log.locator(".v-select"), "height measured");
    log.getByLabel("Height, in").fill("2");
    log.getByText("Write down").click();
    assertThat(log).containsText("moves the forecast");
    log.getByLabel("Take out: height measured").click();
    assertThat(log).not().containsText("moves the forecast");
  }

  @Test
  void theWholeFarmIsSeenAsThreadsAndStaysSo() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    Browser.choose(page, page.locator(".v-select", holding("Group by")), "name");
    page.getByLabel("Threads").click();
    Locator threads = page.locator("svg.thread");
    assertThat(threads).hasCount(29);
    assertThat(threads.first()).hasAttribute("aria-label", Pattern.compile("Season of .*: .* \\d"));
    page.reload();
    assertThat(threads).hasCount(29);
    double last = threads.last().boundingBox().y;
    org.assertj.core.api.Assertions.assertThat(last).as("all on one screen").isLessThan(800);
    // The same rows, looked at for their endings; then for odds again.
    Locator ends = page.locator(".line .odds");
    assertThat(ends.first()).not().containsText(" May");
    lookAt(page, "Endings");
    assertThat(page.locator(".line .odds", holding(" May")).first()).isVisible();
    lookAt(page, "Odds");
    assertThat(page.locator(".line .odds", holding(" May"))).hasCount(0);
    page.getByLabel("Tall rows").click();
    assertThat(threads).hasCount(0);
  }

  @Test
  void allFieldsAreLookedAtCloserToTheHoursAndForThisWeek() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    Locator days = page.locator(".axis .ticks");
    assertThat(days).containsText("Jan");
    page.locator(".levels button", holding("Month")).click();
    assertThat(days).containsText("14 Sep");
    assertThat(days).not().containsText("Jan");
    page.locator(".levels button", holding("Days")).click();
    assertThat(days).containsText("Sat 12 Sep");
    assertThat(page.locator(".axis rect.go").first()).isVisible();
    page.locator(".axis .drawn").focus();
    page.keyboard().press("0");
    assertThat(days).containsText("Jan");
    lookAt(page, "Seed this week");
    assertThat(page.locator(".grouphead .note").first())
        .containsText(Pattern.compile("h planned in \\d+"));
    assertThat(page.locator(".odds .big").first()).containsText("left");
    lookAt(page, "Odds");
  }

  private static void lookAt(Page page, String lens) {
    Browser.choose(page, page.locator(".v-select", holding("Look at")), lens);
  }

  @Test
  void theHeadOfAGroupStaysWhileItsFieldsAreScrolled() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    Locator stuck = page.locator(".stuck");
    assertThat(page.locator(".grouphead").first()).isVisible();
    assertThat(stuck).hasCount(0);
    page.locator(".scroller").evaluate("list => list.scrollTo(0, 330)");
    assertThat(stuck).isVisible();
    String first = page.locator(".stuck h2").innerText();
    page.locator(".scroller").evaluate("list => list.scrollTo(0, 1400)");
    assertThat(page.locator(".stuck h2")).not().hasText(first);
    page.locator(".scroller").evaluate("list => list.scrollTo(0, 0)");
    assertThat(stuck).hasCount(0);
  }

  @Test
  void severalPlansAreTriedAlikeAndDroppedOrKept() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    page.getByLabel("Choose all of Open now").check();
    page.getByText("Change their plans").click();
    page.getByLabel("Seed so many days later; earlier with a minus").fill("6");
    page.getByText("Try it").click();
    Locator bar = page.locator(".bar", holding("moves proposed"));
    assertThat(bar).containsText(Pattern.compile("goals met \\d+ → \\d+ of \\d+ years"));
    page.keyboard().press("Escape");
    assertThat(bar).hasCount(0);
    assertThat(page.locator(".bar", holding("fields chosen"))).isVisible();
  }

  @Test
  void theMapGoesByArrowsFromFieldToField() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    page.navigate("/map");
    Locator map = page.locator(".map");
    assertThat(page.locator(".legend li").first()).isVisible();
    map.focus();
    page.keyboard().press("ArrowRight");
    Locator picked = page.locator(".picked h2");
    String first = picked.innerText();
    page.keyboard().press("ArrowRight");
    assertThat(picked).not().hasText(first);
    String second = picked.innerText();
    page.keyboard().press("Enter");
    page.waitForURL(Pattern.compile("/fields/"));
    assertThat(page.locator("h1")).hasText(second);
  }
}
