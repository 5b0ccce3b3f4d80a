package nimblefurrow.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Taps and seconds of usual entries on a phone, from its first page on. */
final class EntryFigures {
  private final Page phone;
  private int taps;
  private int typed;
  private long began;

  private EntryFigures(Page phone) {
    this.phone = phone;
  }

  static void print(Browser chromium, String address) {
    Page phone =
        chromium
            .newContext(
                new Browser.NewContextOptions()
                    .setBaseURL(address)
                    .setViewportSize(390, 844)
                    .setHasTouch(true))
            .newPage();
    phone.navigate("/");
    phone.getByText("Enter the demo farm").click();
    phone.waitForURL("**/today");
    EntryFigures figures = new EntryFigures(phone);
    figures.rating();
    figures.note();
    figures.job();
  }

  private void begin() {
    phone.navigate("/today");
    phone.locator("h1").first().waitFor();
    taps = 0;
    typed = 0;
    began = System.nanoTime();
  }

  private void tap(Locator what) {
    what.click();
    taps++;
  }

  private Locator button(String name) {
    return phone
        .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first();
  }

  private void end(String what) {
    System.out.printf(
        "%s: %d taps, %d typed, %.1f s%n", what, taps, typed, (System.nanoTime() - began) / 1e9);
  }

  /** Today's first job is done. */
  private void job() {
    begin();
    tap(phone.locator("button", nimblefurrow.e2e.Browser.holding("Done")).first());
    phone.getByText("Undo").first().waitFor();
    end("today's job is done");
  }

  /** Weeds of a field that stands on the first page, rated. */
  private void rating() {
    begin();
    Locator seeded = phone.locator("a", nimblefurrow.e2e.Browser.holding("Windmill")).first();
    phone.locator("a[href*='/fields/']").first().waitFor();
    if (!seeded.isVisible()) {
      tap(phone.getByText(" more").first());
    }
    tap(seeded);
    phone.locator("h1").first().waitFor();
    if (!phone.url().endsWith("/walk")) {
      tap(phone.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Count")).first());
    }
    tap(button("Weeds"));
    tap(
        phone
            .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("3").setExact(true))
            .first());
    tap(button("Keep the rating"));
    phone.getByText("Kept.").first().waitFor();
    end("weeds rated");
  }

  /** A note of a few words. */
  private void note() {
    begin();
    tap(phone.locator("a[href*='/fields/']").first());
    Locator words = phone.getByLabel("In a few words");
    phone.locator("h1").first().waitFor();
    if (!words.isVisible()) {
      tap(phone.getByText("Done and seen").first());
    }
    words.fill("wet by the gate");
    typed++;
    tap(phone.getByText("Write down").first());
    phone.getByText("Written down: note.").first().waitFor();
    end("a note");
  }
}
