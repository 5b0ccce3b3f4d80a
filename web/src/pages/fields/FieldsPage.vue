<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { sayDay } from '../../words/days'
import { crops, soils } from '../field/names'
import ChangeFields from './ChangeFields.vue'
import FieldsAway from './FieldsAway.vue'

const session = useSession()
const { data: fields, trouble } = useRead('/api/farms/{farmId}/fields')
const words = ref('')
const chosen = ref<string[]>([])
const changing = ref(false)
const picked = computed(() => (fields.value ?? []).filter((f) => chosen.value.includes(f.id)))
const headers = [
  { title: 'Field', key: 'name' },
  { title: 'Area', key: 'areaHa', align: 'end' as const },
  { title: 'Soil', key: 'texture' },
  { title: 'This year', key: 'crop.kind' },
  { title: 'Next year', key: 'nextCrop.kind' },
  { title: '', key: 'notes', sortable: false },
]
const total = computed(() => (fields.value ?? []).reduce((sum, f) => sum + f.areaHa, 0))
</script>

<template>
  <div class="page">
    <header class="row mb-3">
      <div class="grow">
        <h1>Fields</h1>
        <p v-if="fields" class="muted">
          {{ fields.length }} {{ fields.length === 1 ? 'field' : 'fields' }},
          {{ session.amount(total, 'HA') }}
        </p>
      </div>
      <v-text-field v-model="words" label="Find" style="max-width: 200px" class="no-print" />
      <v-btn v-if="picked.length" color="primary" @click="changing = true"
        >Change {{ picked.length }} …</v-btn
      >
      <v-btn v-if="session.owner" variant="outlined" to="/fields/new">Add a field</v-btn>
      <v-btn
        v-if="session.owner"
        :color="picked.length ? undefined : 'primary'"
        :variant="picked.length ? 'outlined' : 'flat'"
        to="/fields/import"
        >Import boundaries</v-btn
      >
    </header>
    <p v-if="trouble" class="rust">{{ trouble }}</p>
    <v-data-table
      v-if="fields?.length"
      v-model="chosen"
      :show-select="session.owner"
      :items="fields"
      :headers="headers"
      :search="words"
      items-per-page="50"
      density="compact"
      class="card pa-0"
      :items-per-page-options="[50, 100, 250]"
    >
      <template #item.name="{ item }">
        <router-link :to="`/fields/${item.id}`">{{ item.name }}</router-link>
      </template>
      <template #item.areaHa="{ item }">{{ session.amount(item.areaHa, 'HA', 1) }}</template>
      <template #item.texture="{ item }">
        {{ soils[item.texture] }}<template v-if="item.tiled">, tiled</template>
      </template>
      <template #item.crop.kind="{ item }">
        {{ crops[item.crop.kind]
        }}<span v-if="item.crop.plantedOn" class="muted"> · {{ sayDay(item.crop.plantedOn) }}</span>
      </template>
      <template #item.nextCrop.kind="{ item }">
        {{ crops[item.nextCrop.kind]
        }}<span v-if="item.nextCrop.plantedOn" class="muted">
          · {{ sayDay(item.nextCrop.plantedOn) }}</span
        >
      </template>
      <template #item.notes="{ item }">
        <span v-if="item.organic" class="tag good">organic</span>
        <span v-if="item.erodible" class="tag">erodible</span>
        <span v-if="item.leftOutReason" class="tag bad" :title="item.leftOutReason">left out</span>
      </template>
    </v-data-table>
    <div v-else-if="fields" class="card">
      <h2>No fields yet</h2>
      <p class="my-2">
        Import boundaries as GeoJSON from whatever holds them now, or add a field by name and area.
      </p>
    </div>
    <FieldsAway />
    <ChangeFields v-model="changing" :fields="picked" @done="chosen = []" />
  </div>
</template>
