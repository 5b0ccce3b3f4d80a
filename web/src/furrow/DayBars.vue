<script setup lang="ts">
import { computed, ref } from 'vue'
import { months, plus, sayDay } from '../words/days'
import DayBarShape from './DayBarShape.vue'
import FurrowDrawing from './FurrowDrawing.vue'
import { placeOf, rangeOf, type DayBar } from './dayBars'

/** When things can be done, as bars under each other; what is pointed at tells its reasons below. */
const props = defineProps<{
  bars: DayBar[]
  /** The bar that is chosen. */
  chosen?: string
  today?: string
  /** Another day that matters to all, with its name. */
  limit?: { day: string; label: string }
  movable: boolean
}>()
const emit = defineEmits<{ pick: [key: string] }>()
const pointed = ref<string>()
const told = computed(() => pointed.value ?? props.chosen ?? props.bars[0]?.key)
const range = computed(() => rangeOf(props.bars, props.limit ? [props.limit.day] : []))
const ticks = computed(() =>
  range.value
    ? months(range.value.start, plus(range.value.start, range.value.days - 1)).map((m) => ({
        ...m,
        left: placeOf(m.day, range.value!),
      }))
    : [],
)
const said = (b: DayBar) =>
  b.from === b.to ? sayDay(b.from) : `${sayDay(b.from)} to ${sayDay(b.to)}`
const lines = computed(() => {
  const now = range.value
  if (!now) return []
  const at = (day: string) => placeOf(day, now)
  const inside = (left: number) => left > 0 && left < 100
  return [
    { left: at(props.today ?? now.start), label: 'today', kind: 'today' },
    ...(props.limit
      ? [{ left: at(props.limit.day), label: props.limit.label, kind: 'limit' }]
      : []),
  ].filter((l) => inside(l.left))
})
</script>

<template>
  <div v-if="range && bars.length" class="bars" @mouseleave="pointed = undefined">
    <div class="line head" aria-hidden="true">
      <span class="what" />
      <span class="track">
        <i v-for="t in ticks" :key="t.day" class="tick" :style="{ left: t.left + '%' }">{{
          t.name
        }}</i>
      </span>
      <span class="value" />
    </div>
    <component
      :is="movable ? 'button' : 'div'"
      v-for="b in bars"
      :key="b.key"
      class="line row"
      :class="{ mine: b.key === chosen, told: b.key === told }"
      :aria-label="`${b.label}, ${said(b)}${b.value ? `, ${b.value}` : ''}`"
      :aria-pressed="movable ? b.key === chosen : undefined"
      :data-bar="b.key"
      @mouseenter="pointed = b.key"
      @focus="pointed = b.key"
      @click="movable && emit('pick', b.key)"
    >
      <span class="what"><FurrowDrawing :kind="b.kind" />{{ b.label }}</span>
      <span class="track">
        <i v-for="t in ticks" :key="t.day" class="month" :style="{ left: t.left + '%' }" />
        <DayBarShape :bar="b" :range="range" />
        <i v-for="l in lines" :key="l.kind" :class="l.kind" :style="{ left: l.left + '%' }" />
      </span>
      <span class="value">{{ b.value }}</span>
    </component>
    <div class="line foot" aria-hidden="true">
      <span class="what" />
      <span class="track">
        <i
          v-for="l in lines"
          :key="l.kind"
          class="name"
          :class="l.kind"
          :style="{ left: l.left + '%' }"
          >{{ l.label }}</i
        >
      </span>
      <span class="value" />
    </div>
    <div class="reasons" aria-live="polite">
      <slot v-if="told" :bar="told" />
    </div>
  </div>
</template>

<style scoped>
.line {
  display: grid;
  grid-template-columns: 176px 1fr 92px;
  gap: 10px;
  align-items: center;
  width: 100%;
  text-align: left;
}
.row {
  min-height: 32px;
  border-radius: 6px;
  padding: 0 4px;
  margin: 0 -4px;
}
.row:is(button) {
  cursor: pointer;
}
.row.told {
  background: color-mix(in srgb, var(--rule) 34%, transparent);
}
.row.mine .what {
  font-weight: 600;
}
.what {
  display: flex;
  align-items: center;
  gap: 7px;
  font-size: 0.9rem;
  line-height: 1.15;
}
.track {
  position: relative;
  align-self: stretch;
  min-height: 20px;
}
.tick,
.name {
  position: absolute;
  font-style: normal;
  font-size: 0.75rem;
  color: var(--muted);
  padding-left: 3px;
  white-space: nowrap;
}
.name {
  transform: translateX(-50%);
  padding: 0;
}
.name.today {
  color: var(--rust);
}
.month,
i.today,
i.limit {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--rule);
}
i.today:not(.name) {
  border-left: 2px solid var(--rust);
}
i.limit:not(.name) {
  border-left: 2px dashed var(--line);
}
i.name {
  border: 0;
}
.value {
  font-size: 0.84rem;
  color: var(--muted);
  text-align: right;
  line-height: 1.15;
}
.head .track,
.foot .track {
  height: 18px;
}
.reasons {
  min-height: 3.2em;
  margin-top: 6px;
  font-size: 0.88rem;
  line-height: 1.4;
}
@media (max-width: 600px) {
  .line {
    grid-template-columns: 1fr 84px;
    gap: 0 8px;
  }
  .row {
    min-height: 44px;
    padding: 4px;
  }
  .track {
    grid-column: 1 / -1;
    order: 3;
  }
  .head .what,
  .head .value,
  .foot .what,
  .foot .value {
    display: none;
  }
}
</style>
