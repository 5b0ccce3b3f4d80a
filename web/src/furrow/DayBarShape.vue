<script setup lang="ts">
import { computed } from 'vue'
import { spanOf, type DayBar, type DayRange } from './dayBars'

/** A bar on its axis: full where it is as good as it gets, pale after, hatched where it is over. */
const props = defineProps<{ bar: DayBar; range: DayRange }>()
/** The thinnest bar, what the thickest has more, and one of no said worth; px, and a share. */
const [THIN, MORE, USUAL] = [7, 13, 0.35] as const
/** So that a bar of a day is still seen, hundredths of the width. */
const LEAST = 0.8
const span = computed(() => spanOf(props.bar, props.range))
const width = computed(() => Math.max(LEAST, span.value.width))
const best = computed(() => (span.value.width > LEAST ? span.value.best / span.value.width : 1))
</script>

<template>
  <span
    class="bar"
    :class="bar.tone"
    :style="{
      left: span.left + '%',
      width: width + '%',
      height: THIN + MORE * (bar.thick ?? USUAL) + 'px',
    }"
  >
    <span class="best" :style="{ width: 100 * best + '%' }" />
  </span>
</template>

<style scoped>
.bar {
  position: absolute;
  top: 50%;
  transform: translateY(-50%);
  border-radius: 4px;
  overflow: hidden;
  background: color-mix(in srgb, var(--leaf) 32%, transparent);
}
.best {
  position: absolute;
  inset: 0 auto 0 0;
  background: var(--leaf);
}
.bar.plain {
  background: color-mix(in srgb, var(--crop-straw) 40%, transparent);
}
.bar.plain .best {
  background: var(--crop-straw);
}
.bar.over {
  background: repeating-linear-gradient(115deg, var(--rule) 0 3px, transparent 3px 7px);
}
.bar.over .best {
  background: none;
}
</style>
