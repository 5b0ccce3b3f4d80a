package nimblefurrow.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** No page has a serious fault for those who cannot see it or hold a mouse. */
class AccessibilityTest {
  @ParameterizedTest
  @CsvSource({
    "/season,false",
    "/season,true",
    "/fields,false",
    "/fields/import,false",
    "/weather,true",
    "/take-away,false",
    "/sheet,false",
    "/account,false",
    "/open,false",
    "/seed,true",
    "/seed/mix,false",
    "/shed,true",
    "/endings,false",
    "/hours,true",
    "/rules,false",
    "/work,false"
  })
  void hasNoSeriousFault(String path, boolean dark) throws Exception {
    Page page = Browser.insideDemo(1280, 800, dark);
    page.navigate(path);
    page.locator("h1").first().waitFor();
    page.waitForTimeout(400);
    List<String> faults =
        new AxeBuilder(page)
            .analyze().getViolations().stream()
                .filter(r -> "serious".equals(r.getImpact()) || "critical".equals(r.getImpact()))
                .map(AccessibilityTest::words)
                .toList();
    assertThat(faults).isEmpty();
  }

  private static String words(Rule rule) {
    return rule.getId()
        + " at "
        + rule.getNodes().stream().limit(3).map(n -> String.valueOf(n.getHtml())).toList();
  }
}
