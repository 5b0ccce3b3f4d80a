<script setup lang="ts">
import { spreadPattern } from '../../../phone/bench'
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import type { Found } from './found'
import { readNumber } from '../../../words/numbers'
import { useKinds } from '../../../words/kinds'

/** Trays across the swath: how wide can passes lie apart? */
const props = defineProps<{ machine: Schemas['MachineView'] }>()
const emit = defineEmits<{ keep: [found: Found] }>()
const session = useSession()
const spacing = ref<number | undefined>(props.machine.widthM / session.usual('patternTrays'))
const text = ref('1 3 6 8 10 11 11 10 10 8 5 2 1')
const air = props.machine.methods.some((m) => useKinds().method(m)?.flies)
const limit = ref<number | undefined>(session.usual(air ? 'spreadLimitFlown' : 'spreadLimit'))
const back = ref(true)
const trays = computed(() =>
  text.value
    .trim()
    .split(/[\s;]+/)
    .map((t) => readNumber(t, session.units).value ?? NaN)
    .filter((n) => Number.isFinite(n)),
)

const { answer, trouble } = useAnswer(
  () =>
    spacing.value && limit.value ? JSON.stringify([spacing.value, trays.value, limit.value]) : '',
  () => spreadPattern({ traySpacingM: spacing.value!, traysG: trays.value, maxCv: limit.value! }),
)

const good = computed(() =>
  back.value ? answer.value?.goodSwathM.backAndForth : answer.value?.goodSwathM.oneWay,
)
const swath = ref<number>()
const step = computed(() => {
  const wanted = swath.value ?? good.value ?? answer.value?.swaths.at(-1)?.swathM ?? 1
  return Math.max(1, Math.round(wanted / (spacing.value || 1)))
})
const cv = computed(() => {
  const s = answer.value?.swaths[step.value - 1]
  return s ? (back.value ? s.backAndForthCv : s.oneWayCv) : undefined
})

const W = 560
const H = 170
const PASSES = 3
/** Passes drawn side by side, and their sum, over the middle of the field. */
const drawn = computed(() => {
  const n = trays.value.length
  const span = n + (PASSES - 1) * step.value
  const sum = new Array<number>(span).fill(0)
  const passes = Array.from({ length: PASSES }, (_, p) => {
    const turned = back.value && p % 2 === 1
    return trays.value.map((_, i) => {
      const g = turned ? trays.value[n - 1 - i]! : trays.value[i]!
      const at = i + p * step.value
      sum[at] = (sum[at] ?? 0) + g
      return [at, g] as const
    })
  })
  const most = Math.max(...sum, 1)
  const x = (i: number) => 8 + ((W - 16) * i) / Math.max(1, span - 1)
  const y = (g: number) => H - 14 - ((H - 24) * g) / most
  const path = (points: readonly (readonly [number, number])[]) =>
    'M' + points.map(([i, g]) => `${x(i).toFixed(1)},${y(g).toFixed(1)}`).join('L')
  return {
    passes: passes.map(path),
    sum: path(sum.map((g, i) => [i, g] as const)),
    middle: [x(Math.floor((n - 1) / 2)), x(Math.floor((n - 1) / 2) + step.value)],
  }
})
function keep() {
  emit('keep', {
    bench: 'pattern',
    // The job's lines, loads and hours take this swath for the machine's own from now on.
    setting: good.value || undefined,
    words: `even to ${session.amount(good.value ?? 0, 'M')}${back.value ? ', back and forth' : ', one way'}; skew ${Math.round((answer.value?.skew ?? 0) * 100)} %`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Spread pattern</h2>
    <p class="muted small my-2">
      Trays at even distances across the swath, one pass over them, then the mass in each from left
      to right.
    </p>
    <div class="two">
      <FigureField v-model="spacing" label="Tray to tray" unit="M" />
      <FigureField v-model="limit" label="Even enough: variation up to" unit="SHARE" />
    </div>
    <v-textarea v-model="text" label="Grams, left to right" rows="2" class="mt-3" />
    <v-checkbox v-model="back" label="Back and forth" density="compact" hide-details />
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">
        <template v-if="good">Even to {{ session.amount(good, 'M') }}</template>
        <span v-else class="rust">Even at no swath</span>
      </p>
      <p v-if="good && good < machine.widthM * 0.95" class="rust mb-2">
        It is set at {{ session.amount(machine.widthM, 'M') }}: strips between passes stay thin.
      </p>
      <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Passes side by side and their sum">
        <rect
          :x="drawn.middle[0]"
          :width="drawn.middle[1]! - drawn.middle[0]!"
          y="4"
          :height="H - 18"
          class="swath"
        />
        <path v-for="(d, i) in drawn.passes" :key="i" :d="d" class="pass" />
        <path :d="drawn.sum" class="sum" />
        <line x1="8" :x2="W - 8" :y1="H - 14" :y2="H - 14" class="rule" />
      </svg>
      <label class="small muted"
        >Passes {{ session.amount(step * (spacing ?? 1), 'M') }} apart: variation
        {{ cv !== undefined ? Math.round(cv * 100) : '–' }} %
        <input
          :value="step"
          type="range"
          min="1"
          :max="trays.length"
          class="slide"
          aria-label="Distance between passes"
          @input="(e) => (swath = Number((e.target as HTMLInputElement).value) * (spacing ?? 1))"
        />
      </label>
      <p class="my-2">
        <template v-if="Math.abs(answer.skew) > 0.05"
          >{{ Math.round(Math.abs(answer.skew) * 100) }} % more lands
          {{ answer.skew > 0 ? 'right' : 'left' }}: level it, or shift the line.</template
        >
        <template v-else>Left and right are alike.</template>
      </p>
    </template>
    <v-btn color="primary" :disabled="!answer" @click="keep">Keep it</v-btn>
    <p class="muted small mt-3">
      ▲ Light seed drifts: test in the wind you will work in, and at the height you will release
      from.
    </p>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
svg {
  width: 100%;
}
.swath {
  fill: var(--leaf-fan);
  opacity: 0.35;
}
.pass {
  fill: none;
  stroke: var(--muted);
  stroke-dasharray: 4 3;
}
.sum {
  fill: none;
  stroke: var(--leaf);
  stroke-width: 2.6;
}
.rule {
  stroke: var(--line);
}
.slide {
  display: block;
  width: 100%;
  accent-color: var(--leaf);
}
</style>
