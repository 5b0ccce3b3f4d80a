<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'
import { sentence } from '../../words/reasons'

/** The machines that can do a seeding job: loads, hours, and the setting to begin at. */
const machineId = defineModel<string>({ required: true })
const props = defineProps<{ job: Schemas['JobView'] }>()
const session = useSession()
const seedKey = computed(() =>
  (props.job.plan?.components ?? [])
    .map((c) => c.species)
    .sort()
    .join('+'),
)
</script>

<template>
  <section class="card">
    <h2>With what</h2>
    <p v-if="!job.machines.length" class="my-2">
      No machine in the shed does this way of seeding.
      <router-link to="/shed">Look at the shed</router-link>
    </p>
    <label
      v-for="m in job.machines"
      :key="m.machine.id"
      class="choice"
      :class="{ on: machineId === m.machine.id }"
    >
      <input v-model="machineId" type="radio" :value="m.machine.id" name="machine" />
      <span class="grow">
        <b>{{ m.machine.name }}</b> · {{ session.amount(m.hours, 'HOURS') }}
        <template v-if="m.usd"> · {{ session.amount(m.usd, 'USD') }}</template>
        <span class="block small"
          >{{ m.loads.loads }} {{ m.loads.loads === 1 ? 'load' : 'loads' }} of
          {{ session.amount(m.loads.kgPerLoad, 'KG') }}
          ({{ m.loads.bindingLimit === 'mass' ? 'mass' : 'hopper' }} limits),
          {{ m.loads.passes }} passes</span
        >
        <span v-for="(n, i) in m.loads.notes" :key="i" class="block small rust">{{
          sentence(session.reason(n)) + '.'
        }}</span>
        <span v-if="m.memory" class="block small memory">
          Last time {{ m.memory.setting }} gave
          {{
            m.memory.rateKgPerHa !== undefined
              ? session.amount(m.memory.rateKgPerHa, 'KG_PER_HA')
              : '–'
          }}<template v-if="m.settingForTarget">
            → begin at <b>{{ m.settingForTarget.toFixed(1) }}</b></template
          ><template v-if="m.chartCorrection"
            >; the chart gives {{ session.amount(m.chartCorrection, 'SHARE') }}</template
          >
        </span>
        <router-link
          v-else
          :to="{ path: `/shed/${m.machine.id}`, query: { seed: seedKey } }"
          class="block small no-print"
          >never set for this seed: set it first</router-link
        >
        <span v-if="m.settingNote" class="block small rust">{{
          sentence(session.reason(m.settingNote)) + '.'
        }}</span>
        <span v-if="m.swathProven" class="block small memory"
          >even to {{ session.amount(m.swathM, 'M') }} by its pattern test: lines, loads and hours
          use that</span
        >
      </span>
    </label>
  </section>
</template>

<style scoped>
.block {
  display: block;
}
.choice {
  display: flex;
  gap: 10px;
  padding: 9px 4px;
  border-bottom: 1px solid var(--rule);
  cursor: pointer;
}
.choice.on {
  background: color-mix(in srgb, var(--leaf-fan) 24%, transparent);
}
.memory {
  color: var(--sky);
}
@media print {
  .choice:not(.on) {
    display: none;
  }
}
</style>
