<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Furrow, Schemas } from '../api/client'
import { between } from '../words/days'
import { endDay } from './furrowMarks'
import {
  band,
  coverHeight,
  nextCropHeights,
  ripening,
  silhouette,
  until,
  WEEKS,
  type Room,
} from './shapes'

/** What stands along the furrow: the crop before, ripening, the cover with its range, the next crop. */
const props = defineProps<{
  furrow: Furrow
  shape?: Schemas['CropShape']
  start: string
  room: Room
}>()
const FULL_MG = 10
const WEEK = 7
/** The crop before is drawn lower than it stands, so that the cover is seen before it. */
const CROP_SHARE = 0.78
const weekOf = (day: string) => between(props.start, day) / WEEK

const cover = computed(() => {
  const ended = endDay(props.furrow)
  const end = ended ? Math.ceil(weekOf(ended)) : WEEKS
  const to = (values?: number[]) => until(values ?? [], end).map((v) => coverHeight(v, FULL_MG))
  return { low: to(props.furrow.low), middle: to(props.furrow.middle), high: to(props.furrow.high) }
})
/** Between two weeks it stands to its very day. */
const gone = computed(() => {
  const ended = endDay(props.furrow)
  return ended ? Math.max(0, (weekOf(ended) / (WEEKS - 1)) * props.room.width) : props.room.width
})
const crop = computed(() => {
  const s = props.shape
  return (
    s &&
    silhouette(
      s.standing.map((v) => v * CROP_SHARE),
      props.room,
    )
  )
})
const own = useId()
const cropId = `crop-${own}`
const coverId = `cover-${own}`
const cropStops = computed(() =>
  props.shape ? ripening(props.shape.standing, props.shape.green) : [],
)
const straw = (ripe: number) =>
  `color-mix(in oklab, var(--crop-straw) ${(ripe * 100).toFixed()}%, var(--crop-green))`
const nextCrop = computed(() => nextCropHeights(weekOf(props.furrow.nextPlantOn)))
</script>

<template>
  <g>
    <defs>
      <linearGradient :id="cropId" x1="0" x2="1" y1="0" y2="0">
        <stop
          v-for="s in cropStops"
          :key="s.at"
          :offset="s.at"
          :style="{ stopColor: straw(s.ripe) }"
        />
      </linearGradient>
      <clipPath :id="coverId">
        <rect x="0" y="-20" :width="gone" :height="room.ground + 20" />
      </clipPath>
    </defs>
    <path v-if="crop" :d="crop" :fill="`url(#${cropId})`" />
    <path :d="silhouette(nextCrop, room)" class="next" />
    <g :clip-path="`url(#${coverId})`">
      <path :d="silhouette(cover.high, room)" class="fan" />
      <path :d="silhouette(cover.middle, room)" class="cover" />
      <path :d="band(cover.low, cover.low, room)" class="low" />
    </g>
  </g>
</template>

<style scoped>
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
.next {
  fill: var(--crop-green);
  opacity: 0.55;
}
</style>
