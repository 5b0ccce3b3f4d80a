package nimblefurrow.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;

/** Taps and seconds of usual entries on a phone, from its first page on. */
final class EntryFigures {
  private final Taps phone;

  private EntryFigures(Page phone) {
    this.phone = new Taps(phone);
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

  private Locator holding(String css, String words) {
    return phone.page.locator(css, new Page.LocatorOptions().setHasText(words)).first();
  }

  /** Today's first job is done. */
  private void job() {
    phone.from("/today");
    phone.tap(holding("button", "Done"));
    phone.page.getByText("Undo").first().waitFor();
    phone.end("today's job is done");
    phone.page.getByText("Undo").first().click();
  }

  /** Weeds of a field whose cover stands, rated. */
  private void rating() {
    phone.from("/today");
    phone.page.locator("a[href*='/fields/']").first().waitFor();
    Locator seeded = holding("a", "Windmill");
    if (!seeded.isVisible()) {
      phone.tap(phone.page.getByText(" more").first());
    }
    phone.tap(seeded);
    phone.page.locator("h1").first().waitFor();
    if (!phone.page.url().endsWith("/walk")) {
      phone.tap(
          phone
              .page
              .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Count"))
              .first());
    }
    phone.tap(phone.button("Weeds"));
    phone.tap(
        phone
            .page
            .getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("3").setExact(true))
            .first());
    phone.tap(phone.button("Keep the rating"));
    phone.page.getByText("Kept.").first().waitFor();
    phone.end("weeds rated");
  }

  /** A note of a few words. */
  private void note() {
    phone.from("/today");
    phone.tap(phone.page.locator("a[href*='/fields/']").first());
    Locator words = phone.page.getByLabel("In a few words");
    phone.page.locator("h1").first().waitFor();
    if (!words.isVisible()) {
      phone.tap(phone.page.getByText("Done and seen").first());
    }
    phone.write(words, "wet by the gate");
    phone.tap(phone.page.getByText("Write down").first());
    phone.page.getByText("Written down: note.").first().waitFor();
    phone.end("a note");
  }
}
