package nimblefurrow.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** Clicks and seconds of deciding for several fields at a desk; what was decided is taken back. */
final class PlanFigures {
  private static final List<String> FIVE =
      List.of("Heron Low", "Killdeer West", "Section Nine low", "Section Nine top", "Creek Forty");

  private final Taps desk;

  private PlanFigures(Page desk) {
    this.desk = new Taps(desk);
  }

  static void print(Page desk) {
    PlanFigures figures = new PlanFigures(desk);
    figures.accept();
    figures.ending();
  }

  private void choose(List<String> fields) {
    for (String field : fields) {
      desk.tap(
          desk.page.getByLabel("Choose " + field, new Page.GetByLabelOptions().setExact(true)));
    }
  }

  private void takeBack() {
    desk.page.locator(".v-snackbar").getByText("Undo").first().click();
  }

  private void season() {
    desk.page.navigate("/season");
    desk.page.getByLabel("Threads", new Page.GetByLabelOptions().setExact(true)).click();
    desk.from("/season");
    desk.page.getByLabel("Choose " + FIVE.get(0)).waitFor();
  }

  private void accept() {
    season();
    choose(FIVE);
    desk.tap(desk.button("Accept their plans"));
    desk.page.locator(".v-snackbar").getByText("Undo").first().waitFor();
    desk.end("plans of five fields accepted");
    takeBack();
  }

  private void ending() {
    season();
    choose(FIVE.subList(0, 3));
    desk.tap(desk.button("Change their plans"));
    desk.tap(desk.page.locator(".v-dialog .v-select", Browser.holding("How it ends")));
    Locator ways = desk.page.locator(".v-overlay--active .v-list-item");
    desk.tap(ways.filter(new Locator.FilterOptions().setHasText("plant green")).first());
    desk.tap(desk.button("Try it"));
    Locator keep =
        desk.page.getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep (Enter)").setExact(true));
    keep.waitFor();
    desk.tap(keep);
    desk.page.locator(".v-snackbar").getByText("Undo").first().waitFor();
    desk.end("an ending chosen for three fields");
    takeBack();
  }
}
