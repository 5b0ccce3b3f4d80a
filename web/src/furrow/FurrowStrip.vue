<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Furrow, PlanInput, Schemas } from '../api/client'
import { between, plus, sayDay } from '../words/days'
import { drawing } from './marks'
import { dayAt, x, type DayScale } from './scale'
import { band, coverHeight, silhouette, until } from './shapes'
import { useKinds } from '../words/kinds'

const kinds = useKinds()

const props = defineProps<{
  furrow: Furrow
  shape?: Schemas['CropShape']
  start: string
  today: string
  width: number
  height: number
  movable: boolean
  proposed?: boolean
  large?: boolean
}>()
const emit = defineEmits<{
  move: [plan: PlanInput]
  keep: []
  drop: []
  edge: [reason: Schemas['ReasonView'] | null]
}>()

const FULL_MG = 10
const days = computed(() => 56 * 7)
const scale = computed<DayScale>(() => ({
  start: props.start,
  days: days.value,
  width: props.width,
}))
const ground = computed(() => props.height - (props.large ? 26 : 16))
const room = computed(() => ({
  width: props.width,
  ground: ground.value,
  height: ground.value - (props.large ? 30 : 8),
}))
const plan = computed(() => props.furrow.plan?.plan)
const endOn = computed(() => props.furrow.endedOn ?? plan.value?.endOn)
const seedOn = computed(() => props.furrow.seededOn ?? plan.value?.seedOn)

/** The point of the weekly series at which the cover is ended. */
const endPoint = computed(() =>
  endOn.value ? Math.floor(between(props.start, endOn.value) / 7) : 99,
)
const cover = computed(() => {
  const to = (values?: number[]) =>
    until(values ?? [], endPoint.value).map((v) => coverHeight(v, FULL_MG))
  return { low: to(props.furrow.low), middle: to(props.furrow.middle), high: to(props.furrow.high) }
})
const cropId = computed(() => 'crop-' + props.furrow.fieldId)
const cropStops = computed(() => {
  const s = props.shape
  if (!s) return []
  const n = s.standing.length
  return s.standing.flatMap((standing, i) =>
    standing > 0.02 && i % 2 === 0
      ? [{ at: i / (n - 1), ripe: 1 - Math.min(1, (s.green[i] ?? 0) / standing) }]
      : [],
  )
})
const nextCrop = computed(() => {
  const from = between(props.start, props.furrow.nextPlantOn) / 7
  return Array.from({ length: 57 }, (_, i) => Math.min(0.5, Math.max(0, (i - from - 1) * 0.06)))
})
const window = computed(() => {
  const w = props.furrow.window
  if (!w || !w.possible || props.furrow.seededOn) return null
  const at = (day: string) => Math.max(0, Math.min(props.width, x(scale.value, day)))
  const opens = at(w.opens.day)
  return {
    opens,
    best: Math.max(opens, at(w.bestUntil.day)),
    closes: Math.max(opens + 3, at(w.closes.day)),
    w,
  }
})

interface Mark {
  id: 'seed' | 'end' | 'plant'
  day: string
  kind: string
  label: string
  movable: boolean
  done: boolean
  /** Its day has passed without a word: it counts as done, or as not done. */
  unsaid?: 'likely' | 'open'
}
const stateOf = (deed: string) => props.furrow.deeds.find((d) => d.deed === deed)
function unsaid(deed: string): Mark['unsaid'] {
  const state = stateOf(deed)?.state
  if (state === 'LIKELY') return 'likely'
  return state === 'OVERDUE' || state === 'TOO_LATE' ? 'open' : undefined
}
const cut = computed(() => {
  const harvest = stateOf('harvested')
  return harvest && (harvest.state === 'LIKELY' || harvest.state === 'LOGGED') ? harvest : undefined
})
const marks = computed<Mark[]>(() => {
  const list: Mark[] = [
    {
      id: 'plant',
      day: stateOf('planted')?.day ?? props.furrow.nextPlantOn,
      kind: 'plant',
      label: 'Planting ' + props.furrow.nextCrop,
      movable: false,
      done: stateOf('planted')?.state === 'LOGGED',
      unsaid: unsaid('planted'),
    },
  ]
  const p = plan.value
  if (p && seedOn.value) {
    list.push({
      id: 'seed',
      day: seedOn.value,
      kind: p.method,
      label: 'Seeding',
      movable: props.movable && !props.furrow.seededOn,
      done: !!props.furrow.seededOn,
      unsaid: unsaid('seeded'),
    })
  }
  // What was never seeded has nothing to end.
  if (p && endOn.value && (stateOf('ended') || !stateOf('seeded'))) {
    list.push({
      id: 'end',
      day: endOn.value,
      kind: p.ending,
      label: 'Ending',
      movable: props.movable && !props.furrow.endedOn,
      done: !!props.furrow.endedOn,
      unsaid: kinds.ending(p.ending)?.ofItself ? undefined : unsaid('ended'),
    })
  }
  return list
})

const svg = ref<SVGSVGElement>()
const held = ref<'seed' | 'end' | null>(null)
let grip = 0

function place(event: PointerEvent): number {
  const box = svg.value?.getBoundingClientRect()
  return box ? ((event.clientX - box.left) / box.width) * props.width : 0
}

function moved(id: 'seed' | 'end', day: string) {
  const p = plan.value
  if (!p) return
  if (id === 'seed' && day >= p.endOn) return
  if (id === 'end' && day <= p.seedOn) return
  if (day === (id === 'seed' ? p.seedOn : p.endOn)) return
  emit('move', id === 'seed' ? { ...p, seedOn: day } : { ...p, endOn: day })
}

function down(mark: Mark, event: PointerEvent) {
  if (!mark.movable || mark.id === 'plant') return
  event.preventDefault()
  held.value = mark.id
  grip = place(event) - x(scale.value, mark.day)
  ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
}

function drag(event: PointerEvent) {
  if (held.value) moved(held.value, dayAt(scale.value, place(event) - grip))
}

function key(mark: Mark, event: KeyboardEvent) {
  if (event.key === 'Enter') emit('keep')
  else if (event.key === 'Escape') emit('drop')
  else if (mark.movable && mark.id !== 'plant' && /^Arrow(Left|Right)$/.test(event.key)) {
    const step = (event.shiftKey ? 7 : 1) * (event.key === 'ArrowLeft' ? -1 : 1)
    moved(mark.id, plus(mark.day, step))
  } else return
  event.preventDefault()
  event.stopPropagation()
}
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${width} ${height}`"
    :width="width"
    :height="height"
    class="furrowstrip"
    role="group"
    :aria-label="`Season of ${furrow.name}`"
  >
    <defs>
      <linearGradient :id="cropId" x1="0" x2="1" y1="0" y2="0">
        <stop
          v-for="s in cropStops"
          :key="s.at"
          :offset="s.at"
          :style="{
            stopColor: `color-mix(in oklab, var(--crop-straw) ${Math.round(s.ripe * 100)}%, var(--crop-green))`,
          }"
        />
      </linearGradient>
      <pattern
        id="late"
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <rect width="2.4" height="6" class="hatch" />
      </pattern>
    </defs>
    <path
      v-if="shape"
      :d="
        silhouette(
          shape.standing.map((v) => v * 0.78),
          room,
        )
      "
      :fill="`url(#${cropId})`"
    />
    <path
      v-if="shape"
      :d="
        silhouette(
          shape.standing.map((v) => v * 0.78),
          room,
        )
      "
      fill="url(#rows)"
    />
    <path :d="silhouette(nextCrop, room)" class="next" />
    <path :d="silhouette(cover.high, room)" class="fan" />
    <path :d="silhouette(cover.middle, room)" class="cover" />
    <path :d="band(cover.low, cover.low, room)" class="low" />
    <rect :y="ground" x="0" :width="width" :height="large ? 12 : 7" class="soil" />
    <line x1="0" :x2="width" :y1="ground" :y2="ground" class="ground" />

    <g v-if="window" class="window">
      <rect
        :x="window.opens"
        :width="Math.max(0, window.best - window.opens)"
        :y="ground + 1"
        :height="large ? 11 : 6"
        class="best"
      />
      <rect
        :x="window.best"
        :width="Math.max(0, window.closes - window.best)"
        :y="ground + 1"
        :height="large ? 11 : 6"
        fill="url(#late)"
      />
      <path
        v-for="edge in ['opens', 'closes'] as const"
        :key="edge"
        :d="`M${window[edge]},${ground - 9}v${large ? 22 : 17}`"
        class="edge"
        tabindex="0"
        :aria-label="`${edge} ${sayDay(window.w[edge].day)}`"
        @mouseenter="emit('edge', window.w[edge].reason)"
        @focus="emit('edge', window.w[edge].reason)"
        @mouseleave="emit('edge', null)"
        @blur="emit('edge', null)"
      >
        <title>{{ edge }} {{ sayDay(window.w[edge].day) }}</title>
      </path>
    </g>

    <path
      v-if="cut"
      :d="`M${x(scale, cut.day)},${ground}v-18m-5,0h10`"
      :class="['cut', { likely: cut.state === 'LIKELY' }]"
    >
      <title>Harvest {{ sayDay(cut.day) }}{{ cut.state === 'LIKELY' ? ', likely' : '' }}</title>
    </path>
    <line :x1="x(scale, today)" :x2="x(scale, today)" y1="0" :y2="height" class="today" />

    <g
      v-for="m in marks"
      :key="m.id"
      :transform="`translate(${x(scale, m.day)},${ground}) scale(${large ? 1.25 : 1})`"
      :class="[
        'mark',
        m.id,
        {
          movable: m.movable,
          done: m.done,
          likely: m.unsaid === 'likely',
          open: m.unsaid === 'open',
          accepted: furrow.plan?.plan.status === 'accepted',
          proposed: proposed && m.movable,
        },
      ]"
      :tabindex="m.movable ? 0 : -1"
      :role="m.movable ? 'slider' : 'img'"
      :aria-label="`${m.label} of ${furrow.name}${m.movable ? '' : ', ' + sayDay(m.day)}`"
      :aria-valuetext="m.movable ? sayDay(m.day) : undefined"
      :aria-valuenow="m.movable ? between(start, m.day) : undefined"
      ::aria-valuemin="m.movable ? 0 : undefined"
      :aria-valuemax="m.movable ? days : undefined"
      @pointerdown="down(m, $event)"
      @pointermove="drag"
      @pointerup="held = null"
      @pointercancel="held = null"
      @keydown="key(m, $event)"
    >
      <path
        v-if="m.id !== 'plant'"
        class="plate"
        d="M-11,-26h22a3,3 0 0 1 3,3v14a3,3 0 0 1 -3,3h-7l-4,6l-4,-6h-7a3,3 0 0 1 -3,-3v-14a3,3 0 0 1 3,-3z"
      />
      <path
        class="tool"
        :d="drawing(m.kind)"
        :transform="
          m.id === 'plant' ? 'translate(-9,-15.5) scale(0.9)' : 'translate(-9,-25) scale(0.9)'
        "
      />
      <text v-if="m.unsaid === 'open'" class="ask" x="14" y="-20">?</text>
      <title>
        {{ m.label }} {{ sayDay(m.day)
        }}{{ m.unsaid === 'likely' ? ', likely' : m.unsaid ? ', nothing written down' : '' }}
      </title>
    </g>
  </svg>
</template>

<style scoped>
.furrowstrip {
  display: block;
  overflow: visible;
  touch-action: pan-y;
}
.cover {
  fill: var(--leaf);
}
.fan {
  fill: var(--leaf-fan);
  opacity: 0.75;
}
.low {
  fill: none;
  stroke: var(--plate);
  stroke-width: 1;
  stroke-dasharray: 3 3;
  opacity: 0.8;
}
.cut {
  fill: none;
  stroke: var(--soil);
  stroke-width: 1.5;
}
.cut.likely,
.mark.likely .tool {
  stroke-dasharray: 3 2;
  opacity: 0.6;
}
.mark.plant.done .tool {
  stroke: var(--ink);
}
.mark.open .plate {
  stroke: var(--rust);
  stroke-dasharray: 3 2;
}
.ask {
  fill: var(--rust);
  font-weight: 700;
  font-size: 15px;
}
.next {
  fill: var(--crop-green);
  opacity: 0.55;
}
.soil {
  fill: var(--soil-band);
}
.ground {
  stroke: var(--line);
  stroke-width: 1.5;
}
.best {
  fill: var(--leaf);
  opacity: 0.75;
}
.hatch {
  fill: var(--leaf);
  opacity: 0.75;
}
.edge {
  stroke: var(--ink);
  stroke-width: 1.6;
  fill: none;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
.mark .plate {
  fill: var(--plate);
  stroke: var(--ink);
  stroke-width: 1.3;
  stroke-dasharray: 3 2;
}
.mark.accepted .plate,
.mark.plant .plate {
  stroke-dasharray: none;
}
.mark.plant .plate {
  stroke: var(--muted);
}
.mark .tool {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.mark.done .plate {
  fill: var(--ink);
  stroke-dasharray: none;
}
.mark.done .tool {
  stroke: var(--plate);
}
.mark.movable {
  cursor: ew-resize;
  touch-action: none;
}
.mark.proposed .plate {
  stroke: var(--rust);
  stroke-width: 2;
}
.mark.proposed .tool {
  stroke: var(--rust);
}
.mark:focus-visible {
  outline: none;
}
.mark:focus-visible .plate {
  stroke: var(--sky);
  stroke-width: 2.6;
}
.edge:focus-visible {
  outline: none;
  stroke: var(--sky);
  stroke-width: 3;
}
</style>
