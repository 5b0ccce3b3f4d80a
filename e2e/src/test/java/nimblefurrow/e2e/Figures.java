package nimblefurrow.e2e;

import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.util.List;
import java.util.Map;

/**
 * Measures what a grower sees of a running server: run {@code scripts/figures URL}. Prints fields
 * in sight at each height of the season, the time to the first furrow and to all in sight, frames a
 * second while the season scrolls and while it is looked at closer down to hours and back, and the
 * time to the first ending that is weighed and to all of them; then what a phone sends of a day.
 */
final class Figures {
  private static final String FRAMES =
      """
      async (millis) => {
        let frames = 0, longest = 0, last = performance.now()
        const end = last + millis
        await new Promise((done) => {
          const step = (now) => {
            frames++
            longest = Math.max(longest, now - last)
            last = now
            now < end ? requestAnimationFrame(step) : done()
          }
          requestAnimationFrame(step)
        })
        return `${Math.round((1000 * frames) / millis)} a second, the longest ${Math.round(longest)} ms`
      }
      """;
  private static final String IN_SIGHT =
      """
      () => [...document.querySelectorAll('.furrow, .line:has(.strip)')].filter((row) => {
        const box = row.getBoundingClientRect()
        return box.top >= 0 && box.bottom <= window.innerHeight
      }).length
      """;

  private Figures() {}

  /** Measures the server of an address. */
  public static void main(String[] arguments) {
    try (Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions()
                .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
      com.microsoft.playwright.Browser chromium =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(Browser.program())
                      .setArgs(List.of("--no-sandbox", "--disable-gpu")));
      Page desk = enter(chromium, arguments[0], 1280, 800);
      season(desk);
      scroll(desk);
      zoom(desk);
      endings(desk);
      PlanFigures.print(desk);
      EntryFigures.print(chromium, arguments[0]);
      PhoneFigures.print(chromium, arguments[0]);
    }
  }

  private static Page enter(
      com.microsoft.playwright.Browser chromium, String address, int width, int height) {
    Page page =
        chromium
            .newContext(
                new com.microsoft.playwright.Browser.NewContextOptions()
                    .setBaseURL(address)
                    .setViewportSize(width, height))
            .newPage();
    page.setDefaultTimeout(120_000);
    page.navigate("/");
    page.getByText("Enter the demo farm").click();
    page.waitForURL("**/today");
    return page;
  }

  private static void season(Page page) {
    for (String height : new String[] {"Tall rows", "Rows", "Threads"}) {
      page.navigate("/season");
      page.getByLabel(height, new Page.GetByLabelOptions().setExact(true)).click();
      long begun = System.currentTimeMillis();
      page.reload();
      page.locator(".furrow, .line .strip").first().waitFor();
      long all = System.currentTimeMillis() - begun;
      Object first =
          page.evaluate("() => performance.getEntriesByName('first-furrow')[0].startTime");
      System.out.printf(
          "%-10s %s in sight; first furrow %.0f ms after the page was asked for, all in sight %d ms%n",
          height, page.evaluate(IN_SIGHT), ((Number) first).doubleValue(), all);
    }
  }

  private static void scroll(Page page) {
    page.evaluate(
        "() => { const list = document.querySelector('.scroller'); let at = 0;"
            + " setInterval(() => list.scrollTo(0, (at += 40) % list.scrollHeight), 16) }");
    System.out.println("scrolling the season: " + page.evaluate(FRAMES, 3000));
  }

  private static void zoom(Page page) {
    page.navigate("/season");
    page.getByLabel("Tall rows").click();
    page.locator(".furrow").first().waitFor();
    page.evaluate(
        "() => { const axis = document.querySelector('.axis .drawn'); let n = 0;"
            + " setInterval(() => axis.dispatchEvent(new KeyboardEvent('keydown',"
            + " { key: n++ % 24 < 12 ? '+' : '-', bubbles: true })), 120) }");
    System.out.println("from the season to hours and back: " + page.evaluate(FRAMES, 6000));
  }

  private static void endings(Page page) {
    long begun = System.currentTimeMillis();
    page.navigate("/endings");
    page.locator("td.n", Browser.holding(" of ")).first().waitFor();
    long first = System.currentTimeMillis() - begun;
    page.getByText("Stop", new Page.GetByTextOptions().setExact(true))
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.HIDDEN));
    System.out.printf(
        "endings: the first weighed after %d ms, all after %d ms%n",
        first, System.currentTimeMillis() - begun);
  }
}
