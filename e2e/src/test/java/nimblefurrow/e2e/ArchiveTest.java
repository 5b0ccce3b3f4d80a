package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** The whole farm as a file, and out of it again. */
class ArchiveTest {
  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static void bring(Page page, byte[] file) {
    page.locator("form.bring input[type=file]")
        .setInputFiles(new FilePayload("farm.zip", "application/zip", file));
    button(page, "Bring it in").click();
  }

  @Test
  void aFarmIsTakenAwayAndComesBackAsItWas() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    page.navigate("/take-away");
    Download file = page.waitForDownload(() -> page.getByText("Archive of the farm").click());
    byte[] zip = Files.readAllBytes(file.path());

    bring(page, "a letter".getBytes(StandardCharsets.UTF_8));
    assertThat(page.getByRole(AriaRole.ALERT)).containsText("it is no ZIP file");
    bring(page, zip);
    assertThat(page.getByText("is here, as it was")).isVisible();
    page.navigate("/season");
    assertThat(page.getByText("Meadowlark").first()).isVisible();

    // One farm of that name is enough for whoever comes next.
    page.navigate("/account");
    page.getByLabel("Its name again").fill("Sandpiper Bend");
    button(page, "Delete the farm").click();
    assertThat(page.getByText("Sandpiper Bend is deleted.")).isVisible();
    page.navigate("/season");
    assertThat(page.getByText("Meadowlark").first()).isVisible();
  }
}
