package nimblefurrow.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Counts what a hand does on a page from a place on, and the seconds until the answer stands. */
final class Taps {
  final Page page;
  private int taps;
  private int typed;
  private long began;

  Taps(Page page) {
    this.page = page;
  }

  /** Begins to count once a page stands. */
  void from(String path) {
    page.navigate(path);
    page.locator("h1").first().waitFor();
    taps = 0;
    typed = 0;
    began = System.nanoTime();
  }

  void tap(Locator what) {
    what.click();
    taps++;
  }

  void write(Locator where, String words) {
    where.fill(words);
    typed++;
  }

  Locator button(String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first();
  }

  void end(String what) {
    System.out.printf(
        "%s: %d taps, %d typed, %.1f s%n", what, taps, typed, (System.nanoTime() - began) / 1e9);
  }
}
