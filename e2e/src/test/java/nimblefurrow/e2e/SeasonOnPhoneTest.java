package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The season model as it runs on a phone. */
class SeasonOnPhoneTest {
  /** Other days of every field's cover, by the server and by the module: the same changes. */
  private static final String BOTH =
      """
      async () => {
        const core = await import('/phone/core.js')
        const token = decodeURIComponent((document.cookie.match(/XSRF-TOKEN=([^;]+)/) || [])[1])
        const get = (path) => fetch(path).then((r) => r.json())
        const farm = '/api/farms/' + (await get('/api/farms'))[0].id
        const sorted = (v) => JSON.stringify(v, (k, x) => typeof x === 'number' ? Number(x.toPrecision(9))
          : x === null ? undefined
          : x && typeof x === 'object' && !Array.isArray(x) ? Object.fromEntries(Object.entries(x).sort()) : x)
        const sky = core.sky(await get(farm + '/pocket'))
        const season = await get(farm + '/season')
        const later = (day, days) => new Date(Date.parse(day) + 864e5 * days).toISOString().slice(0, 10)
        let seed = 20261127
        const luck = (most) => Math.floor(most * ((seed = (seed * 48271) % 2147483647) / 2147483647))
        const bad = [], why = [], took = []
        let compared = 0
        for (const f of season.furrows) {
          if (!f.plan) continue
          const pocket = await get(`${farm}/fields/${f.fieldId}/pocket`)
          if (!pocket.season) { why.push(pocket.why); continue }
          for (const move of [[luck(30) - 10, 0], [0, luck(30) - 15], [luck(20), luck(20) - 10]]) {
            const plan = f.plan.plan
            const body = { ...plan, seedOn: later(plan.seedOn, move[0]), endOn: later(plan.endOn, move[1]) }
            const r = await fetch(`${farm}/fields/${f.fieldId}/move`, { method: 'POST', body: JSON.stringify(body),
              headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
            if (!r.ok) continue
            const there = (await r.json()).changes
            const begun = performance.now()
            const here = core.tried(pocket, body.seedOn, body.endOn).changes
            took.push(performance.now() - begun)
            compared++
            if (sorted(there) !== sorted(here)) bad.push(f.name + ' ' + move + ': ' + sorted(there) + ' but ' + sorted(here))
          }
        }
        took.sort((a, b) => a - b)
        return { bad, why, compared, years: sky.years, middle: took[took.length >> 1], most: took[took.length - 1] }
      }
      """;

  /** A field whose cover is still to be seeded. */
  private static final String ONE =
      """
      async () => {
        const get = (path) => fetch(path).then((r) => r.json())
        const farm = '/api/farms/' + (await get('/api/farms'))[0].id
        const season = await get(farm + '/season')
        for (const f of season.furrows.filter((f) => f.plan && !f.seededOn)) {
          if ((await get(`${farm}/fields/${f.fieldId}/pocket`)).season) return f.fieldId
        }
      }
      """;

  @Test
  @SuppressWarnings("unchecked")
  void otherDaysChangeTheSameHereAndThere() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    var got = (Map<String, Object>) page.evaluate(BOTH);
    assertThat((List<String>) got.get("bad")).isEmpty();
    assertThat((int) got.get("compared")).isGreaterThan(40);
    assertThat((List<String>) got.get("why"))
        .as("fields that a phone does not reckon say why")
        .allMatch(w -> w.endsWith("with a signal alone.") || w.startsWith("No cover"));
  }

  @Test
  void aFieldsDaysAreTriedWithoutASignal() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    phone.navigate("/fields/" + phone.evaluate(ONE));
    phone.waitForFunction(
        """
        () => caches.open('api').then((c) => c.keys())
          .then((k) => k.filter((r) => r.url.endsWith('/pocket')).length > 1)""");
    phone.waitForFunction("caches.open('phone').then((c) => c.keys()).then((k) => k.length > 0)");
    phone.getByLabel("Ended on").waitFor();
    phone.context().setOffline(true);
    phone.getByLabel("Ended on").fill("2027-05-20");
    assertThat(phone.locator(".said")).containsText("reckoned on this phone");
    assertThat(phone.locator(".said")).containsText("ended");
    phone.context().setOffline(false);
  }
}
