<script setup lang="ts">
import { ref } from 'vue'
import type { Refusal, Schemas } from '../../api/client'
import { alter } from '../../farm/data'
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { plus } from '../../words/days'
import { newId } from '../../words/ids'

/** A group of animals for a cover. */
const props = defineProps<{ planId: string; group: Schemas['GroupView'] | null; from: string }>()
const emit = defineEmits<{ done: [] }>()
const session = useSession()
const id = props.group?.id ?? newId()
const first = session.usual('grazedAfter')
const stay = session.usual('grazedFor')
const name = ref(props.group?.name ?? 'cows')
const head = ref<number | undefined>(props.group?.head ?? session.usual('cattleHead'))
const headKg = ref<number | undefined>(props.group?.headKg ?? session.usual('cattleMass'))
const inOn = ref(props.group?.inOn ?? plus(props.from, first))
const outOn = ref(props.group?.outOn ?? plus(props.from, first + stay))
const refused = ref<Refusal | null>(null)
const wrong = (path: string) => refused.value?.at(path) ?? ''

const keep = () =>
  attempt(
    async () => {
      await alter('PUT', '/api/farms/{farmId}/grazing-groups/{groupId}', {
        path: { groupId: id },
        body: {
          version: props.group?.version,
          planId: props.planId,
          name: name.value,
          head: Math.round(head.value ?? 0),
          headKg: headKg.value ?? 0,
          inOn: inOn.value,
          outOn: outOn.value,
        },
      })
      emit('done')
    },
    (refusal) => (refused.value = refusal),
  )
</script>

<template>
  <form class="two mt-3 no-print" @submit.prevent="keep">
    <v-text-field v-model="name" label="Group" :error-messages="wrong('name')" />
    <FigureField v-model="head" label="Head" :error="wrong('head')" />
    <FigureField v-model="headKg" label="One weighs" unit="KG" :error="wrong('headKg')" />
    <v-text-field v-model="inOn" type="date" label="In" :error-messages="wrong('inOn')" />
    <v-text-field v-model="outOn" type="date" label="Out" :error-messages="wrong('outOn')" />
    <div class="row">
      <v-btn color="primary" type="submit">Keep</v-btn>
      <v-btn variant="text" @click="emit('done')">Leave it</v-btn>
    </div>
    <p v-if="refused" class="rust">{{ refused.message }}</p>
  </form>
</template>
