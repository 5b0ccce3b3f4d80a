package nimblefurrow.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
    take(desk, "season");
    filter(desk, "hold soil");
    desk.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Seeding of Lantern Hill"))
        .focus();
    desk.keyboard().press("Shift+ArrowRight");
    desk.locator(".changes").waitFor();
    take(desk, "season-move");
    desk.keyboard().press("Escape");
    field(desk, "Hedge Row");
    desk.setViewportSize(1280, 1400);
    take(desk, "field");
    desk.setViewportSize(1280, 800);
    for (String page : new String[] {"map", "fields", "weather", "take-away", "sheet", "account"}) {
      desk.navigate("/" + page);
      take(desk, page);
    }
    Page dark = Browser.insideDemo(1280, 800, true);
    take(dark, "season-dark");
    Page phone = Browser.insideDemo(390, 844, false);
    take(phone, "season-phone");
    field(phone, "Orchard Bench");
    take(phone, "field-phone");
    Page door = Browser.open(1280, 800, false);
    door.navigate("/sign-in");
    take(door, "sign-in");
  }

  private static void field(Page page, String name) {
    filter(page, name);
    page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true)).click();
    page.locator(".editor").waitFor();
  }

  private static void filter(Page page, String words) {
    page.getByLabel("Filter", new Page.GetByLabelOptions().setExact(true)).fill(words);
  }

  private static void take(Page page, String name) {
    page.locator("h1").first().waitFor();
    page.waitForTimeout(900);
    page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }
}
