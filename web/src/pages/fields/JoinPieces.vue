<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { FieldView } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** A piece and another of the same field, worked as one again. */
const props = defineProps<{ field: FieldView }>()
const router = useRouter()
const { data: fields } = useRead('/api/farms/{farmId}/fields')
const others = computed(() =>
  (fields.value ?? []).filter(
    (f) => f.ofField && f.ofField === props.field.ofField && f.id !== props.field.id,
  ),
)
const other = ref<string | null>(null)
const name = ref(props.field.name.replace(/\s*\d+$/, ''))
const join = () =>
  attempt(async () => {
    if (!other.value) return
    const body = { fieldIds: [props.field.id, other.value], name: name.value }
    const joined = await alter('POST', '/api/farms/{farmId}/fields/join', { body })
    notice.show(`${joined.name} is worked as one from today on.`)
    await router.push(`/fields/${joined.id}`)
  })
</script>

<template>
  <section v-if="others.length" class="card mt-4">
    <h2 class="mb-1">Work it as one again</h2>
    <p class="muted mb-3">
      Pieces are joined when the same stands on both; the past of both stays.
    </p>
    <form class="row" @submit.prevent="join">
      <v-select
        v-model="other"
        label="With"
        :items="others.map((f) => ({ title: f.name, value: f.id }))"
        style="max-width: 220px"
      />
      <v-text-field v-model="name" label="Name" style="max-width: 220px" />
      <v-btn type="submit" variant="outlined" :disabled="!other">Join</v-btn>
    </form>
  </section>
</template>
