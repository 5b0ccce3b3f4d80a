package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** No page has a serious fault for those who cannot see it, hold a mouse, or have only a phone. */
class AccessibilityTest {
  private static final Pattern OF_ONE_FIELD = Pattern.compile("/fields/[0-9a-f-]{36}");

  /** Held once the page is laid out anew and no wider than the screen. */
  private static final String FITS = "() => document.documentElement.scrollWidth <= innerWidth";

  /** A page that watches its own width lays itself out a frame later. */
  private static final String LAID_OUT =
      "new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))";

  private static final String WIDER_BY = "document.documentElement.scrollWidth - innerWidth";

  /** Held once nothing fades or slides any more; what turns for ever (a spinner) may go on. */
  private static final String STILL =
      """
      () => document.getAnimations().every((a) =>
        a.playState !== 'running' || a.effect.getComputedTiming().iterations === Infinity)
      """;

  private static final double A_WHILE_MS = 10_000;

  /** Every page there is, those of one field and one machine for one of them. */
  private static List<String> routes(Page page) {
    page.navigate("/season");
    page.locator(".furrow").first().waitFor();
    String field = found(page, OF_ONE_FIELD);
    page.navigate("/shed");
    page.locator("h1").first().waitFor();
    page.locator("a[href^='/shed/']").first().waitFor();
    String machine = found(page, Pattern.compile("/shed/[0-9a-f-]{36}"));
    List<String> all =
        new ArrayList<>(
            List.of(
                "/today",
                "/season",
                "/endings",
                "/hours",
                "/years",
                "/fields",
                "/fields/import",
                "/fields/new",
                "/catch-up",
                "/work",
                "/sheet",
                "/sheets",
                "/seed",
                "/seed/mix",
                "/shed",
                "/map",
                "/weather",
                "/rules",
                "/trials",
                "/worth",
                "/learnt",
                "/new-password/of-nobody",
                "/take-away",
                "/account",
                machine,
                field));
    List.of("/edit", "/job", "/walk", "/end").forEach(p -> all.add(field + p));
    return all;
  }

  private static String found(Page page, Pattern pattern) {
    Matcher m = pattern.matcher(page.content());
    assertThat(m.find()).isTrue();
    return m.group();
  }

  private static void open(Page page, String path) {
    page.navigate(path);
    try {
      page.locator("h1").first().waitFor();
    } catch (TimeoutError e) {
      throw new AssertionError(path + " has no head", e);
    }
    page.waitForLoadState(LoadState.NETWORKIDLE);
  }

  /** Each page is opened once: read by day, then in the dark, then as wide as a phone. */
  @Test
  void noPageHasASeriousFaultOrGoesSidewaysOnAPhone() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    List<String> faults = new ArrayList<>();
    Set<String> names = new TreeSet<>();
    List<String> routes = routes(page);
    for (String path : routes) {
      open(page, path);
      names.add(page.title());
      holds(page, STILL);
      faults.addAll(faults(path, axe(page)));
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
      page.locator(".v-theme--dark").first().waitFor();
      holds(page, STILL);
      // What differs in the dark is the colours.
      faults.addAll(faults(path + " in the dark", axe(page).withRules(List.of("color-contrast"))));
      page.setViewportSize(390, 844);
      page.evaluate(LAID_OUT);
      if (!holds(page, FITS)) {
        faults.add(path + " is wider than a phone by " + page.evaluate(WIDER_BY) + " px");
      }
      page.setViewportSize(1280, 800);
      page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
    }
    assertThat(faults).withFailMessage(() -> "faults: " + faults).isEmpty();
    assertThat(names).as("each page has a name of its own").hasSameSizeAs(routes);
  }

  /** Whether a page comes to hold a condition. */
  private static boolean holds(Page page, String condition) {
    try {
      page.waitForFunction(
          condition, null, new Page.WaitForFunctionOptions().setTimeout(A_WHILE_MS));
      return true;
    } catch (TimeoutError never) {
      return false;
    }
  }

  /** No page has frames of elsewhere: all is asked within it, without a second window each time. */
  private static AxeBuilder axe(Page page) {
    AxeRunOptions options = new AxeRunOptions();
    // What passes is not asked for: names for its elements were a quarter of the browser's work
    // here.
    options.setResultTypes(List.of("violations"));
    return new AxeBuilder(page).setLegacyMode(true).options(options);
  }

  private static List<String> faults(String where, AxeBuilder axe) {
    return axe.analyze().getViolations().stream()
        .filter(r -> "serious".equals(r.getImpact()) || "critical".equals(r.getImpact()))
        .map(r -> where + ": " + words(r))
        .toList();
  }

  private static String words(Rule rule) {
    return rule.getId()
        + " at "
        + rule.getNodes().stream().limit(3).map(n -> String.valueOf(n.getHtml())).toList();
  }

  @Test
  void keysBeginAtThePagesHead() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    page.keyboard().press("3");
    page.waitForURL("**/work");
    page.locator("h1", Browser.holding("Work")).waitFor();
    assertThat(page.evaluate("document.activeElement.tagName")).isIn("H1", "MAIN");
    page.locator(".skip").focus();
    page.keyboard().press("Enter");
    assertThat(page.evaluate("document.activeElement.tagName")).isEqualTo("H1");
  }
}
