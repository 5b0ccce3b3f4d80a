<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { consider } from '../../../farm/data'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import { sentence } from '../../../words/reasons'

/** Rows to scale, strips with their own seed, seed blended with fertiliser, what the meter holds. */
const props = defineProps<{ species: string; tries: Schemas['Try'][] }>()
const session = useSession()
const spacing = ref<number | undefined>(session.usual('cropRowSpacing'))
const openers = ref<number | undefined>(session.usual('openersInGap'))
const apart = ref<number | undefined>(session.usual('coverRowSpacing'))
const next = ref<number | undefined>(0)
const band = ref<number>()
const area = ref<number | undefined>(session.usual('benchArea'))
const zones = ref<Schemas['Zone'][]>([
  {
    species: 'cereal_rye',
    widthM: session.usual('stripWidth'),
    rateKgPerHa: session.usual('stripRate'),
    box: 'rear box',
  },
  {
    species: 'oats',
    widthM: session.usual('cropRowSpacing') - session.usual('stripWidth'),
    rateKgPerHa: session.usual('stripRate'),
    box: 'front box',
  },
])
const speciesName = (id: string) => session.choices?.species.find((s) => s.id === id)?.name ?? id

const { answer, trouble } = useAnswer(
  () =>
    spacing.value && openers.value && apart.value
      ? JSON.stringify([
          spacing.value,
          openers.value,
          apart.value,
          next.value,
          band.value,
          area.value,
          zones.value,
        ])
      : '',
  () =>
    consider('/api/bench/rows', {
      body: {
        cropSpacingM: spacing.value!,
        openers: Math.round(openers.value!),
        openerSpacingM: apart.value!,
        nextRowM: next.value,
        bandM: band.value,
        areaHa: area.value,
        zones: zones.value,
      },
    }),
)
const W = 520
const x = (m: number) => 36 + ((W - 72) * m) / (spacing.value || 1)

const seedRate = ref<number | undefined>(session.usual('coverRateInRows'))
const fertRate = ref<number | undefined>(session.usual('fertilizerRate'))
const batch = ref<number | undefined>(session.usual('fertilizerBatch'))
const hours = ref<number | undefined>(session.usual('blendHours'))
const density = computed(
  () =>
    session.choices?.species.find((s) => s.id === props.species)?.bulkKgPerM3 ??
    session.usual('bulkDensity'),
)
const { answer: blend, trouble: blendTrouble } = useAnswer(
  () =>
    seedRate.value && fertRate.value && batch.value
      ? JSON.stringify([seedRate.value, fertRate.value, batch.value, hours.value, density.value])
      : '',
  () =>
    consider('/api/bench/blend', {
      body: {
        seedKgPerHa: seedRate.value!,
        fertiliserKgPerHa: fertRate.value!,
        batchKg: batch.value!,
        hours: hours.value ?? 0,
        seedDensityKgPerM3: density.value,
        fertiliserDensityKgPerM3: session.usual('fertilizerDensity'),
      },
    }),
)

const target = ref<number | undefined>(session.usual('coverOpenersTarget'))
const { answer: limits, trouble: limitsTrouble } = useAnswer(
  () => (target.value ? JSON.stringify([props.tries, target.value]) : ''),
  () =>
    consider('/api/bench/meter-limits', {
      body: { tries: props.tries, targetKgPerHa: target.value! },
    }),
)
</script>

<template>
  <div class="stack">
    <section class="card">
      <h2>Rows</h2>
      <div class="two mt-2">
        <FigureField v-model="spacing" label="Crop rows apart" unit="M" :digits="2" />
        <FigureField v-model="openers" label="Openers in a gap" />
        <FigureField v-model="apart" label="Openers apart" unit="M" :digits="2" />
        <FigureField v-model="next" label="Next crop’s row, from this one" unit="M" :digits="2" />
        <FigureField v-model="band" label="Side-dress band at" unit="M" :digits="2" />
      </div>
      <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
      <template v-if="answer">
        <svg :viewBox="`0 0 ${W} 96`" role="img" aria-label="Rows to scale" class="mt-3">
          <line x1="0" :x2="W" y1="66" y2="66" class="ground" />
          <g v-for="m in [0, spacing ?? 0]" :key="m">
            <line :x1="x(m)" :x2="x(m)" y1="18" y2="66" class="crop" />
            <text :x="x(m)" y="12" text-anchor="middle">crop</text>
          </g>
          <line
            v-for="r in answer.rows.coverRowsM"
            :key="r"
            :x1="x(r)"
            :x2="x(r)"
            y1="46"
            y2="66"
            class="cover"
          />
          <template v-if="next !== undefined">
            <path :d="`M${x(next)},70l-6,12h12z`" class="next" />
            <text :x="x(next)" y="94" text-anchor="middle">next row</text>
          </template>
          <rect
            v-if="band !== undefined"
            :x="x(band) - 6"
            y="68"
            width="12"
            height="6"
            class="band"
          />
        </svg>
        <p class="small">
          Nearest cover row: {{ session.amount(answer.rows.clearOfCropM * 1000, 'MM', 1) }} from the
          crop row<template v-if="next !== undefined"
            >, {{ session.amount(answer.rows.clearOfNextM * 1000, 'MM', 1) }} from the next
            one</template
          >.
        </p>
        <p v-for="w in answer.rows.warnings" :key="w" class="rust">{{ sentence(w) }}.</p>
      </template>
    </section>
    <section class="card">
      <h2>Strips with their own seed</h2>
      <div v-for="(z, i) in zones" :key="i" class="zone">
        <v-autocomplete
          v-model="z.species"
          :items="(session.choices?.species ?? []).map((s) => ({ title: s.name, value: s.id }))"
          label="Species"
        />
        <FigureField
          :model-value="z.widthM"
          label="Width"
          unit="M"
          :digits="2"
          @update:model-value="z.widthM = $event ?? 0"
        />
        <FigureField
          :model-value="z.rateKgPerHa"
          label="Rate in it"
          unit="KG_PER_HA"
          @update:model-value="z.rateKgPerHa = $event ?? 0"
        />
        <v-text-field v-model="z.box" label="From" />
      </div>
      <FigureField v-model="area" label="Field" unit="HA" />
      <table v-if="answer?.zones.length" class="plain mt-2">
        <tbody>
          <tr v-for="z in answer.zones" :key="z.species + z.box">
            <td>{{ speciesName(z.species) }}, {{ z.box }}</td>
            <td class="n">{{ Math.round(z.share * 100) }} % of the width</td>
            <td class="n">{{ session.amount(z.fieldRateKgPerHa, 'KG_PER_HA', 1) }} of field</td>
            <td class="n">
              <b>{{ session.amount(z.seedKg, 'KG') }}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <section class="card">
      <h2>Blended with fertiliser</h2>
      <div class="two mt-2">
        <FigureField v-model="seedRate" label="Seed" unit="KG_PER_HA" />
        <FigureField v-model="fertRate" label="Fertiliser" unit="KG_PER_HA" />
        <FigureField v-model="batch" label="A batch" unit="KG" />
        <FigureField v-model="hours" label="Hours until it is spread" />
      </div>
      <p v-if="blendTrouble" class="rust my-2">{{ blendTrouble }}</p>
      <template v-if="blend">
        <p class="answer">Spread {{ session.amount(blend.totalKgPerHa, 'KG_PER_HA') }}</p>
        <p>
          A batch takes {{ session.amount(blend.batchSeedKg, 'KG') }} of seed and
          {{ session.amount(blend.batchFertiliserKg, 'KG') }} of fertiliser.
        </p>
        <p v-for="(c, i) in blend.cautions" :key="i" class="small">
          ▲ {{ sentence(session.reason(c)) }}.
        </p>
      </template>
    </section>
    <section class="card">
      <h2>What the meter holds</h2>
      <FigureField v-model="target" label="Wanted" unit="KG_PER_HA" class="mt-2" />
      <p v-if="limitsTrouble" class="muted my-2">{{ limitsTrouble }}</p>
      <template v-if="limits">
        <p>
          Tried from {{ session.amount(limits.lowestKgPerHa, 'KG_PER_HA') }} to
          {{ session.amount(limits.highestKgPerHa, 'KG_PER_HA') }}:
          <b>{{ limits.holds ? 'it holds that' : 'not that' }}</b>.
        </p>
        <p v-for="(w, i) in limits.waysOut" :key="i">· {{ sentence(session.reason(w)) }}.</p>
      </template>
    </section>
  </div>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.stack {
  display: flex;
  flex-direction: column;
  gap: 16px;
}
.zone {
  display: grid;
  grid-template-columns: 1.4fr 1fr 1fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
svg {
  width: 100%;
}
.ground {
  stroke: var(--line);
  stroke-width: 2;
}
.crop {
  stroke: var(--crop-straw);
  stroke-width: 5;
}
.cover {
  stroke: var(--leaf);
  stroke-width: 4;
}
.next {
  fill: var(--rust);
}
.band {
  fill: var(--sky);
}
text {
  font-size: 12px;
  fill: var(--muted);
}
@media (max-width: 520px) {
  .zone {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
