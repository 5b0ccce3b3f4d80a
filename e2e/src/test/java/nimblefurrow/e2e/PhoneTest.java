package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The core as it runs on a phone, and counts kept where there is no signal. */
class PhoneTest {
  /**
   * The same cases by the server's doors and by the module in the browser: words, verdicts, counts
   * and refusals alike, numbers to twelve digits. The last two or three differ at times, because
   * the browser's logarithm is not the virtual machine's.
   */
  private static final String BOTH =
      """
      async () => {
        const core = await import('/phone/core.js')
        const token = decodeURIComponent((document.cookie.match(/XSRF-TOKEN=([^;]+)/) || [])[1])
        const choices = await (await fetch('/api/farms')).json()
          .then((f) => fetch(`/api/farms/${f[0].id}/choices`)).then((r) => r.json())
        const scales = choices.species.filter((s) => ['cereal_rye', 'hairy_vetch'].includes(s.id))
        const sorted = (v) => JSON.stringify(v, (k, x) => typeof x === 'number' ? Number(x.toPrecision(12))
          : x && typeof x === 'object' && !Array.isArray(x) ? Object.fromEntries(Object.entries(x).sort()) : x)
        const door = async (name, body) => {
          const r = await fetch('/api/bench/' + name, { method: 'POST', body: JSON.stringify(body),
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
          const got = await r.json()
          return r.ok ? got : { refused: got.detail, where: got.errors[0].path }
        }
        let seed = 20260912
        const luck = () => (seed = (seed * 48271) % 2147483647) / 2147483647
        const whole = (most) => Math.floor(luck() * (most + 1))
        const many = (n, what) => Array.from({ length: n }, what)
        const bad = []
        let compared = 0
        let refused = 0
        const same = async (name, body, here) => {
          const there = await door(name, body)
          compared++
          if (there.refused) refused++
          if (sorted(there) !== sorted(here)) bad.push(name + ' ' + sorted(body) + ': ' + sorted(there) + ' but ' + sorted(here))
        }
        for (let i = 0; i < 25; i++) {
          const n = whole(8)
          const counts = many(n, () => whole(60))
          const frameM2 = luck(), confidence = 0.5 + 0.52 * luck(), live = i % 3 ? 400 * luck() : null
          await same('stand-count', { counts, frameM2, liveSeedsPerM2: live, confidence },
            core.stand(counts, frameM2, live ?? NaN, confidence))
          const frames = many(n, () => ({ before: whole(50), after: whole(i % 5 ? 8 : 70) }))
          await same('kill', { frames, confidence },
            core.kill(frames.map((f) => f.before), frames.map((f) => f.after), confidence))
          const samples = many(n, () => ({ wetKg: 3 * luck(), frameM2: i % 7 ? 0.25 : luck() - 0.2 }))
          const dry = luck(), target = 8 * luck()
          await same('mulch', { samples, dryMatterFraction: dry, targetMgPerHa: target, confidence },
            core.mulch(samples.map((s) => s.wetKg), samples.map((s) => s.frameM2), dry, target, confidence))
          const s = scales[i % 2]
          const looks = s.scale.cereal ? ['ANTHERS', 'MILK', 'DOUGH'] : ['BLOOM', 'PODS']
          const look = i % 6 ? looks[whole(looks.length - 1)] : s.scale.cereal ? 'BLOOM' : 'MILK'
          const stops = many(n, () => { const heads = 5 + whole(10); return { heads, flowering: Math.min(heads + (i % 11 ? 0 : 1), whole(16)) } })
          const goal = luck(), early = 0.02 + 0.3 * luck(), late = 0.02 + 0.3 * luck(), most = 1 + whole(20)
          await same('flowering',
            { stops, target: goal, riskTooEarly: early, riskTooLate: late, maxStops: most, species: s.id, look },
            core.flowering(stops.map((x) => x.heads), stops.map((x) => x.flowering), goal, early, late, most,
              s.scale.cereal, s.scale.stages.map((x) => x.name), s.scale.stages.map((x) => x.fraction), look))
        }
        return { bad, compared, refused }
      }
      """;

  @Test
  @SuppressWarnings("unchecked")
  void theModuleAnswersAsTheServerDoes() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    var got = (java.util.Map<String, Object>) page.evaluate(BOTH);
    assertThat((List<String>) got.get("bad")).isEmpty();
    assertThat((int) got.get("compared")).isEqualTo(100);
    assertThat((int) got.get("refused")).as("refusals are among them").isBetween(10, 60);
  }

  private static Locator button(Page page, String name) {
    return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .first();
  }

  @Test
  void aCountIsJudgedAndKeptWithoutASignalAndSentLater() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    String field = Browser.open(phone, "Hedge Row");
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    // The first visit was not kept yet; the second is, with the module.
    phone.navigate(field + "/walk");
    button(phone, "Kill").waitFor();
    phone.waitForFunction("caches.open('phone').then((c) => c.keys()).then((k) => k.length > 0)");

    phone.context().setOffline(true);
    phone.reload();
    assertThat(phone.getByText("No signal. What is shown is as of")).isVisible();
    button(phone, "Kill").click();
    for (String key : List.of("4", "0", "Then after", "8", "Next frame")) {
      button(phone, key).click();
    }
    assertThat(phone.getByText("80 % dead")).isVisible();
    button(phone, "Keep the count").click();
    assertThat(phone.getByText("1 entry waits on this phone")).isVisible();
    phone.reload();
    assertThat(phone.getByText("1 entry waits on this phone")).isVisible();

    phone.context().setOffline(false);
    assertThat(phone.getByText("1 entry waits on this phone")).isHidden();
    phone.navigate(field);
    Browser.question(phone, "Done and seen");
    assertThat(phone.getByText("Kill counted")).isVisible();
    assertThat(phone.locator(".log li", Browser.holding("Kill counted"))).containsText("80 %");
    // As it was, for the next who looks at the demo.
    phone.getByLabel("Take out: 1 frame").click();
    assertThat(phone.getByText("Kill counted")).isHidden();
  }

  @Test
  void whatIsPutRightKeepsWhatItSaid() throws Exception {
    Page page = Browser.insideDemo(1280, 900, false);
    String field = Browser.open(page, "Hedge Row");
    page.navigate(field);
    Browser.question(page, "Done and seen");
    Locator harvest = page.locator(".log li", Browser.holding("Harvested")).first();
    harvest.waitFor();
    String before = harvest.textContent();
    assertThat(before).contains("bu/ac");
    harvest.getByTitle("Put right").click();
    page.getByLabel("Moisture, %").fill("13");
    button(page, "Keep").click();
    assertThat(harvest).containsText("moisture 13.0 %");
    assertThat(harvest).containsText("put right by");
    harvest.getByTitle("Put right").click();
    page.getByLabel("Moisture, %").fill("");
    button(page, "Keep").click();
    // What it said stays beneath, once with and once without.
    assertThat(harvest.getByText("put right by")).hasCount(2);
    assertThat(harvest.locator(".grow > .from").first()).not().containsText("moisture");
  }
}
