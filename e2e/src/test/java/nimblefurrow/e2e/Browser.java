package nimblefurrow.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import nimblefurrow.server.App;

/** Debian's Chromium, started once for all tests of a run. */
final class Browser {
  private static final int PATIENCE_MS = 90_000;
  private static final int TRIES = 10;
  private static final List<String> QUIET =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          // Letters as a screen draws them: hinted to whole pixels, words run together.
          "--font-render-hinting=none",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  private static com.microsoft.playwright.Browser chromium;
  private static final List<BrowserContext> OPEN = new ArrayList<>();

  private Browser() {}

  /**
   * Debian's browser that never had a window, which is less to run; else the one whose window is
   * left out.
   */
  static Path program() {
    Path small = Path.of("/usr/bin/chromium-headless-shell");
    return Files.isExecutable(small) ? small : Path.of("/usr/bin/chromium");
  }

  /** A fresh window on the demo, not signed in. */
  static Page open(int width, int height, boolean dark) throws Exception {
    return open(width, height, dark, ServiceWorkerPolicy.BLOCK);
  }

  private static Page open(int width, int height, boolean dark, ServiceWorkerPolicy workers)
      throws Exception {
    if (chromium == null) {
      // Five seconds, the library's own, is too short for a busy two-core machine.
      PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
      Playwright playwright =
          Playwright.create(
              new Playwright.CreateOptions()
                  .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
      chromium =
          playwright
              .chromium()
              .launch(new BrowserType.LaunchOptions().setExecutablePath(program()).setArgs(QUIET));
    }
    BrowserContext context =
        chromium.newContext(
            new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(App.demo().address())
                .setViewportSize(width, height)
                .setColorScheme(dark ? ColorScheme.DARK : ColorScheme.LIGHT)
                .setServiceWorkers(workers)
                .setAcceptDownloads(true));
    context.setDefaultTimeout(PATIENCE_MS);
    OPEN.add(context);
    return context.newPage();
  }

  /** Closes all windows. */
  static void closeAll() {
    OPEN.forEach(BrowserContext::close);
    OPEN.clear();
  }

  /** A window inside the demo farm, on its season. */
  static Page insideDemo(int width, int height, boolean dark) throws Exception {
    return enter(open(width, height, dark));
  }

  /** A phone inside the demo farm that may keep pages for when there is no signal. */
  static Page phoneThatKeeps() throws Exception {
    return enter(open(390, 844, false, ServiceWorkerPolicy.ALLOW));
  }

  private static Page enter(Page page) {
    page.navigate("/");
    page.getByText("Enter the demo farm").click();
    page.waitForURL("**/today");
    page.navigate("/season");
    page.locator(".furrow").first().waitFor();
    return page;
  }

  /** Opens one of a field's five questions, unless it is open already. */
  static void question(Page page, String title) {
    Locator ask =
        page.locator(
            ".ask", new Page.LocatorOptions().setHas(page.locator(".title", exactly(title))));
    ask.waitFor();
    if (ask.getAttribute("aria-expanded").equals("false")) {
      ask.click();
    }
    PlaywrightAssertions.assertThat(ask).hasAttribute("aria-expanded", "true");
  }

  /**
   * Chooses from a drop-down list. One that is still closing from the last choice shows its items
   * and takes them away under the click, or takes the click and no choice, so it is opened and
   * chosen from until it shows what was chosen.
   */
  static void choose(Page page, Locator list, String item) {
    Locator option =
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(item)).first();
    Locator chosen = list.filter(new Locator.FilterOptions().setHasText(item)).first();
    double once = PATIENCE_MS / (double) TRIES;
    for (int i = 0; i < TRIES; i++) {
      if (!option.isVisible()) {
        list.first().click();
      }
      try {
        option.click(new Locator.ClickOptions().setTimeout(once));
        chosen.waitFor(new Locator.WaitForOptions().setTimeout(once));
        return;
      } catch (TimeoutError shut) {
        // Shut meanwhile; the next click opens it.
      }
    }
    throw new AssertionError("no " + item + " to choose");
  }

  private static Page.LocatorOptions exactly(String text) {
    return new Page.LocatorOptions().setHasText(Pattern.compile("^" + text + "$"));
  }

  /** Opens a field by its name, as a desk and a phone both can; its address. */
  static String open(Page page, String field) {
    page.getByLabel("Find a field").first().click();
    page.getByLabel("Field name").fill(field);
    page.locator(".v-dialog .list button", holding(field)).first().click();
    page.locator(".editor").waitFor();
    return page.url();
  }

  /** That holds some words. */
  static Page.LocatorOptions holding(String words) {
    return new Page.LocatorOptions().setHasText(words);
  }
}
