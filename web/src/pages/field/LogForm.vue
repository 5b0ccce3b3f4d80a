<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useSession } from '../../session'
import TakenRow from '../../pictures/TakenRow.vue'
import TakePicture from '../../pictures/TakePicture.vue'
import type { Taken } from '../../pictures/taking'
import EntryFields from './EntryFields.vue'
import { blank, inputOf, kindOf, type CropOff } from './entries'
import { useWriting } from './useWriting'

/** Writes down what was done or seen on a field, with a signal or without. */
const props = defineProps<{
  fieldId: string
  today: string
  species: string[]
  crops: CropOff[]
  /** What the plan means to seed with. */
  machine?: string
}>()
const session = useSession()
const { write } = useWriting(() => props.fieldId)
const draft = ref(blank(props.today))
const pictures = ref<Taken[]>([])
// The plan knows already what seeds here.
watch(
  () => draft.value.kind,
  (now) => {
    if (now === 'seeded') draft.value.machineId ??= props.machine
  },
)
const kind = computed(() => kindOf(session.entryKinds, draft.value.kind))

async function add() {
  const label = kind.value?.label ?? draft.value.kind
  const entry = inputOf(draft.value, kind.value)
  if (!(await write([entry], `Written down: ${label}.`, pictures.value))) return
  draft.value = blank(props.today)
  pictures.value = []
}
</script>

<template>
  <form class="row my-2 no-print" @submit.prevent="add">
    <EntryFields v-model="draft" :today="today" :species="species" :crops="crops" />
    <TakenRow v-model="pictures" />
    <TakePicture label="Picture" @taken="pictures = [...pictures, ...$event]" />
    <v-btn type="submit" variant="outlined">Write down</v-btn>
  </form>
</template>
