<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { FieldView } from '../api/client'
import { read } from '../farm/data'
import { useSession } from '../session'

const open = defineModel<boolean>({ required: true })
const session = useSession()
const router = useRouter()
const words = ref('')
const fields = ref<FieldView[]>([])
const found = computed(() =>
  fields.value.filter((f) => f.name.toLowerCase().includes(words.value.toLowerCase())).slice(0, 8),
)

let reading: Promise<unknown> = Promise.resolve()

watch(open, (now) => {
  if (!now || !session.farm) return
  words.value = ''
  reading = read('/api/farms/{farmId}/fields', { path: { farmId: session.farm.id } }).then(
    (all) => (fields.value = all),
  )
})

/** Enter may come before the names do. */
async function goFirst() {
  await reading
  go(found.value[0]?.id)
}

function go(id?: string) {
  if (!id) return
  open.value = false
  void router.push('/fields/' + id)
}
</script>

<template>
  <v-dialog v-model="open" max-width="420" aria-label="Find a field">
    <div class="card">
      <v-text-field v-model="words" autofocus label="Field name" @keydown.enter="goFirst" />
      <ul class="list">
        <li v-for="(f, i) in found" :key="f.id">
          <button :class="{ first: i === 0 }" @click="go(f.id)">
            {{ f.name }} <span class="muted">{{ session.amount(f.areaHa, 'HA') }}</span>
          </button>
        </li>
        <li v-if="!found.length" class="muted pa-2">No field of that name.</li>
      </ul>
    </div>
  </v-dialog>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 8px 0 0;
}
.list button {
  width: 100%;
  text-align: left;
  padding: 7px 10px;
  border-radius: 7px;
}
.list button.first,
.list button:hover {
  background: var(--rule);
}
</style>
