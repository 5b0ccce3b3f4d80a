<script setup lang="ts">
import { computed, ref } from 'vue'
import { alter, useRead } from '../../farm/data'
import { reach, stands, type Line } from '../../money/beam'
import MoneyBar from '../../money/MoneyBar.vue'
import ReadTrouble from '../../parts/ReadTrouble.vue'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sentence } from '../../words/reasons'
import AccountLine from './AccountLine.vue'

/** What the cover costs and brings: as planned, and what it came to. */
const props = defineProps<{ fieldId: string; planId?: string }>()
const session = useSession()
const ACCOUNTS = '/api/farms/{farmId}/fields/{fieldId}/accounts'
const {
  data: all,
  trouble,
  again,
} = useRead(ACCOUNTS, () => ({ path: { fieldId: props.fieldId } }))
const account = computed(
  () => all.value?.find((a) => a.planId === props.planId) ?? all.value?.[0] ?? null,
)
const lines = computed(() => account.value?.lines ?? [])
const scale = computed(() =>
  reach(lines.value.flatMap((l) => [l.planned ?? 0, l.came ?? 0, stands(l)])),
)
const money = (usd: number) => session.amount(usd, 'USD_PER_HA')
const whole = computed(() => {
  const a = account.value
  return a ? session.amount(Math.abs(a.stands) * a.areaHa, 'USD') : ''
})
const writing = ref<Line | 'new' | null>(null)

async function remove(l: Line) {
  const lineId = l.id
  if (!lineId) return
  await attempt(async () => {
    await alter('DELETE', '/api/farms/{farmId}/account-lines/{lineId}', { path: { lineId } })
    notice.show('Line taken out.', 'Undo', () =>
      alter('POST', '/api/farms/{farmId}/account-lines/{lineId}/restore', { path: { lineId } }),
    )
  })
}
</script>

<template>
  <section class="card">
    <h2>What it costs and brings</h2>
    <ReadTrouble v-if="!all" what="The account" :trouble="trouble" @again="again" />
    <p v-else-if="!account" class="muted">
      Plan a cover and say where the weather comes from; its account stands here.
    </p>
    <template v-else>
      <p class="sum" :class="{ rust: account.stands < 0 }">
        {{ account.stands < 0 ? 'Costs' : 'Brings' }} {{ money(Math.abs(account.stands)) }}
        <span class="muted whole">{{ whole }} on the field</span>
      </p>
      <p class="muted small mb-2">
        Planned {{ money(account.planned) }}.
        {{
          account.closed
            ? 'All of it has come.'
            : 'What has not come yet counts as planned: an outline, filled once it has.'
        }}
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th>for</th>
            <th class="bars"><span class="sr">bar</span></th>
            <th class="n">planned</th>
            <th class="n">came to</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(l, i) in lines" :key="l.id ?? i">
            <td>
              {{ sentence(l.label) }}
              <div class="muted small">
                {{ session.reason(l.words) }}
                <template v-if="l.id && session.owner">
                  <button class="link" @click="writing = l">change</button>
                  <button class="link" @click="remove(l)">take out</button>
                </template>
              </div>
            </td>
            <td class="bars"><MoneyBar :reach="scale" :planned="l.planned" :came="l.came" /></td>
            <td class="n">{{ l.planned === undefined ? '' : money(l.planned) }}</td>
            <td class="n">
              <b>{{ l.came === undefined ? '' : money(l.came) }}</b>
            </td>
          </tr>
        </tbody>
      </table>
      <AccountLine
        v-if="writing"
        :key="writing === 'new' ? 'new' : writing.id"
        :plan-id="account.planId"
        :line="writing === 'new' ? null : writing"
        @done="writing = null"
      />
      <div v-else class="row mt-2 no-print">
        <v-btn v-if="session.owner" variant="text" size="small" @click="writing = 'new'">
          Something else it saves, costs or brings
        </v-btn>
        <router-link to="/rules" class="small">Prices</router-link>
      </div>
    </template>
  </section>
</template>

<style scoped>
.sum {
  font-size: 1.5rem;
  font-weight: 680;
}
.whole {
  font-size: 0.9rem;
  font-weight: 400;
}
.bars {
  width: 34%;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
.n {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .bars {
    display: none;
  }
}
</style>
