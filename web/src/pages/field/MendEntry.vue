<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRead } from '../../farm/data'
import { mend, type Waiting } from '../../outbox'
import { useSession } from '../../session'
import EntryFields from './EntryFields.vue'
import { draftOf, inputOf, kindOf, type EntryInput } from './entries'

/** Puts right what was refused when the phone sent it, and sends it again. */
const props = defineProps<{ waiting: Waiting }>()
const emit = defineEmits<{ close: [] }>()
const session = useSession()
const body = props.waiting.body as EntryInput
const { data: log } = useRead('/api/farms/{farmId}/fields/{fieldId}/log', {
  path: { fieldId: props.waiting.fieldId ?? '' },
})
const draft = ref(
  draftOf({
    id: props.waiting.about,
    ...body,
    figures: body.figures ?? {},
    names: body.names ?? {},
    actives: {},
    products: [],
  }),
)
const kind = computed(() => kindOf(session.entryKinds, draft.value.kind))
const species = computed(() => (draft.value.names.species ? [draft.value.names.species] : []))

async function send() {
  emit('close')
  await mend(props.waiting, inputOf(draft.value, kind.value))
}
</script>

<template>
  <v-dialog :model-value="true" max-width="640" @update:model-value="emit('close')">
    <form class="card pa-4" @submit.prevent="send">
      <h2>Mend and send again</h2>
      <p class="rust">{{ waiting.problem }}</p>
      <div class="row my-3 wrap">
        <EntryFields
          v-model="draft"
          kept
          :today="session.farm?.today ?? ''"
          :species="species"
          :crops="log?.crops ?? []"
        />
      </div>
      <div class="row">
        <v-btn type="submit" color="primary">Send</v-btn>
        <v-btn variant="text" @click="emit('close')">Not now</v-btn>
      </div>
    </form>
  </v-dialog>
</template>

<style scoped>
.wrap {
  flex-wrap: wrap;
}
</style>
