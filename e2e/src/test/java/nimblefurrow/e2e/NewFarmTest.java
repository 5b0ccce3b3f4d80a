package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static nimblefurrow.e2e.Browser.holding;
import static nimblefurrow.e2e.Browser.question;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import nimblefurrow.server.App;
import org.junit.jupiter.api.Test;

/** From nothing: the first account, a farm, boundaries; then two people and a phone. */
class NewFarmTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static void text(Page page, String label, String value) {
    page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(value);
  }

  @Test
  void anEmptyServerLeadsToAFarmWithFields() throws Exception {
    Page page = Browser.open(1280, 800, false);
    page.navigate(App.empty().address());
    page.waitForURL("**/first-run");
    text(page, "Your name", "Odo");
    text(page, "E-mail", "odo@orrin.example");
    text(page, "Password, at least 10 characters", "short");
    button(page, "Make the account").click();
    assertThat(page.getByText("A password needs at least 10 characters.")).isVisible();
    text(page, "Password, at least 10 characters", "long enough word");
    button(page, "Make the account").click();
    text(page, "Name of the farm", "Willet Farm");
    button(page, "Start").click();
    assertThat(page.getByText("No fields yet")).isVisible();

    page.getByText("Import boundaries").click();
    String square =
        "[[[-96.60,41.20],[-96.59,41.20],[-96.59,41.21],[-96.60,41.21],[-96.60,41.20]]]";
    String flat = "[[[-96.60,41.20],[-96.59,41.20],[-96.58,41.20],[-96.60,41.20]]]";
    String file =
        "{\"type\":\"FeatureCollection\",\"features\":["
            + "{\"type\":\"Feature\",\"properties\":{\"name\":\"Slough\"},\"geometry\":{\"type\":\"Polygon\",\"coordinates\":"
            + square
            + "}},{\"type\":\"Feature\",\"properties\":{\"name\":\"Flat\"},\"geometry\":{\"type\":\"Polygon\",\"coordinates\":"
            + flat
            + "}}]}";
    page.locator("input[type=file]")
        .setInputFiles(
            new FilePayload(
                "fields.geojson", "application/geo+json", file.getBytes(StandardCharsets.UTF_8)));
    assertThat(page.getByText("it encloses no area")).isVisible();
    assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Slough")))
        .containsText("230.2 ac");
    button(page, "Take the 1 sound ones").click();
    assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Slough")))
        .isVisible();
    page.navigate(App.empty().address() + "/season");
    assertThat(page.getByText("There is no weather yet")).isVisible();
  }

  @Test
  void theSecondToEditAFieldIsShownBothValuesAndChooses() throws Exception {
    Page one = Browser.insideDemo(1280, 900, false);
    Browser.open(one, "Schoolhouse");
    one.getByText("Edit the field").click();
    assertThat(one.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Schoolhouse");
    Page two = one.context().newPage();
    two.navigate(one.url());
    assertThat(two.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("Schoolhouse");
    text(two, "Notes on the rotation", "theirs: wet corner");
    button(two, "Save").click();
    assertThat(two.getByText("Schoolhouse saved.")).isVisible();
    text(one, "Notes on the rotation", "mine: new gate");
    button(one, "Save").click();
    Locator both =
        one.locator(".card", new Page.LocatorOptions().setHasText("Someone else changed"));
    assertThat(both).containsText("theirs: wet corner");
    assertThat(both).containsText("mine: new gate");
    button(one, "Keep mine").click();
    assertThat(one.getByText("Schoolhouse saved.")).isVisible();
  }

  @Test
  void aPhoneLogsWorkAndTheFurrowFollows() throws Exception {
    Page phone = Browser.insideDemo(390, 844, false);
    Browser.open(phone, "Stone House");
    question(phone, "Done and seen");
    Locator log = phone.locator(".card", holding("What was done"));
    log.getByLabel("In a few words").fill("hauled the barley seed");
    button(phone, "Write down").click();
    assertThat(log).containsText("hauled the barley seed");
    log.getByLabel("Take out: hauled the barley seed").click();
    assertThat(log).not().containsText("hauled the barley seed");
    int wide = ((Number) phone.evaluate("document.documentElement.scrollWidth")).intValue();
    org.assertj.core.api.Assertions.assertThat(wide)
        .as("nothing sticks out")
        .isLessThanOrEqualTo(390);
  }
}
