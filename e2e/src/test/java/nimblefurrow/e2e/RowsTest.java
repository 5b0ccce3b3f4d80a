package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Rows of a cover, laid on its plan and told to the driver. */
class RowsTest {
  private static Locator button(Locator in, String name) {
    return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
  }

  private static Locator field(Locator in, String label) {
    return in.getByLabel(label, new Locator.GetByLabelOptions().setExact(true));
  }

  @Test
  void rowsAreLaidOnAPlanAndSaidAsTheyAreSet() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    Browser.open(page, "Hedge Row");
    Locator editor = page.locator(".editor");
    button(editor, "Lay its rows").click();
    assertThat(editor).containsText("3 openers 7.5 in apart in every gap between 30.0 in rows");
    editor.getByText("Change the rows").click();
    field(editor, "Gaps seeded").fill("11");
    field(editor, "of so many").fill("12");
    assertThat(editor).containsText("Close the rest: open rows are set to 60 lb/ac");
    field(editor, "Openers in a gap").fill("9");
    assertThat(editor).containsText("do not fit between rows");
    field(editor, "Openers in a gap").fill("4");
    assertThat(editor).containsText("4 openers 7.5 in apart");
    button(editor, "Keep as proposal").click();
    assertThat(editor.locator(".tag")).hasText("proposed");
    page.getByText("Seeding job").click();
    assertThat(page.locator("section.card", Browser.holding("Rows")).first())
        .containsText("4 openers 7.5 in apart in 11 gaps of 12");
    Browser.open(page, "Hedge Row");
    editor.getByText("Change the rows").click();
    button(editor, "Say nothing of rows").click();
    button(editor, "Accept").click();
    assertThat(editor.locator(".tag")).hasText("accepted");
    assertThat(button(editor, "Lay its rows")).isVisible();
  }

  @Test
  void nitrogenThatGoesAlongIsToldAtTheJob() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    String field = Browser.open(page, "Long Eighty");
    assertThat(page.locator(".editor")).containsText("Liquid nitrogen in the same pass: 55 lb/ac");
    page.navigate(field + "/job");
    Locator body = page.locator("body");
    assertThat(body).containsText("its band 15.0 in from the row");
    assertThat(body).containsText("hoses bled before they are opened");
    assertThat(page.getByLabel("liquid nitrogen in the same pass")).isChecked();
  }
}
