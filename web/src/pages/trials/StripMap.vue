<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../session'
import { frameOf, letter, outline, shares, valueOf, type TrialView } from './strips'

/** Strips as they lie on the field, by their letters, coloured by what was measured. */
const props = defineProps<{
  trial: TrialView
  measure: TrialView['measures'][number]
  chosen?: number
}>()
const emit = defineEmits<{ choose: [number: number] }>()
const session = useSession()
const WIDE = 46
const H = 190
/** Room below for an arrow to the north. */
const NORTH = 34
/** From pale to full, in percent; letters turn light where the ground is dark. */
const [PALE, FULL] = [20, 75]
const DARK = 0.55
const drawn = computed(() => props.trial.strips.filter((s) => s.ring.length))
const W = computed(() => WIDE * drawn.value.length)
const frame = computed(() =>
  frameOf(
    drawn.value.map((s) => s.ring),
    props.trial.bearingDeg ?? 0,
    W.value,
    H,
  ),
)
const values = computed(() =>
  props.trial.strips.flatMap((s) => valueOf(s, props.measure.key) ?? []),
)
const strips = computed(() => {
  const share = shares(values.value)
  return drawn.value.map((s) => {
    const value = valueOf(s, props.measure.key)
    const said =
      s.lost ?? (value === undefined ? 'not measured' : session.amount(value, props.measure.unit))
    return {
      ...s,
      ...outline(s.ring, frame.value.at),
      fill:
        value === undefined
          ? 'transparent'
          : `color-mix(in srgb, var(--leaf) ${PALE + FULL * share(value)}%, var(--soil-band))`,
      name: `Strip ${s.number}, ${props.trial.treatments[s.treatment]!.name}: ${said}`,
      dark: value !== undefined && share(value) > DARK,
    }
  })
})
</script>

<template>
  <svg
    v-if="strips.length"
    :viewBox="`-2 -2 ${W + 4} ${H + NORTH + 4}`"
    role="group"
    :aria-label="`${strips.length} strips on ${trial.field}`"
  >
    <g
      v-for="s in strips"
      :key="s.number"
      role="button"
      tabindex="0"
      :aria-label="s.name"
      :aria-pressed="s.number === chosen"
      @click="emit('choose', s.number)"
      @keydown.enter.prevent="emit('choose', s.number)"
      @keydown.space.prevent="emit('choose', s.number)"
    >
      <title>{{ s.name }}</title>
      <path
        :d="s.path"
        :fill="s.fill"
        :class="{ lost: s.lost !== undefined, chosen: s.number === chosen }"
      />
      <text :x="s.middle[0]" :y="s.middle[1] - 2" :class="{ dark: s.dark }">
        {{ letter(s.treatment) }}
      </text>
      <text :x="s.middle[0]" :y="s.middle[1] + 12" class="n" :class="{ dark: s.dark }">
        {{ s.number }}
      </text>
    </g>
    <g
      :transform="`translate(${W - 20},${H + NORTH / 2 + 2}) rotate(${frame.north})`"
      class="north"
      aria-hidden="true"
    >
      <path d="M0,12V-12M-5,-5L0,-12L5,-5" />
    </g>
    <text :x="W - 36" :y="H + NORTH / 2 + 6" class="n end">north</text>
  </svg>
  <p v-else class="muted">
    The field has no boundary yet, or the strips are wider than it is: they cannot be drawn.
  </p>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 520px;
}
path {
  stroke: var(--line);
  stroke-width: 1.2;
}
.lost {
  stroke-dasharray: 4 3;
}
.chosen {
  stroke: var(--rust);
  stroke-width: 3;
}
text {
  text-anchor: middle;
  font-size: 14px;
  font-weight: 600;
  fill: rgb(var(--v-theme-on-surface));
}
.n {
  font-size: 10px;
  font-weight: 400;
}
.dark {
  fill: rgb(var(--v-theme-surface));
}
g[role='button'] {
  cursor: pointer;
}
.north path {
  fill: none;
  stroke: rgb(var(--v-theme-on-surface));
}
.end {
  text-anchor: end;
}
</style>
