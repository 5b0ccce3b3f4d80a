package nimblefurrow.e2e;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.net.HttpURLConnection;
import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Writes entries on a phone while the signal is cut, the page is closed and the server is killed,
 * two hundred times; then says which of them the server has, and how often.
 */
final class PhoneCuts {
  private static final int CUTS = 200;
  private static final int OF_KILLS = 20;
  private static final int SOON_MS = 600;

  private static final String FARM =
      "fetch('/api/farms').then((r) => r.json()).then((f) => '/api/farms/' + f[0].id)";

  private static final String FIELD =
      "() => %s.then((f) => fetch(f + '/fields')).then((r) => r.json()).then((all) => all[0].id)"
          .formatted(FARM);

  private static final String WORDS =
      "(id) => %s.then((f) => fetch(f + '/fields/' + id + '/log')).then((r) => r.json()).then((all) => all.map((e) => e.words))"
          .formatted(FARM);

  private final BrowserContext context;
  private final String address;
  private final String jar;
  private final Random random = new Random(20261128);
  private String field = "";
  private Page phone;
  private int away;
  private int closed;
  private int killed;
  private int lastKill;

  private PhoneCuts(BrowserContext context, String address, String jar) {
    this.context = context;
    this.address = address + "/api/session";
    this.jar = jar;
    this.phone = context.newPage();
  }

  /**
   * @param arguments the address of a server that is started again when it is killed, and the file
   *     that its process runs
   */
  public static void main(String[] arguments) {
    try (Playwright playwright =
        Playwright.create(
            new Playwright.CreateOptions()
                .setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))) {
      Browser chromium =
          playwright
              .chromium()
              .launch(
                  new BrowserType.LaunchOptions()
                      .setExecutablePath(nimblefurrow.e2e.Browser.program())
                      .setArgs(List.of("--no-sandbox", "--disable-gpu")));
      BrowserContext context =
          chromium.newContext(
              new Browser.NewContextOptions().setBaseURL(arguments[0]).setViewportSize(390, 844));
      context.setDefaultTimeout(120_000);
      new PhoneCuts(context, arguments[0], arguments[1]).run();
    }
  }

  private void run() {
    phone.navigate("/");
    phone.getByText("Enter the demo farm").click();
    phone.waitForURL("**/today");
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    field = (String) phone.evaluate(FIELD);
    words();
    reopened();
    words();
    for (int i = 0; i < CUTS; i++) {
      words().fill("cut " + i);
      phone.getByText("Write down").click();
      phone.waitForTimeout(random.nextInt(SOON_MS));
      cut(i);
    }
    context.setOffline(false);
    reopened();
    phone.waitForFunction("() => localStorage.getItem('outbox') === '[]'");
    said();
  }

  private void cut(int i) {
    if (i - lastKill >= OF_KILLS && answers()) {
      lastKill = i;
      ProcessHandle.allProcesses()
          .filter(p -> p.info().commandLine().orElse("").endsWith("-jar " + jar))
          .forEach(ProcessHandle::destroyForcibly);
      killed++;
    } else if (random.nextBoolean()) {
      context.setOffline(away % 2 == 0);
      away++;
    } else {
      reopened();
      closed++;
    }
  }

  /** A server that is still starting is left alone: who starts it again would give up. */
  private boolean answers() {
    try {
      HttpURLConnection ask = (HttpURLConnection) URI.create(address).toURL().openConnection();
      return ask.getResponseCode() > 0;
    } catch (IOException down) {
      return false;
    }
  }

  private void reopened() {
    phone.close();
    phone = context.newPage();
  }

  private Locator words() {
    if (!phone.url().endsWith(field)) {
      phone.navigate("/fields/" + field);
    }
    Locator words = phone.getByLabel("In a few words");
    Locator ask = phone.getByText("Done and seen").first();
    ask.or(words).first().waitFor();
    if (words.count() == 0) {
      ask.click();
    }
    words.waitFor();
    return words;
  }

  @SuppressWarnings("unchecked")
  private void said() {
    List<String> there = (List<String>) phone.evaluate(WORDS, field);
    List<String> lost =
        IntStream.range(0, CUTS).mapToObj(i -> "cut " + i).filter(w -> !there.contains(w)).toList();
    long twice =
        there.stream().filter(w -> w != null && w.startsWith("cut ")).count()
            - there.stream().filter(w -> w != null && w.startsWith("cut ")).distinct().count();
    System.out.printf(
        "%d entries; signal cut or back %d times, page closed %d times, server killed %d times%n",
        CUTS, away, closed, killed);
    System.out.printf("lost: %d %s; there twice: %d%n", lost.size(), lost, twice);
  }
}
