package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Years of the farm, a cover behind a cover, a rotation, a field in pieces. */
class YearsTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator row(Page page, String field) {
    return page.locator("section.field", new Page.LocatorOptions().setHasText(field));
  }

  @Test
  void anotherSeasonIsLookedAtAndLeftAgain() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.locator("[data-test=season]").click();
    page.getByText("Season 2025–26").click();
    assertThat(page.locator("[data-test=season]")).containsText("2025");
    assertThat(button(page, "this season")).isVisible();
    page.navigate("/fields");
    assertThat(page.locator("[data-test=season]")).containsText("2025");
    button(page, "this season").click();
    assertThat(page.locator("[data-test=season]")).containsText("2026");
  }

  @Test
  void theYearsSayWhatStoodAndACellIsChanged() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/years");
    assertThat(page.locator("h1")).containsText("green this winter");
    page.getByLabel("Filter", new Page.GetByLabelOptions().setExact(true)).fill("Upper Tile");
    assertThat(page.locator("section.field")).hasCount(1);
    row(page, "Upper Tile")
        .locator("g.grew")
        .filter(new Locator.FilterOptions().setHasText("soybeans"))
        .last()
        .click();
    page.getByLabel("Left out of covers this year because").fill("tile goes in");
    button(page, "Save").click();
    assertThat(page.getByText(Pattern.compile("Upper Tile, \\d{4}: saved"))).isVisible();
  }

  @Test
  void aCoverIsPlannedBehindACover() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    Browser.open(page, "Cedar Draw");
    page.locator("[data-test=behind]").click();
    assertThat(page).hasURL(Pattern.compile("link=new"));
    assertThat(page.locator("[data-test=season]")).containsText("2027");
    assertThat(page.locator(".editor")).isVisible();
    button(page, "this season").click();
  }

  @Test
  void aRotationIsTriedAndLaid() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/years");
    page.getByLabel("Bluestem", new Page.GetByLabelOptions().setExact(true)).check();
    page.locator("[data-test=rotation]").click();
    assertThat(page.getByText("A rotation over 1 field")).isVisible();
    button(page, "New rotation").click();
    page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Corn and beans");
    button(page, "See what it fills").click();
    assertThat(page.getByText("would be filled")).isVisible();
    assertThat(page.getByText("set by hand").first()).isVisible();
    button(page, "Close").click();
  }

  @Test
  void aFieldIsSeenInPiecesBeforeItIsDivided() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    Browser.open(page, "Gravel Pit");
    page.getByText("Edit the field").click();
    page.getByLabel("Area of the first piece, ac").fill("40");
    button(page, "See the pieces").click();
    assertThat(page.locator(".parts")).containsText("Gravel Pit 1: 40.0 ac");
    assertThat(page.locator("path.part")).hasCount(2);
    page.getByLabel("Area of the first piece, ac").fill("4000");
    button(page, "See the pieces").click();
    assertThat(page.getByText("smaller than all of Gravel Pit").first()).isVisible();
  }

  @Test
  void aRotationIsDraggedOverFieldsAndYears() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/years");
    BoundingBox first = page.locator("section.field svg.strip").nth(0).boundingBox();
    BoundingBox third = page.locator("section.field svg.strip").nth(2).boundingBox();
    // Over the sky of three fields, the fifth and the last of six seasons.
    page.mouse().move(first.x + first.width * 0.72, first.y + 3);
    page.mouse().down();
    page.mouse().move(third.x + third.width * 0.8, third.y + 3);
    page.mouse().move(third.x + third.width * 0.95, third.y + 4);
    assertThat(page.locator("rect.dragged")).hasCount(3);
    page.mouse().up();
    Locator dialog = page.getByRole(AriaRole.DIALOG);
    assertThat(dialog).containsText("A rotation over 3 fields");
    button(page, "New rotation").click();
    assertThat(dialog).containsText("2027");
    assertThat(dialog).containsText("2028");
    button(page, "Close").click();
    assertThat(page.locator("rect.dragged")).hasCount(0);
  }
}
