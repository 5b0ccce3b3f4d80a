<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, useRead } from '../../farm/data'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'
import { sentence } from '../../words/reasons'
import GrazingBars from './GrazingBars.vue'
import GrazingForm from './GrazingForm.vue'

/** Groups of animals on the cover: whether it feeds them, and on which days they may not be there. */
type Group = Schemas['GroupView']
const props = defineProps<{ fieldId: string; asked: boolean }>()
const session = useSession()
const GROUP = '/api/farms/{farmId}/grazing-groups/{groupId}'
const {
  data: grazing,
  trouble,
  again,
} = useRead('/api/farms/{farmId}/fields/{fieldId}/grazing', () => ({
  path: { fieldId: props.fieldId },
}))
const groups = computed(() => grazing.value?.groups ?? [])
const shown = computed(() => props.asked || groups.value.length > 0)
const writing = ref<Group | 'new' | null>(null)
/** Feed is known to a hundred pounds at best. */
const HUNDREDS = -2
const feed = (kg: number) => session.amount(kg, 'KG', HUNDREDS)
async function remove(g: Group) {
  const path = { groupId: g.id }
  await attempt(async () => {
    await alter('DELETE', GROUP, { path })
    notice.show(`${g.name} taken off.`, 'Undo', () => alter('POST', `${GROUP}/restore`, { path }))
  })
}
</script>

<template>
  <section v-if="shown" class="card">
    <h2>Who grazes it, and when</h2>
    <ReadTrouble v-if="!grazing" what="The grazing" :trouble="trouble" @again="again" />
    <template v-else>
      <p v-if="!groups.length" class="muted">
        No group yet. With head, mass and days it says in how many years there is feed enough, and
        which days labels, frost and ground forbid.
      </p>
      <GrazingBars v-if="groups.length" :from="grazing.from" :to="grazing.to" :groups="groups" />
      <div v-for="g in groups" :key="g.id" class="group">
        <p>
          <b>{{ g.head }} {{ g.name }}</b
          >, {{ sayDay(g.inOn) }} to {{ sayDay(g.outOn) }}: eat {{ feed(g.needKg) }}, there
          {{ feed(g.feedKg) }} ({{ feed(g.lowKg) }} to {{ feed(g.highKg) }}).
          <b :class="{ rust: g.hungry }">Enough in {{ g.enough }} of {{ g.years }} years</b>; the
          ground carries in {{ g.fit }}.
          <template v-if="session.owner">
            <button class="link small no-print" @click="writing = g">change</button>
            <button class="link small no-print" @click="remove(g)">take off</button>
          </template>
        </p>
        <p v-for="(b, i) in g.barred" :key="i" class="rust">
          ▲ Not {{ sayDay(b.from) }}{{ b.to === b.from ? '' : ` to ${sayDay(b.to)}` }}:
          {{ session.reason(b.why) }}.
        </p>
        <p v-for="(c, i) in g.cautions" :key="`c${i}`" class="muted small">
          ▲ {{ sentence(session.reason(c)) }}.
        </p>
      </div>
      <GrazingForm
        v-if="writing && grazing.planId"
        :key="writing === 'new' ? 'new' : writing.id"
        :plan-id="grazing.planId"
        :group="writing === 'new' ? null : writing"
        :from="grazing.from"
        @done="writing = null"
      />
      <v-btn
        v-else-if="session.owner && grazing.planId"
        variant="text"
        size="small"
        class="no-print"
        @click="writing = 'new'"
        >Add a group</v-btn
      >
      <p class="muted small">
        Labels, seed tags and your vet decide; look at the herd daily when it goes on.
      </p>
    </template>
  </section>
</template>

<style scoped>
.group {
  border-top: 1px solid var(--rule);
  padding: 8px 0;
}
.group .link {
  margin-left: 6px;
}
</style>
