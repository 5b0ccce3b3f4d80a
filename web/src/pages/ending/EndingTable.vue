<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { reach, sides } from '../../money/beam'
import StackedBeam from '../../money/StackedBeam.vue'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import { useKinds } from '../../words/kinds'

/** One row a way; what stands against it and why opens below it. */
const props = defineProps<{ rows: Schemas['EndingRow'][]; chosen?: string; movable: boolean }>()
defineEmits<{ pick: [row: Schemas['EndingRow']] }>()
const session = useSession()
const kinds = useKinds()
const open = ref('')
const all = ref(false)
const FIT: Record<string, [string, string]> = {
  FITS: ['fits', 'good'],
  WITH_CARE: ['with care', ''],
  DOES_NOT: ['does not fit', 'bad'],
}
const listed = computed(() =>
  props.rows.filter((r) => all.value || (!r.barred && r.outcome) || r.way === props.chosen),
)
const keyed = (r: Schemas['EndingRow']) =>
  r.money.parts.map((p) => ({ key: p.part, label: p.label, usd: p.usd }))
const scale = computed(() => reach(listed.value.flatMap((r) => sides(keyed(r)))))
const hidden = computed(() => props.rows.length - listed.value.length)
type Range = Schemas['EndingRange']
const range = (r: Range, unit: 'MG_PER_HA' | 'KG_PER_HA' | 'SHARE' | 'MM') => {
  const [low, high] = [session.amount(r.low, unit), session.amount(r.high, unit)]
  return low === high ? 'every year' : `${low.replace(/ [^ ]*$/, '')}–${high}`
}
const weeks = (n: number) => ['none', '1 week'][Math.round(n)] ?? `${Math.round(n)} weeks`
</script>

<template>
  <div class="scroll">
    <table class="plain">
      <thead>
        <tr>
          <th>way</th>
          <th>end it</th>
          <th>plant</th>
          <th class="n">goal met</th>
          <th class="n desk">ground fit</th>
          <th class="n">mulch</th>
          <th class="n desk">killed</th>
          <th class="n desk">weeds held</th>
          <th class="n desk">soil water</th>
          <th class="n desk">nitrogen</th>
          <th class="n" title="what the whole cover costs or brings, ended so">in all</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="r in listed" :key="r.way">
          <tr :class="{ mine: r.way === chosen, barred: r.barred }">
            <td class="way">
              <button
                class="link"
                :aria-expanded="open === r.way"
                @click="open = open === r.way ? '' : r.way"
              >
                {{ sentence(r.label) }}
              </button>
              <br /><span class="tag" :class="r.barred ? 'bad' : FIT[r.fit]?.[1]">{{
                r.barred ? 'does not fit' : FIT[r.fit]?.[0]
              }}</span>
            </td>
            <td class="nowrap">{{ kinds.ending(r.way)?.ofItself ? 'frost' : sayDay(r.endOn) }}</td>
            <td>
              <span class="nowrap">{{ sayDay(r.plantOn) }}</span>
              <div v-if="r.lateUsdPerHa > 0.5" class="small rust nowrap">
                −{{ session.amount(r.lateShare, 'SHARE') }} yield
              </div>
              <div v-if="r.ripe !== undefined && r.ripe < r.ripeYears!" class="small rust nowrap">
                ripe {{ r.ripe }} of {{ r.ripeYears }}
              </div>
            </td>
            <template v-if="r.outcome">
              <td class="n">
                <b>{{ r.outcome.met }}</b>
              </td>
              <td class="n desk">{{ r.outcome.groundFit }}</td>
              <td class="n">
                {{ session.amount(r.outcome.mulch.middle, 'MG_PER_HA') }}
                <div class="small muted nowrap desk">{{ range(r.outcome.mulch, 'MG_PER_HA') }}</div>
              </td>
              <td class="n desk">
                {{ session.amount(r.outcome.kill.middle, 'SHARE') }}
                <div class="small muted nowrap">{{ range(r.outcome.kill, 'SHARE') }}</div>
              </td>
              <td class="n desk">{{ weeks(r.outcome.weeksOfCover.middle) }}</td>
              <td class="n desk">
                {{
                  session.amount(r.outcome.soilWaterMm.middle, 'MM', session.units === 'us' ? 1 : 0)
                }}
              </td>
              <td class="n desk">
                {{ session.amount(Math.abs(r.outcome.nitrogenKgPerHa.middle), 'KG_PER_HA') }}
                <div class="small muted">
                  {{ r.outcome.nitrogenKgPerHa.middle < 0 ? 'tied up' : 'freed' }}
                </div>
              </td>
            </template>
            <td v-else colspan="7" class="muted desk">not estimated: there is no model of it</td>
            <td class="n">
              <b class="nowrap">{{ session.amount(r.money.net, 'USD_PER_HA') }}</b>
              <div class="small muted">
                {{ r.passes || 'no pass' }}
                <span v-if="r.usdPerHa" class="nowrap">{{
                  session.amount(r.usdPerHa, 'USD_PER_HA')
                }}</span>
              </div>
            </td>
          </tr>
          <tr v-if="open === r.way || (r.barred && r.way === chosen)" class="more">
            <td colspan="11">
              <p v-if="r.barred" class="rust">{{ sentence(session.reason(r.barred)) }}.</p>
              <p v-for="(why, i) in r.reasons" :key="i">{{ sentence(session.reason(why)) }}.</p>
              <p v-if="r.school" class="muted">School of practice: {{ r.school }}.</p>
              <p :class="{ rust: !r.insurerKept }">{{ sentence(session.reason(r.insurer)) }}.</p>
              <div class="money">
                <StackedBeam :reach="scale" :parts="keyed(r)" :net="r.money.net" />
                <span v-for="p in r.money.parts" :key="p.part" class="nowrap">
                  <i :class="['swatch', p.part]" /> {{ p.label }}
                  {{ session.amount(p.usd, 'USD_PER_HA') }}
                </span>
              </div>
              <p v-if="r.lateUsdPerHa > 0.5">
                Planted {{ sayDay(r.plantOn) }}, the wait costs
                {{ session.amount(r.lateUsdPerHa, 'USD_PER_HA') }} of yield.
              </p>
              <p v-if="r.ripe !== undefined">
                Planted then, the crop ripens before frost in {{ r.ripe }} of {{ r.ripeYears }} past
                years.
              </p>
              <p v-if="r.outcome">
                Lives on: {{ session.amount(r.outcome.living.middle, 'MG_PER_HA') }} in the middle
                year; at least 85 % dies in {{ r.outcome.dead }} of
                {{ r.outcome.years }} years<template v-if="r.outcome.takenOff.middle > 0.05"
                  >; {{ session.amount(r.outcome.takenOff.middle, 'MG_PER_HA') }} taken
                  off</template
                >.
              </p>
              <p v-for="(c, i) in r.cautions" :key="'c' + i" class="muted">
                ▲ {{ sentence(session.reason(c)) }}.
              </p>
              <v-btn
                v-if="movable && !r.barred"
                size="small"
                color="primary"
                class="mt-2 no-print"
                @click="$emit('pick', r)"
                >Choose this</v-btn
              >
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
  <v-btn variant="text" size="small" class="no-print mt-1" @click="all = !all">{{
    all ? 'Only those that may fit' : `${hidden} more ways, with why not`
  }}</v-btn>
</template>

<style scoped src="../../money/parts.css"></style>
<style scoped>
.money {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  margin: 4px 0;
}
.money > svg {
  flex: 0 1 280px;
}
.way {
  min-width: 128px;
}
.more td {
  background: color-mix(in srgb, var(--soil-band) 14%, transparent);
  font-size: 0.88rem;
}
.barred {
  opacity: 0.75;
}
</style>
