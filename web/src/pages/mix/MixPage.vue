<script setup lang="ts">
import { computed } from 'vue'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'
import MixBeside from './MixBeside.vue'
import MixTable from './MixTable.vue'
import MixTotals from './MixTotals.vue'
import { useMix } from './useMix'

/** The mix bench: three entries that stay in step, warnings with their way out, two mixes compared. */
const session = useSession()
const mix = useMix()
const { rows, lots, mixes, placement, ending, name, beside, other, before } = mix
const { answer, otherAnswer, trouble } = mix
const methods = computed(() =>
  (session.choices?.methods ?? []).map((m) => ({ title: sentence(m.label), value: m.key })),
)
const endings = computed(() => [
  { title: 'not settled', value: '' },
  ...(session.choices?.endings ?? []).map((e) => ({ title: e.label, value: e.key })),
])
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <h1 class="grow">Mix bench</h1>
      <v-btn variant="text" :disabled="!before.length" @click="mix.undo">Undo</v-btn>
      <template v-if="session.owner">
        <v-text-field v-model="name" label="Name of the mix" class="name" />
        <v-btn color="primary" :disabled="!name.trim()" @click="mix.keep">Keep</v-btn>
      </template>
    </header>
    <div class="bench">
      <section class="card">
        <div class="row mb-2">
          <v-select
            :model-value="placement"
            :items="methods"
            label="Seeded by"
            class="method"
            @update:model-value="mix.place"
          />
          <v-select v-model="ending" :items="endings" label="Ended by" class="ending" />
        </div>
        <MixTable
          :rows="rows"
          :lots="lots"
          :answer="answer"
          @mass-share="mix.setMassShare"
          @count-share="mix.setCountShare"
          @take="mix.take"
        />
        <v-btn variant="text" size="small" @click="mix.add">Add a species</v-btn>
        <p v-if="trouble" class="rust mt-2">{{ trouble }}</p>
        <MixTotals v-if="answer" :answer="answer" @total="mix.setTotal" @seeds="mix.setSeeds" />
      </section>

      <aside class="card">
        <h2>What may go wrong</h2>
        <p v-if="answer && !answer.warnings.length" class="my-2">
          Nothing that a mix alone shows. The field page runs it through thirty years.
        </p>
        <ul class="warnings">
          <li v-for="w in answer?.warnings ?? []" :key="w.code + w.text">
            {{ sentence(session.reason(w.reason)) }}.
            <v-btn v-if="w.fix" size="small" variant="outlined" class="mt-1" @click="mix.mend(w)">
              {{ w.fix }}
            </v-btn>
          </li>
        </ul>
        <h2 class="mt-4">Beside another</h2>
        <v-select
          v-model="beside"
          :items="mixes.map((m) => ({ title: m.name, value: m.id }))"
          label="Mix of this farm"
          clearable
          class="my-2"
        />
        <MixBeside
          v-if="answer && otherAnswer"
          :name="other?.name"
          :mine="answer"
          :other="otherAnswer"
        />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.name {
  max-width: 220px;
}
.method {
  min-width: 220px;
}
.ending {
  min-width: 180px;
}
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 320px;
  gap: 16px;
  align-items: start;
}
.warnings {
  padding-left: 16px;
}
.warnings li {
  margin: 8px 0;
}
@media (max-width: 900px) {
  .bench {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
