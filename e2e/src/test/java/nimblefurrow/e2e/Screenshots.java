package nimblefurrow.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;

/** Takes docs/screenshots from the demo data: run scripts/screenshots. */
final class Screenshots {
  private static final Path FOLDER = Path.of("../docs/screenshots");

  private Screenshots() {}

  /** Takes them all. */
  public static void main(String[] arguments) {
    int status = 0;
    try {
      takeAll();
    } catch (Exception e) {
      e.printStackTrace();
      status = 1;
    }
    // The server and the browser would keep the process alive.
    System.exit(status);
  }

  private static void takeAll() throws Exception {
    Page desk = Browser.insideDemo(1280, 800, false);
    filter(desk, "hold soil");
    desk.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Seeding of Lantern Hill"))
        .focus();
    desk.keyboard().press("Shift+ArrowRight");
    desk.locator(".changes").waitFor();
    take(desk, "season-move");
    desk.keyboard().press("Escape");
    Browser.open(desk, "Cedar Draw");
    desk.setViewportSize(1280, 1400);
    desk.getByText("By when must it be seeded?").waitFor();
    desk.locator(".levels button", Browser.holding("Month")).click();
    desk.locator(".axis").getByText("wanted:").waitFor();
    take(desk, "field");
    desk.setViewportSize(1280, 800);
    for (String page : new String[] {"map", "years", "trials", "seed", "shed", "learnt"}) {
      desk.navigate("/" + page);
      take(desk, page);
    }
    desk.navigate("/worth");
    desk.getByText("Cover by cover").waitFor();
    take(desk, "worth");
    desk.navigate("/season?look=odds");
    Browser.open(desk, "Lantern Hill");
    Browser.question(desk, "What");
    desk.getByText("Rank the covers").click();
    desk.getByText(java.util.regex.Pattern.compile("All \\d+, with why not")).waitFor();
    desk.getByText("What to seed").scrollIntoViewIfNeeded();
    desk.evaluate(
        "document.querySelectorAll('h2').forEach(h => h.textContent === 'What to seed' && window.scrollTo(0, h.getBoundingClientRect().top + window.scrollY - 80))");
    take(desk, "choice");
    desk.getByText("Seeding job").click();
    desk.getByText("Draw them").click();
    desk.getByText("of the field covered").waitFor();
    desk.setViewportSize(1280, 1200);
    take(desk, "job");
    desk.setViewportSize(1280, 800);
    desk.navigate("/season");
    Browser.open(desk, "Hedge Row");
    desk.navigate(desk.url() + "/end");
    desk.getByText("Ways side by side").waitFor();
    desk.setViewportSize(1280, 1300);
    take(desk, "ending");
    desk.setViewportSize(1280, 800);
    desk.navigate("/work");
    desk.getByText("Lay out the work").first().click();
    desk.getByText("Keep all").click();
    desk.getByText("jobs are done in time").waitFor();
    take(desk, "work");
    // Jobs lie over the rows once there are some.
    desk.navigate("/season?look=work");
    desk.getByLabel("Rows", new Page.GetByLabelOptions().setExact(true)).click();
    desk.locator(".levels button", Browser.holding("Month")).click();
    desk.locator(".furrowjob").first().waitFor();
    take(desk, "season-month");
    desk.getByLabel("Tall rows").click();
    desk.navigate("/today");
    desk.getByText("Since yesterday").waitFor();
    desk.locator(".morning li").first().waitFor();
    desk.setViewportSize(1280, 1100);
    take(desk, "today");
    Page dark = Browser.insideDemo(1280, 800, true);
    dark.getByLabel("Threads").click();
    Browser.choose(dark, dark.locator(".v-select", Browser.holding("Group by")), "name");
    take(dark, "season-threads");
    Page phone = Browser.insideDemo(390, 844, false);
    take(phone, "season-phone");
    Browser.open(phone, "Orchard Bench");
    take(phone, "field-phone");
    phone
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Count").setExact(true))
        .click();
    for (String key : new String[] {"1", "8", "Next frame", "2", "2", "Next frame"}) {
      phone
          .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(key).setExact(true))
          .click();
    }
    phone.getByText("of a usual stand").waitFor();
    phone.setViewportSize(390, 1100);
    take(phone, "walk-phone");
  }

  private static void filter(Page page, String words) {
    page.getByLabel("Filter", new Page.GetByLabelOptions().setExact(true)).fill(words);
  }

  private static void take(Page page, String name) {
    page.locator("h1").first().waitFor();
    // A page that is still asking is no picture of it.
    page.waitForLoadState(LoadState.NETWORKIDLE);
    page.waitForTimeout(900);
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }
}
