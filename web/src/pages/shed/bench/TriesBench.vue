<script setup lang="ts">
import { settingFor } from '../../../phone/bench'
import { computed, ref } from 'vue'
import type { Schemas } from '../../../api/client'
import { useAnswer } from '../../../answer'
import FigureField from '../../../parts/FigureField.vue'
import { useSession } from '../../../session'
import type { Found } from './found'

/** Several tries and the line through them, read backwards. */
const props = defineProps<{ known: Schemas['Try'][] }>()
const emit = defineEmits<{ keep: [found: Found] }>()
/** Beyond the outermost points of the drawing. */
const ROOM = 0.15
const session = useSession()
const tries = ref<{ setting: number | undefined; rateKgPerHa: number | undefined }[]>([
  ...props.known.map((t) => ({ ...t })),
  { setting: undefined, rateKgPerHa: undefined },
])
const target = ref<number | undefined>(session.usual('benchRate'))
const whole = computed(() =>
  tries.value.filter(
    (t): t is Schemas['Try'] => t.setting !== undefined && t.rateKgPerHa !== undefined,
  ),
)

const { answer, trouble } = useAnswer(
  () => (whole.value.length && target.value ? JSON.stringify([whole.value, target.value]) : ''),
  () => settingFor({ tries: whole.value, targetKgPerHa: target.value! }),
)

const W = 360
const H = 190
const xs = computed(() => {
  const all = whole.value.map((t) => t.setting)
  if (answer.value) all.push(answer.value.setting)
  const low = Math.min(...all)
  const high = Math.max(...all)
  const pad = (high - low || 1) * ROOM
  return { low: low - pad, high: high + pad }
})
const most = computed(
  () => Math.max(target.value ?? 0, ...whole.value.map((t) => t.rateKgPerHa), 1) * (1 + ROOM),
)
const x = (s: number) => 34 + ((W - 44) * (s - xs.value.low)) / (xs.value.high - xs.value.low)
const y = (r: number) => H - 24 - ((H - 34) * r) / most.value
const rateAt = (s: number) => (answer.value ? answer.value.intercept + answer.value.slope * s : 0)

function keep() {
  emit('keep', {
    bench: 'tries',
    setting: Number(answer.value!.setting.toFixed(1)),
    rateKgPerHa: target.value,
    words: `line through ${whole.value.length} tries`,
  })
}
</script>

<template>
  <section class="card">
    <h2>Several tries</h2>
    <p class="muted small my-2">
      Two tries give a line; three or more also tell how sure it is. What was kept of this seed and
      gear is filled in.
    </p>
    <div v-for="(t, i) in tries" :key="i" class="two try">
      <FigureField v-model="t.setting" label="Setting" />
      <FigureField v-model="t.rateKgPerHa" label="Gave" unit="KG_PER_HA" />
    </div>
    <v-btn
      variant="text"
      size="small"
      @click="tries.push({ setting: undefined, rateKgPerHa: undefined })"
      >Another try</v-btn
    >
    <FigureField v-model="target" label="Wanted" unit="KG_PER_HA" class="mt-2" />
    <p v-if="trouble" class="rust my-2">{{ trouble }}</p>
    <template v-if="answer">
      <p class="answer">
        Set {{ answer.setting.toFixed(1) }}
        <span v-if="answer.low !== undefined && answer.high !== undefined" class="muted between"
          >{{ answer.low.toFixed(1) }} to {{ answer.high.toFixed(1) }}, nine times in ten</span
        >
      </p>
      <p v-if="answer.extrapolated" class="rust mb-2">
        That lies outside the settings tried: try it before you trust it.
      </p>
      <svg :viewBox="`0 0 ${W} ${H}`" role="img" aria-label="Tries, their line and the setting">
        <line :x1="34" :x2="W" :y1="y(0)" :y2="y(0)" class="rule" />
        <line
          :x1="x(xs.low)"
          :x2="x(xs.high)"
          :y1="y(rateAt(xs.low))"
          :y2="y(rateAt(xs.high))"
          class="line"
        />
        <path :d="`M34,${y(target ?? 0)}H${x(answer.setting)}V${y(0)}`" class="read" />
        <circle
          v-for="(t, i) in whole"
          :key="i"
          :cx="x(t.setting)"
          :cy="y(t.rateKgPerHa)"
          r="4.5"
          class="dot"
        />
        <text :x="x(answer.setting)" :y="H - 8" text-anchor="middle">
          {{ answer.setting.toFixed(1) }}
        </text>
        <text x="36" :y="y(target ?? 0) - 5">
          {{ session.amount(target ?? 0, 'KG_PER_HA') }}
        </text>
      </svg>
    </template>
    <v-btn color="primary" :disabled="!answer" class="mt-3" @click="keep">Keep it</v-btn>
  </section>
</template>

<style scoped src="./bench.css"></style>
<style scoped>
.try {
  margin-bottom: 8px;
}
.between {
  font-size: 0.9rem;
  font-weight: 400;
}
.rule {
  stroke: var(--rule);
}
.line {
  stroke: var(--line);
  stroke-width: 2;
}
.read {
  fill: none;
  stroke: var(--sky);
  stroke-dasharray: 5 4;
}
.dot {
  fill: var(--leaf);
}
text {
  font-size: 12px;
  fill: var(--muted);
}
svg {
  width: 100%;
  max-width: 420px;
}
</style>
