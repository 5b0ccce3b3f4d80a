<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { Refusal } from '../../api/client'
import { alter } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import EntryFields from './EntryFields.vue'
import { draftOf, inputOf, kindOf, type CropOff } from './entries'

/** Puts an entry right; what it said before stays with it. */
const props = defineProps<{
  fieldId: string
  recorded: Schemas['Recorded']
  today: string
  species: string[]
  crops: CropOff[]
}>()
const emit = defineEmits<{ close: [] }>()
const session = useSession()
const draft = ref(draftOf(props.recorded.entry))
const kind = computed(() => kindOf(session.entryKinds, draft.value.kind))
const refused = ref('')

const keep = () =>
  attempt(
    async () => {
      const { entry, version } = props.recorded
      const input = inputOf(draft.value, kind.value)
      await alter('POST', '/api/farms/{farmId}/fields/{fieldId}/log/{entryId}/correct', {
        path: { fieldId: props.fieldId, entryId: entry.id },
        body: { entry: input, version },
      })
      notice.show('Put right; what it said before stays with it.')
      emit('close')
    },
    (r: Refusal) => (refused.value = r.message),
  )
</script>

<template>
  <v-dialog :model-value="true" max-width="640" @update:model-value="emit('close')">
    <form class="card pa-4" @submit.prevent="keep">
      <h2>Put right what was written down</h2>
      <div class="row my-3 wrap">
        <EntryFields v-model="draft" kept :today="today" :species="species" :crops="crops" />
      </div>
      <p v-if="refused" class="rust" role="alert">{{ refused }}</p>
      <div class="row">
        <v-btn type="submit" color="primary">Keep</v-btn>
        <v-btn variant="text" @click="emit('close')">Leave as it is</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.wrap {
  flex-wrap: wrap;
}
</style>
