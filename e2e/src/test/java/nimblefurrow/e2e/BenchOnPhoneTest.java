package nimblefurrow.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Reckoning at the machine by the core as it runs on a phone. */
class BenchOnPhoneTest {
  /** The same random questions by the server's doors and by the module: all answers alike. */
  private static final String BOTH =
      """
      async () => {
        const core = await import('/phone/core.js')
        const token = decodeURIComponent((document.cookie.match(/XSRF-TOKEN=([^;]+)/) || [])[1])
        const sorted = (v) => JSON.stringify(v, (k, x) => typeof x === 'number' ? Number(x.toPrecision(12))
          : x === null ? undefined
          : x && typeof x === 'object' && !Array.isArray(x) ? Object.fromEntries(Object.entries(x).sort()) : x)
        const door = async (name, body) => {
          const r = await fetch('/api/bench/' + name, { method: 'POST', body: JSON.stringify(body),
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token } })
          const got = await r.json()
          return r.ok ? got : { refused: got.detail, where: got.errors[0].path }
        }
        let seed = 20261127
        const luck = (most = 1, least = 0) => least + (most - least) * ((seed = (seed * 48271) % 2147483647) / 2147483647)
        const whole = (most) => Math.floor(luck(most + 1))
        const many = (n, what) => Array.from({ length: n }, what)
        const bad = []
        let compared = 0, refused = 0
        const same = async (name, body) => {
          const there = await door(name, body)
          const here = core.bench(name, body)
          compared++
          if (there.refused) refused++
          if (sorted(there) !== sorted(here)) bad.push(name + ' ' + sorted(body) + ': ' + sorted(there) + ' but ' + sorted(here))
        }
        for (let i = 0; i < 12; i++) {
          const off = i % 6 === 5 ? -1 : 1
          await same('catch-test', { caughtKg: luck(2), openers: off * whole(12), spacingM: 0.19, distanceM: luck(200) })
          await same('timed-catch', { kgPerMin: off * luck(20), widthM: luck(12, 3), speedsKmh: many(whole(4), () => luck(14, 4)), targetKgPerHa: luck(120, 5) })
          const tries = many(1 + whole(4), (_, k) => ({ setting: 10 * k + luck(5), rateKgPerHa: 20 * k + luck(9, 1) }))
          await same('setting', { tries, targetKgPerHa: luck(120, 5) })
          await same('meter-limits', { tries, targetKgPerHa: luck(200, 1) })
          await same('running-check', { startKg: luck(900, 100), leftKg: luck(300), areaHa: off * luck(9), targetKgPerHa: luck(90, 20),
            ...(i % 2 ? { setting: luck(60) } : {}), ...(i % 3 ? { tries } : {}) })
          await same('seed-depth', { depthsMm: many(whole(12), () => luck(60)), lowMm: 20, highMm: off * 40 })
          await same('spread-pattern', { traySpacingM: luck(2, 0.5), traysG: many(3 + whole(9), () => off * luck(10)), maxCv: 0.15 })
          await same('blend', { seedKgPerHa: luck(40), fertiliserKgPerHa: luck(300), batchKg: luck(5000), hours: luck(90),
            seedDensityKgPerM3: 720, fertiliserDensityKgPerM3: off * 1000 })
          const carrier = { areaHa: luck(90, 1), rateKgPerHa: luck(150, 5), bulkDensityKgPerM3: luck(800, 400), hopperM3: off * luck(4, 0.05),
            swathM: luck(30, 3), speedMPerS: luck(9, 1), passLengthM: luck(900, 50), turnS: luck(20), refillS: luck(600),
            ...(i % 2 ? { fillFactor: 0.9, payloadLimitKg: luck(3000, 30), ferryM: luck(900), ferrySpeedMPerS: luck(9, 1) } : {}),
            ...(i % 3 ? {} : { batteryMin: luck(20, 4) }) }
          await same('loads', carrier)
          await same('split-loads', { seeds: many(1 + whole(2), () => ({ rateKgPerHa: luck(90, 1), bulkDensityKgPerM3: luck(800, 400) })), carrier })
          await same('slurry', { rateKgPerHa: luck(90), slurryM3PerHa: luck(90), tankM3: off * luck(30) })
          await same('hire-price', { areaHa: luck(90), rateKgPerHa: luck(150), haPerHour: off * luck(20), pricePerHa: luck(40), pricePerHour: luck(300),
            weightLimitKgPerHa: luck(120), ...(i % 2 ? { minimumCharge: luck(900), ferryKm: luck(60), pricePerKm: luck(3) } : {}) })
          await same('rows', { cropSpacingM: luck(1, 0.3), openers: off * whole(5), openerSpacingM: luck(0.3, 0.1),
            ...(i % 2 ? { twinM: luck(0.1, 0.01), nextRowM: luck(0.5) } : {}), ...(i % 3 ? { bandM: luck(0.4), areaHa: luck(90, 1) } : {}),
            zones: many(i % 4, (_, k) => ({ species: 'oats', box: 'box ' + k, widthM: off * luck(0.5, 0.1), rateKgPerHa: luck(90) })) })
          const kinds = ['cereal_rye', 'hairy_vetch', 'oats', 'crimson_clover', 'winter_pea', 'annual_ryegrass']
          const seeds = (more) => many(1 + whole(3), (_, k) => ({ species: kinds[(i + k) % kinds.length], ...more(k),
            ...(k % 2 ? { germination: luck(1, 0.5), purity: off * 0.98, pricePerKg: luck(9) } : {}) }))
          const ways = ['drill', 'broadcast', 'interseeder', 'nothing', 'planter', 'drone']
          const meant = { placement: ways[i % 6], ...(i % 2 ? { ending: ['winter', 'rollPlant', 'roll'][i % 3] } : {}) }
          await same('mix', { ...meant, components: seeds(() => ({ rateKgPerHa: luck(120, 1) })) })
          await same('mix', { ...meant, components: seeds(() => ({ share: luck() })), totalKgPerHa: off * luck(90, 5) })
          await same('mix', { ...meant, components: seeds((k) => (k ? { share: luck() } : {})), liveSeedsPerM2: luck(400, 50) })
          const item = (k) => ({ name: i === 3 ? ' ' : 'item ' + k, amountPerHa: 40 * off, ...(k % 2 ? { low: luck(39), high: luck(90, 39) } : {}) })
          await same('partial-budget', { addedIncome: many(whole(3), (_, k) => item(k)), reducedCost: many(whole(2), (_, k) => item(k)),
            ...(i % 2 ? { reducedIncome: [item(1)], addedCost: many(whole(3), (_, k) => item(k)) } : {}) })
          await same('own-or-hire', { price: luck(90000), lifeYears: off * luck(20, 1), salvage: luck(30000), interest: i % 4 ? luck(0.1) : 0,
            fixedPerYear: luck(2000), variablePerHa: luck(40), hirePerHa: luck(80), areaHaPerYear: luck(600, 1) })
          await same('grazing', { standingKgPerHa: luck(5000), leaveKgPerHa: luck(2000), useShare: luck(), areaHa: off * luck(60),
            head: luck(90, 1), headKg: luck(700, 300), ...(i % 2 ? { intakeShare: luck(0.04, 0.02) } : {}) })
          await same('bales', { cutKgPerHa: luck(6000), areaHa: luck(60, 1), dryMatter: off * luck(1, 0.3), baleKg: luck(900, 100), lossShare: luck(0.3) })
          await same('germination-count', { germinated: whole(110), tested: 100, confidence: luck(0.99, 0.5) })
        }
        return { bad, compared, refused }
      }
      """;

  @Test
  @SuppressWarnings("unchecked")
  void theBenchAnswersAsTheServerDoes() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    var got = (Map<String, Object>) page.evaluate(BOTH);
    assertThat((List<String>) got.get("bad")).isEmpty();
    assertThat((int) got.get("compared")).isEqualTo(252);
    assertThat((int) got.get("refused")).as("refusals are among them").isBetween(20, 130);
  }

  /**
   * Hours of all fields by the server, and by the module out of the farm's hours and their ground.
   */
  private static final String HOURS =
      """
      async () => {
        const core = await import('/phone/core.js')
        const read = async (path) => (await fetch(path)).json()
        const farm = (await read('/api/farms'))[0].id
        const get = (path) => read('/api/farms/' + farm + '/' + path)
        const [usual, ground, fields] = await Promise.all([get('hours'), get('hours/ground'), get('fields')])
        const all = [...usual.before, ...usual.hours]
        const hourly = Object.fromEntries(['tempC', 'dewPointC', 'windMPerS', 'gustMPerS', 'rainMm', 'solarWPerM2', 'soilTempC']
          .map((w) => [w, all.map((h) => h[w])]))
        const said = (hours) => hours.map((h) => [h.stemWetnessMm, h.topSoilWetness].map((x) => Number(x.toPrecision(12)))
          .concat(['rolling', 'spraying', 'air', 'drilling'].map((w) => h[w].verdict + ' ' + h[w].limit)).join(', '))
        const bad = [], kinds = new Set()
        let compared = 0
        for (const field of fields.slice(0, 8)) {
          const there = said((await get('hours?fieldId=' + field.id)).hours)
          const wet = ground.find((g) => g.fieldId === field.id)
          const here = said(core.bench('field-hours', { hourly, from: usual.before.length,
            topSoilWetness: wet ? wet.wetness : usual.topSoilWetness }).hours)
          there.forEach((t, i) => t === here[i] || bad.push(field.name + ' ' + i + ': ' + t + ' but ' + here[i]))
          compared += there.length
          kinds.add(there.join())
        }
        return { bad, compared, kinds: kinds.size }
      }
      """;

  @Test
  @SuppressWarnings("unchecked")
  void hoursOfAFieldAreReckonedAsTheServerDoes() throws Exception {
    Page page = Browser.insideDemo(1280, 800, false);
    var got = (Map<String, Object>) page.evaluate(HOURS);
    assertThat((List<String>) got.get("bad")).isEmpty();
    assertThat((int) got.get("compared")).isEqualTo(8 * 72);
    assertThat((int) got.get("kinds")).as("grounds differ").isGreaterThan(1);
  }

  @Test
  void hoursOfAnyFieldAndAMixAreReckonedWithoutASignal() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    phone.navigate("/seed/mix");
    assertThat(phone.locator(".totals").first()).containsText("lb/ac");
    phone.navigate("/hours");
    assertThat(phone.locator(".strip").first()).isVisible();
    phone.waitForFunction(
        "Promise.all([caches.open('phone'), caches.open('api')]).then((c) => Promise.all(c.map((k) => k.keys())))"
            + ".then(([core, api]) => core.length > 0 && api.some((r) => r.url.includes('/hours/ground')))");
    phone.context().setOffline(true);
    Browser.choose(phone, phone.locator(".field"), "Cedar Draw");
    assertThat(phone.locator(".about")).containsText("on Cedar Draw");
    phone.navigate("/seed/mix");
    assertThat(phone.locator(".totals").first()).containsText("lb/ac");
  }

  @Test
  void aCatchTestIsReckonedWithoutASignal() throws Exception {
    Page phone = Browser.phoneThatKeeps();
    phone.evaluate("navigator.serviceWorker.ready.then(() => true)");
    phone.navigate("/shed");
    phone.getByText("No-till drill").first().click();
    phone.getByText("Catch test").first().click();
    phone.waitForFunction("caches.open('phone').then((c) => c.keys()).then((k) => k.length > 0)");
    phone.context().setOffline(true);
    phone.getByLabel("Caught").first().fill("1");
    assertThat(phone.locator(".answer").first()).containsText("lb/ac");
  }
}
