<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import type { FieldSeason, PlanInput, Reason, Schemas } from '../../api/client'
import AxisHead from '../../furrow/axis/AxisHead.vue'
import AxisHours from '../../furrow/axis/AxisHours.vue'
import AxisLanes from '../../furrow/axis/AxisLanes.vue'
import AxisLimits from '../../furrow/axis/AxisLimits.vue'
import AxisSky from '../../furrow/axis/AxisSky.vue'
import AxisYears from '../../furrow/axis/AxisYears.vue'
import type { Level } from '../../furrow/axis/zoom'
import FurrowStrip from '../../furrow/FurrowStrip.vue'
import { within, x } from '../../furrow/scale'
import { useRoom } from '../../parts/paper'
import { useSession } from '../../session'
import { LANES_AT, useFieldAxis } from './useFieldAxis'

/** The field's time on one axis that is looked at from years to hours, with all that has a date. */
const props = defineProps<{
  shown?: FieldSeason
  plan: PlanInput | null
  odds: Schemas['DateOddsView'] | null
  /** The day that closer looks are about. */
  anchor: string
  movable?: boolean
  proposed?: boolean
  /** What is looked at before anybody chooses. */
  first?: Level
  /** What each ending comes to, where it is known. */
  outcomes?: readonly Schemas['EndingRow'][]
  /** Above something else that is read: the season itself is drawn lower. */
  low?: boolean
}>()
const emit = defineEmits<{
  move: [plan: PlanInput]
  keep: []
  drop: []
  edge: [reason: Reason | null]
  seed: [window: FieldSeason['windows'][number]]
  end: [ending: FieldSeason['endings'][number]]
  link: [link: Schemas['LinkView']]
}>()
const session = useSession()
const [WIDE, TALL, FLAT, GROUND] = [900, 190, 110, 26] as const
const holder = useTemplateRef<HTMLElement>('holder')
const width = useRoom(holder, WIDE)
const axis = useFieldAxis(props, holder, width)
const { zoom, scale, close, hours, links, seeds, ends, stages, curve, tall, harvest } = axis
const { view, level } = zoom
/** Among hours the season needs less room. */
const picture = computed(() => (props.low || level.value === 'days' ? FLAT : TALL))

function point(lane: 'seed' | 'end', key?: string) {
  const window = props.shown?.windows.find((w) => lane === 'seed' && w.method === key)
  const ending = props.shown?.endings.find((e) => lane === 'end' && e.way === key)
  emit('edge', window?.closes.reason ?? ending?.reasons[0] ?? null)
}
function pick(lane: 'seed' | 'end', key: string) {
  const window = props.shown?.windows.find((w) => w.method === key)
  const ending = props.shown?.endings.find((e) => e.way === key)
  if (lane === 'seed' && window) emit('seed', window)
  if (lane === 'end' && ending) emit('end', ending)
}
function pickLink(id: string) {
  const link = links.value.find((l) => l.id === id)
  if (link) emit('link', link)
}
</script>

<template>
  <div class="card picture">
    <div
      ref="holder"
      class="axis"
      tabindex="0"
      role="group"
      aria-label="The field's time: plus and minus look closer and farther away, arrows move along"
    >
      <template v-if="shown && view">
        <AxisHead
          :view="view"
          :level="level"
          :width="width"
          @go="zoom.go"
          @closer="zoom.closer"
          @farther="zoom.farther"
        />
        <svg v-if="level === 'years'" :width="width" :height="TALL">
          <AxisYears
            :links="links"
            :scale="scale"
            :ground="TALL - GROUND - GROUND"
            :chosen="shown.furrow.plan?.id"
            @pick="pickLink"
          />
          <line
            v-if="within(scale, shown.today)"
            :x1="x(scale, shown.today)"
            :x2="x(scale, shown.today)"
            y1="0"
            :y2="TALL"
            class="today"
          />
        </svg>
        <template v-else>
          <FurrowStrip
            :furrow="shown.furrow"
            :shape="shown.shape"
            :start="shown.start"
            :today="shown.today"
            :width="width"
            :height="picture"
            :view="view"
            :movable="movable"
            :proposed="proposed"
            large
            @move="emit('move', $event)"
            @keep="emit('keep')"
            @drop="emit('drop')"
            @edge="emit('edge', $event)"
          >
            <template #behind>
              <AxisSky
                v-if="shown.sky"
                :sky="shown.sky"
                :start="shown.start"
                :today="shown.today"
                :harvest="harvest"
                :scale="scale"
                :height="picture - GROUND"
                :rain="(mm) => session.amount(mm, 'MM')"
              />
            </template>
          </FurrowStrip>
          <svg :width="width" :height="tall" class="lanes">
            <AxisLimits
              :limits="shown.limits"
              :plant-on="shown.furrow.nextPlantOn"
              :scale="scale"
              :height="tall"
            />
            <path
              v-if="within(scale, shown.today)"
              :d="`M${x(scale, shown.today)},0v${tall}`"
              class="today"
            />
            <AxisHours
              v-if="level === 'days'"
              :hours="hours?.hours ?? []"
              :scale="scale"
              :y="LANES_AT"
            />
            <AxisLanes
              v-else
              :seeds="seeds"
              :ends="ends"
              :stages="stages"
              :odds="curve"
              :scale="scale"
              :y="LANES_AT"
              :close="close"
              :movable="movable && !!plan"
              @point="point"
              @pick="pick"
            />
          </svg>
        </template>
      </template>
    </div>
  </div>
</template>

<style scoped>
.picture {
  padding: 6px 14px 10px;
}
.axis {
  overflow: hidden;
  touch-action: pan-y;
  cursor: grab;
  user-select: none;
}
.axis:focus-visible {
  outline: 2px solid var(--sky);
  outline-offset: 4px;
  border-radius: 6px;
}
.lanes,
.axis > svg {
  display: block;
}
.today {
  stroke: var(--rust);
  stroke-width: 1.4;
}
@media (max-width: 900px) {
  .picture {
    padding: 4px 6px;
  }
}
</style>
