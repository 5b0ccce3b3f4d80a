<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { FieldView, Schemas } from '../../api/client'
import { alter, consider, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { readNumber } from '../../words/numbers'
import { toSi, unitName } from '../../words/units'
import { frameOf, pathOf, type Point } from './outline'

/** A field worked in two pieces: by a line drawn across it, or by the area of the first. */
const props = defineProps<{ field: FieldView }>()
const session = useSession()
const router = useRouter()
const { data: shapes } = useRead('/api/farms/{farmId}/shapes')
/** How large the field is drawn, and from how many clicks a line is. */
const [WIDTH, MARGIN, ENDS] = [360, 14, 2] as const
const shape = computed(() => shapes.value?.find((s) => s.fieldId === props.field.id))
const frame = computed(() => (shape.value ? frameOf(shape.value, WIDTH, MARGIN) : null))
const line = ref<Point[]>([])
const area = ref('')
const names = ref([`${props.field.name} 1`, `${props.field.name} 2`])
const parts = ref<Schemas['PartView'][] | null>(null)
const path = { fieldId: props.field.id }
const drawn = computed(() => line.value.map((p) => frame.value?.toPicture(p) ?? [0, 0]))
watch([line, area], () => (parts.value = null))

function click(event: MouseEvent) {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  const at = frame.value?.toDegrees([event.clientX - box.left, event.clientY - box.top])
  if (!at) return
  area.value = ''
  line.value = line.value.length === ENDS ? [at] : [...line.value, at]
  if (line.value.length === ENDS) void look()
}
const typed = computed(() => readNumber(area.value, session.units))
const input = computed(() => {
  return {
    version: props.field.version,
    names: names.value,
    ...(line.value.length === ENDS
      ? { line: line.value.map((p) => [...p]) }
      : {
          areaHa:
            typed.value.value === undefined
              ? undefined
              : toSi(typed.value.value, 'HA', session.units),
        }),
  }
})
const look = () =>
  attempt(async () => {
    parts.value = await consider('/api/farms/{farmId}/fields/{fieldId}/split/preview', {
      path,
      body: input.value,
    })
  })
const divide = () =>
  attempt(async () => {
    const made = await alter('POST', '/api/farms/{farmId}/fields/{fieldId}/split', {
      path,
      body: input.value,
    })
    notice.show(`${props.field.name} is worked in two pieces from today on.`)
    await router.push(`/fields/${made[0]?.id ?? ''}`)
  })
</script>

<template>
  <section class="card mt-4">
    <h2 class="mb-1">Work it in two pieces</h2>
    <p class="muted mb-3">
      Each piece is planned, worked and counted by itself from today on; both keep the field’s past.
      <template v-if="frame">Click on two edges to draw the line, or give an area.</template>
    </p>
    <div class="divide">
      <svg
        v-if="frame && shape"
        :width="WIDTH"
        :height="frame.height"
        class="picture"
        role="img"
        aria-label="The field; click on two edges to draw a line across"
        @click="click"
      >
        <path :d="pathOf(shape, frame)" class="whole" />
        <template v-for="(p, i) in parts ?? []" :key="i">
          <path v-if="p.shape" :d="pathOf(p.shape, frame)" :class="['part', `p${i}`]" />
        </template>
        <circle v-for="(p, i) in drawn" :key="i" :cx="p[0]" :cy="p[1]" r="4" />
        <line
          v-if="drawn.length === ENDS"
          :x1="drawn[0]?.[0]"
          :y1="drawn[0]?.[1]"
          :x2="drawn[1]?.[0]"
          :y2="drawn[1]?.[1]"
        />
      </svg>
      <div class="form">
        <v-text-field
          v-model="area"
          :label="`Area of the first piece, ${unitName('HA', session.units)}`"
          inputmode="decimal"
          :error-messages="typed.problem"
          @update:model-value="line = []"
        />
        <v-text-field v-model="names[0]" label="First piece" />
        <v-text-field v-model="names[1]" label="Second piece" />
        <ul v-if="parts" class="parts">
          <li v-for="(p, i) in parts" :key="i">
            <i :class="`p${i}`" /> {{ names[i] }}: {{ session.amount(p.areaHa, 'HA', 1) }}
          </li>
        </ul>
        <div class="row">
          <v-btn
            v-if="!parts"
            variant="outlined"
            :disabled="!area && line.length < ENDS"
            @click="look"
            >See the pieces</v-btn
          >
          <v-btn v-else color="primary" @click="divide">Divide the field</v-btn>
        </div>
      </div>
    </div>
  </section>
</template>

<style scoped>
.divide {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
}
.form {
  flex: 1 1 220px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  justify-content: flex-start;
}
.form > * {
  flex: none;
}
.picture {
  cursor: crosshair;
  max-width: 100%;
}
.whole {
  fill: var(--soil-band);
  stroke: var(--line);
  stroke-width: 1.5;
}
.part.p0,
i.p0 {
  fill: var(--leaf-fan);
  background: var(--leaf-fan);
}
.part.p1,
i.p1 {
  fill: var(--crop-straw);
  background: var(--crop-straw);
}
.part {
  stroke: var(--line);
}
circle,
line {
  fill: var(--rust);
  stroke: var(--rust);
  stroke-width: 2;
}
.parts {
  list-style: none;
  padding: 0;
}
.parts i {
  display: inline-block;
  width: 14px;
  height: 14px;
  border-radius: 3px;
  vertical-align: -2px;
}
</style>
