package nimblefurrow.e2e;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import java.util.concurrent.atomic.AtomicLong;
import javax.imageio.ImageIO;

/** What a phone sends of a day without a signal: forty entries, every second with a picture. */
final class PhoneFigures {
  private static final int ENTRIES = 40;

  /** A weak signal: 400 kbit a second up, 800 down, 300 ms there and back. */
  private static final double UP = 50_000;

  private static final double DOWN = 100_000;
  private static final double LATENCY_MS = 300;

  private PhoneFigures() {}

  static void print(Browser chromium, String address) {
    BrowserContext context =
        chromium.newContext(
            new Browser.NewContextOptions().setBaseURL(address).setViewportSize(390, 844));
    Page phone = context.newPage();
    phone.setDefaultTimeout(600_000);
    phone.navigate("/");
    phone.getByText("Enter the demo farm").click();
    phone.waitForURL("**/today");
    phone.navigate("/fields/" + field(phone));
    Locator words = phone.getByLabel("In a few words");
    if (words.count() == 0) {
      phone.getByText("Done and seen").first().click();
    }
    words.waitFor();
    context.setOffline(true);
    byte[] camera = camera();
    long began = System.nanoTime();
    for (int i = 0; i < ENTRIES; i++) {
      words.fill("entry " + i);
      if (i % 2 == 0) {
        phone
            .getByLabel("Picture", new Page.GetByLabelOptions().setExact(true))
            .last()
            .setInputFiles(new FilePayload("field.jpg", "image/jpeg", camera));
        phone.getByAltText("Picture 1, not written down yet").waitFor();
      }
      phone.getByText("Write down").click();
      phone.waitForTimeout(50);
    }
    System.out.printf(
        "%d entries, %d pictures of %.1f MB: %.0f s to write down without a signal%n",
        ENTRIES, ENTRIES / 2, camera.length / 1e6, (System.nanoTime() - began) / 1e9);
    AtomicLong bytes = new AtomicLong();
    phone.onRequestFinished(
        r -> {
          if (r.method().equals("PUT")) {
            bytes.addAndGet(r.sizes().requestBodySize);
          }
        });
    slow(context.newCDPSession(phone));
    began = System.nanoTime();
    context.setOffline(false);
    phone.waitForFunction("() => localStorage.getItem('outbox') === '[]'");
    System.out.printf(
        "sent at %.0f kbit/s: %.1f MB in %.0f s%n",
        UP * 8 / 1000, bytes.get() / 1e6, (System.nanoTime() - began) / 1e9);
  }

  private static String field(Page page) {
    return (String)
        page.evaluate(
            "() => fetch('/api/farms').then((r) => r.json())"
                + ".then((f) => fetch(`/api/farms/${f[0].id}/fields`)).then((r) => r.json())"
                + ".then((all) => all[0].id)");
  }

  private static void slow(CDPSession devtools) {
    JsonObject how = new JsonObject();
    how.addProperty("offline", false);
    how.addProperty("latency", LATENCY_MS);
    how.addProperty("uploadThroughput", UP);
    how.addProperty("downloadThroughput", DOWN);
    devtools.send("Network.enable");
    devtools.send("Network.emulateNetworkConditions", how);
  }

  /** Twelve million pixels full of leaves, as a camera would see them. */
  private static byte[] camera() {
    Random random = new Random(41);
    BufferedImage image = new BufferedImage(4000, 3000, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    for (int i = 0; i < 60_000; i++) {
      int shade = random.nextInt(60);
      g.setColor(
          random.nextInt(3) == 0
              ? new Color(100 + shade, 70 + shade, 50 + shade)
              : new Color(40 + shade, 110 + shade, 40 + shade));
      g.fillOval(random.nextInt(4000), random.nextInt(3000), 20 + shade, 6 + shade / 4);
    }
    g.dispose();
    try (ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
      ImageIO.write(image, "jpeg", bytes);
      return bytes.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
