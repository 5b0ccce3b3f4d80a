<script setup lang="ts">
import { ref } from 'vue'
import { useRead } from '../../farm/data'
import { sayDay } from '../../words/days'
import { shadeOf } from './shade'

/** Light at the ground week by week: what a stubborn weed has to live on. */
const props = defineProps<{ fieldId: string }>()
const open = ref(false)
const { data: seasons, busy } = useRead('/api/farms/{farmId}/fields/{fieldId}/shade', () =>
  open.value ? { path: { fieldId: props.fieldId } } : null,
)
</script>

<template>
  <section class="card">
    <header class="row">
      <h2 class="grow">Shade to smother weeds</h2>
      <v-btn v-if="!open" variant="text" density="compact" @click="open = true">Reckon it</v-btn>
    </header>
    <p v-if="open && busy && !seasons" class="muted">Growing it under thirty years of weather …</p>
    <div v-for="s in seasons ?? []" :key="s.season" class="season">
      <p>
        <strong>{{ s.season }}–{{ String(s.season + 1).slice(2) }}:</strong> {{ s.dark }} of
        {{ s.light.length }} weeks with under {{ Math.round(s.under * 100) }} % of daylight at the
        ground
      </p>
      <div class="weeks" role="img" :aria-label="`${s.dark} of ${s.light.length} weeks dark`">
        <i
          v-for="(l, w) in s.light"
          :key="w"
          :class="{ dark: l < s.under }"
          :style="{ opacity: shadeOf(l) }"
          :title="`${Math.round(l * 100)} % of daylight`"
        />
      </div>
      <p v-if="s.open.length" class="muted">
        open
        <template v-for="(g, i) in s.open" :key="g.from"
          >{{ i ? ', ' : '' }}{{ sayDay(g.from) }} – {{ sayDay(g.to) }}</template
        >
      </p>
    </div>
  </section>
</template>

<style scoped>
.season {
  margin-top: 10px;
}
.weeks {
  display: flex;
  gap: 1px;
  margin: 4px 0;
}
.weeks i {
  flex: 1;
  height: 22px;
  background: var(--crop-straw);
}
.weeks i.dark {
  background: var(--soil);
}
</style>
