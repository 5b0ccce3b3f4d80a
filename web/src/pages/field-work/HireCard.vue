<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { alter, atOnce, useRead } from '../../farm/data'
import { farmNow } from '../../farm/now'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { sayDay } from '../../words/days'

/** Farms that are worked for: which are in the plan, and what they are quoted. */
defineProps<{ owner: boolean }>()
type Customer = Schemas['CustomerView']
const CUSTOMERS = '/api/farms/{farmId}/field-work/customers'
const CUSTOMER = '/api/farms/{farmId}/field-work/customers/{customerId}'
const session = useSession()
// Without a signal there is nothing to show of them.
const { data } = useRead(CUSTOMERS)
const customers = computed(() => data.value ?? [])
const quoted = ref('')
const { data: quote } = useRead(`${CUSTOMER}/quote`, () =>
  quoted.value ? { path: { customerId: quoted.value }, query: { units: session.units } } : null,
)

const work = (c: Customer, worked: boolean): Promise<unknown> =>
  attempt(async () => {
    const customerId = c.farmId
    const now = (was: Customer[]) =>
      was.map((o) => (o.farmId === customerId ? { ...o, worked } : o))
    await atOnce(CUSTOMERS, {}, now, () =>
      alter('PUT', CUSTOMER, { path: { customerId }, body: { worked } }),
    )
    if (!worked && quoted.value === customerId) quoted.value = ''
    notice.show(
      worked
        ? `${c.name} is in the plan; lay out the work to see its fields.`
        : `${c.name} is no longer in the plan.`,
      'Undo',
      () => void work(c, !worked),
    )
  })
const show = (c: Customer) => (quoted.value = quoted.value === c.farmId ? '' : c.farmId)
/** To the cent, so that the sum is that of what is shown. */
const cents = (usd: number) => usd.toLocaleString('en-US', { style: 'currency', currency: 'USD' })
const paper = (c: Schemas['CustomerView']) =>
  `/api/farms/${farmNow()}/field-work/customers/${c.farmId}/quote.pdf?units=${session.units}`
</script>

<template>
  <section v-if="customers.length" class="card no-print">
    <h2>Work for others</h2>
    <p class="muted small">
      Seeding and ending of their fields, with your machines and crew. What is done is logged there.
    </p>
    <div v-for="c in customers" :key="c.farmId" class="my-2">
      <div class="row">
        <v-checkbox
          :model-value="c.worked"
          :disabled="!owner"
          :label="`${c.name}, ${c.fields} ${c.fields === 1 ? 'field' : 'fields'}`"
          density="compact"
          hide-details
          class="grow"
          @update:model-value="(on) => work(c, !!on)"
        />
        <button v-if="c.worked && owner" class="link small" @click="show(c)">quote</button>
      </div>
      <template v-if="quoted === c.farmId && quote">
        <p v-if="!quote.lines.length" class="muted small">
          Nothing of {{ c.name }} is kept yet. Lay out the work and keep it.
        </p>
        <template v-else>
          <table class="plain small">
            <tbody>
              <tr v-for="l in quote.lines" :key="l.fieldId + l.label">
                <td>
                  {{ l.field }}<span class="muted">, {{ l.words || l.label }}</span>
                  <div class="muted">
                    {{ sayDay(l.startOn) }}, {{ session.amount(l.areaHa, 'HA') }},
                    {{ session.amount(l.hours, 'HOURS')
                    }}{{
                      l.loads === undefined
                        ? ''
                        : `, ${l.loads} ${l.loads === 1 ? 'load' : 'loads'}`
                    }}
                  </div>
                </td>
                <td class="n">
                  {{ l.by === 'nothing' ? 'no price yet' : cents(l.usd) }}
                </td>
              </tr>
              <tr>
                <td><b>Price</b></td>
                <td class="n">
                  <b>{{ cents(quote.usd) }}</b>
                </td>
              </tr>
            </tbody>
          </table>
          <a class="small" :href="paper(c)">The quote on paper (PDF)</a>
        </template>
      </template>
    </div>
  </section>
</template>
