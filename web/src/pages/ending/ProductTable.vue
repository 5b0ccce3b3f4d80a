<script setup lang="ts">
import FigureField from '../../parts/FigureField.vue'
import { useSession } from '../../session'
import { MODE, rateUnit, type Product } from './products'

/** The products of the farm; those that are ticked go into the tank, at the rate that is typed. */
const rates = defineModel<Record<string, number | undefined>>('rates', { required: true })
defineProps<{ products: Product[] }>()
const emit = defineEmits<{ edit: [Product]; remove: [Product] }>()
const session = useSession()
function toggle(p: Product) {
  const next = { ...rates.value }
  if (p.id in next) delete next[p.id]
  else next[p.id] = p.label.lowPerHa
  rates.value = next
}
</script>

<template>
  <table class="plain no-print my-2">
    <tbody>
      <tr v-for="p in products" :key="p.id">
        <td>
          <label class="pick"
            ><input type="checkbox" :checked="p.id in rates" @change="toggle(p)" />
            <span
              ><b>{{ p.label.name }}</b
              ><span class="muted small block">{{ MODE[p.label.mode] }}</span></span
            ></label
          >
        </td>
        <td>
          <FigureField
            v-if="p.id in rates"
            v-model="rates[p.id]"
            label="Rate"
            :aria-label="`Rate of ${p.label.name}`"
            :unit="rateUnit(p.label.unit)"
          />
          <span class="small muted"
            >label {{ session.amount(p.label.lowPerHa, rateUnit(p.label.unit)) }} to
            {{ session.amount(p.label.highPerHa, rateUnit(p.label.unit)) }}</span
          >
        </td>
        <td class="n">
          <button v-if="session.operator" class="link small" @click="emit('edit', p)">label</button>
          <button
            v-if="session.operator"
            class="muted pl-2"
            :aria-label="`Take away ${p.label.name}`"
            @click="emit('remove', p)"
          >
            ×
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.pick {
  display: flex;
  gap: 8px;
}
.block {
  display: block;
}
</style>
