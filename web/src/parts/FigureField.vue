<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useSession } from '../session'
import { shown, toSi, unitName, type Unit } from '../words/units'
import { readNumber } from '../words/numbers'

/** A number typed in the reader's unit and held in SI; undefined while nothing sensible is typed. */
/** Places worth showing: three figures or so. */
const [UNITS, HUNDREDS] = [10, 1000] as const
const places = (size: number) => (size < UNITS ? 2 : size < HUNDREDS ? 1 : 0)
const value = defineModel<number | undefined>()
const props = defineProps<{ label: string; unit?: Unit; error?: string; digits?: number }>()
const session = useSession()
const typed = ref('')

const unit = computed<Unit>(() => props.unit ?? 'COUNT')
const said = computed(() => {
  const name = unitName(unit.value, session.units)
  return name ? `${props.label}, ${name}` : props.label
})

const problem = computed(() => readNumber(typed.value, session.units).problem)
const number = (text: string) => readNumber(text, session.units).value

// While something is typed it is not rewritten by an answer to a question from before.
let typing = false
let missed = false
watch([value, () => session.units], () => (typing ? (missed = true) : rewrite()), {
  immediate: true,
})

/** What stands in the field is rewritten only when the value came from elsewhere. */
function rewrite() {
  const mine = number(typed.value)
  const held = value.value
  if (held === undefined) {
    if (mine !== undefined) typed.value = ''
    return
  }
  const now = shown(held, unit.value, session.units)
  if (mine !== undefined && Math.abs(mine - now) <= 1e-6 * Math.max(1, Math.abs(now))) return
  typed.value = String(Number(now.toFixed(props.digits ?? places(Math.abs(now)))))
}
function finished() {
  typing = false
  missed = false
}
function left() {
  const behind = missed
  finished()
  if (behind) rewrite()
}

function set(text: string) {
  typing = true
  typed.value = text
  const n = number(text)
  value.value = n === undefined ? undefined : toSi(n, unit.value, session.units)
}
</script>

<template>
  <v-text-field
    :model-value="typed"
    :label="said"
    inputmode="decimal"
    :error-messages="problem || error"
    @update:model-value="set"
    @change="finished"
    @blur="left"
  />
</template>
