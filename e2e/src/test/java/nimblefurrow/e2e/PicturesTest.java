package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

/** Pictures are taken without a signal, go with their entry, and are laid side by side. */
class PicturesTest {
  /** Soil with green on its left, so much of it. */
  private static FilePayload picture(double green) throws Exception {
    BufferedImage image = new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    g.setColor(new Color(120, 85, 60));
    g.fillRect(0, 0, 2400, 1200);
    g.setColor(new Color(60, 140, 50));
    g.fillRect(0, 0, (int) (2400 * green), 1200);
    g.dispose();
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(image, "jpeg", bytes);
    return new FilePayload("field.jpg", "image/jpeg", bytes.toByteArray());
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  private static Locator take(Page page, String label) {
    return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).last();
  }

  @Test
  void aPictureTakenWithoutASignalGoesWithItsEntryAndIsLaidBesideAnother() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    String field = Browser.open(phone, "Creek Forty");
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    phone.navigate(field);
    Browser.question(phone, "Done and seen");
    Locator strip = phone.locator(".strip .one");
    strip.first().waitFor();
    int before = strip.count();

    phone.context().setOffline(true);
    phone.getByLabel("In a few words").fill("by the gate");
    take(phone, "Picture").setInputFiles(picture(0.5));
    assertThat(phone.getByAltText("Picture 1, not written down yet")).isVisible();
    button(phone, "Write down").click();
    assertThat(phone.getByText("2 entries wait on this phone")).isVisible();
    phone.reload();
    assertThat(phone.getByText("2 entries wait on this phone")).isVisible();
    phone.context().setOffline(false);
    assertThat(phone.getByText("2 entries wait on this phone")).isHidden();

    phone.reload();
    Browser.question(phone, "Done and seen");
    assertThat(strip).hasCount(before + 1);
    strip.last().click();
    button(phone, "Measure green cover").click();
    assertThat(phone.locator("figcaption")).containsText("50 % of the ground is green");
    phone.locator(".others .link").first().click();
    assertThat(phone.locator("figcaption")).hasCount(2);
    button(phone, "Take it out").click();
    assertThat(strip).hasCount(before);
    phone.getByLabel("Take out: by the gate").click();
    assertThat(phone.getByLabel("Take out: by the gate")).isHidden();
  }

  @Test
  void theModuleTellsGreenCoverAsTheServerDoes() throws Exception {
    Page phone = Browser.insideDemo(390, 844, false);
    Object got =
        phone.evaluate(
            "async () => { const core = await import('/phone/core.js');"
                + " const pixels = new Int32Array(400).fill(0x78553c).fill(0x3c8c32, 0, 100);"
                + " return [core.green(pixels), core.green(new Int32Array())] }");
    @SuppressWarnings("unchecked")
    List<Map<String, Object>> answers = (List<Map<String, Object>>) got;
    assertThat(answers.get(0)).containsEntry("cover", 0.25).containsEntry("pixels", 400);
    assertThat(answers.get(1)).containsEntry("refused", "The picture has no pixels.");
  }

  @Test
  void aPhotoStraightDownIsMeasuredOnThePhone() throws Exception {
    Page phone = Browser.insideDemo(390, 844, false);
    String field = Browser.open(phone, "Hedge Row");
    phone.navigate(field + "/walk");
    take(phone, "Straight down").setInputFiles(picture(0.25));
    assertThat(phone.getByText("25 % green")).isVisible();
    assertThat(phone.getByText("It is kept with the count.")).isVisible();
  }
}
