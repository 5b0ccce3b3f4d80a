<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import OwnJobForm from './OwnJobForm.vue'
import { listed, stands } from './ownJobs'

/** Work that no cover asks for; it takes the same people and machines. */
const props = defineProps<{ work: Schemas['WorkView'] }>()
const session = useSession()
const { data: jobs } = useRead('/api/farms/{farmId}/own-jobs')
const { data: fields } = useRead('/api/farms/{farmId}/fields')
const editing = ref<Schemas['OwnJobView'] | 'new' | null>(null)
const field = (id: string) => fields.value?.find((f) => f.id === id)?.name ?? ''
const said = (j: Schemas['OwnJobView']) =>
  sentence(j.words || (session.choices?.ownWorks.find((w) => w.key === j.work)?.label ?? ''))
const open = computed(() => listed(jobs.value ?? [], props.work))
const remove = (j: Schemas['OwnJobView']) =>
  attempt(async () => {
    const path = { jobId: j.id }
    await alter('DELETE', '/api/farms/{farmId}/own-jobs/{jobId}', { path })
    notice.show(`${said(j)} is taken out.`, 'Undo', () =>
      attempt(() => alter('POST', '/api/farms/{farmId}/own-jobs/{jobId}/restore', { path })),
    )
  })
</script>

<template>
  <section class="card no-print">
    <div class="row">
      <h2 class="grow">Other work</h2>
      <v-btn
        v-if="session.owner && fields?.length"
        size="small"
        variant="outlined"
        @click="editing = 'new'"
        >Add work</v-btn
      >
    </div>
    <p v-if="!open.length" class="muted">
      Hay, silage, manure, tillage: what takes people and machines beside covers is laid out with
      them.
    </p>
    <div v-for="j in open" :key="j.id" class="job">
      <div>
        <button v-if="session.owner && !j.doneOn" class="link" @click="editing = j">
          {{ said(j) }}
        </button>
        <b v-else>{{ said(j) }}</b>, {{ field(j.fieldId) }}
        <div class="muted small">
          {{ sayDay(j.from) }} to {{ sayDay(j.to)
          }}<template v-if="j.hours">, {{ session.amount(j.hours, 'HOURS') }}</template>
        </div>
      </div>
      <span class="tag" :class="stands(j, work).tone">{{ stands(j, work).said }}</span>
      <v-btn
        v-if="session.owner && !j.doneOn"
        variant="text"
        size="small"
        :aria-label="`Take out: ${said(j)}`"
        @click="remove(j)"
        >×</v-btn
      >
    </div>
    <OwnJobForm
      v-if="editing"
      :key="editing === 'new' ? 'new' : editing.id"
      :job="editing === 'new' ? null : editing"
      :today="work.today"
      @done="editing = null"
    />
  </section>
</template>

<style scoped>
.job {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
}
.job .link {
  display: inline;
}
@media (max-width: 600px) {
  .job {
    grid-template-columns: 1fr auto;
  }
  .job .tag {
    grid-row: 2;
    justify-self: start;
  }
}
.job + .job {
  border-top: 1px solid var(--rule);
}
</style>
