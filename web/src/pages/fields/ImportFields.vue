<script setup lang="ts">
import { upload } from '../../farm/data'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { Refusal, type Schemas } from '../../api/client'
import { useSession } from '../../session'
import { notice } from '../../shell/notice'
import { attempt } from '../../shell/attempt'

const session = useSession()
const router = useRouter()
const file = ref<File | null>(null)
const property = ref('')
const check = ref<Schemas['Check'] | null>(null)
const wrong = ref<Refusal | null>(null)
const busy = ref(false)
const base = computed(() => `/api/farms/${session.farm?.id}/fields/import`)
const query = computed(() =>
  property.value ? '?nameProperty=' + encodeURIComponent(property.value) : '?',
)
const unsound = computed(() => check.value?.features.filter((f) => f.problem).length ?? 0)

async function look() {
  const chosen = file.value
  if (!chosen) return
  busy.value = true
  wrong.value = null
  check.value = null
  await attempt(
    async () => {
      const found = await upload<Schemas['Check']>(base.value + '/check' + query.value, chosen)
      check.value = found
      property.value ||= found.properties[0] ?? ''
    },
    (refusal) => (wrong.value = refusal),
  )
  busy.value = false
}

async function take() {
  const chosen = file.value
  if (!chosen) return
  busy.value = true
  await attempt(
    async () => {
      const done = await upload<Schemas['Imported']>(
        base.value + query.value + '&skipUnsound=' + (unsound.value > 0),
        chosen,
      )
      notice.show(`${done.fields} fields imported.`)
      await router.push('/fields')
    },
    (refusal) => (wrong.value = refusal),
  )
  busy.value = false
}
</script>

<template>
  <div class="page" style="max-width: 860px">
    <h1 class="mb-1">Import boundaries</h1>
    <p class="muted mb-4">
      GeoJSON with polygons or multipolygons in longitude and latitude (WGS 84), up to 10 MB.
      Nothing is stored until you have seen what is in it.
    </p>
    <div class="card">
      <v-file-input
        v-model="file"
        label="GeoJSON file"
        accept=".geojson,.json,application/geo+json"
        :loading="busy"
        @update:model-value="((property = ''), look())"
      />
      <div v-if="wrong" class="rust mt-3">
        <p>{{ wrong.message }}</p>
        <ul v-if="wrong.errors.length > 1" class="pl-5">
          <li v-for="(e, i) in wrong.errors.slice(0, 20)" :key="i">{{ e.message }}</li>
        </ul>
      </div>
      <template v-if="check">
        <v-select
          v-if="check.properties.length"
          v-model="property"
          class="my-4"
          label="The field's name is in"
          :items="check.properties"
          @update:model-value="look"
        />
        <p class="my-3">
          <b>{{ check.sound }} of {{ check.features.length }}</b> can be taken. Areas are computed
          on the WGS 84 ellipsoid.
        </p>
        <div class="scroll">
          <table class="plain">
            <thead>
              <tr>
                <th>#</th>
                <th>name</th>
                <th class="n">area</th>
                <th></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="f in check.features.slice(0, 300)" :key="f.number">
                <td>{{ f.number }}</td>
                <td>{{ f.name }}</td>
                <td class="n">{{ f.areaHa ? session.amount(f.areaHa, 'HA', 1) : '' }}</td>
                <td>
                  <span v-if="f.problem" class="rust">{{ f.problem }}</span>
                  <span v-else-if="f.warning">▲ {{ f.warning }}</span>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <div class="row mt-4">
          <v-btn color="primary" :disabled="!check.sound" :loading="busy" @click="take">
            {{ unsound ? `Take the ${check.sound} sound ones` : `Take all ${check.sound}` }}
          </v-btn>
          <v-btn variant="text" to="/fields">Leave it</v-btn>
        </div>
      </template>
    </div>
  </div>
</template>

<style scoped>
.scroll {
  max-height: 420px;
  overflow: auto;
}
</style>
