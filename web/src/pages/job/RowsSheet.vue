<script setup lang="ts">
import type { Schemas } from '../../api/client'
import RowsDrawing from '../../parts/RowsDrawing.vue'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'

/** How the openers are set so that rows come to lie as planned. */
defineProps<{ rows: Schemas['RowsOfJob']; method?: string }>()
const session = useSession()
const kinds = useKinds()
</script>

<template>
  <section class="card">
    <h2>Rows</h2>
    <RowsDrawing
      :spacing="rows.setup.cropSpacingM"
      :cover="rows.coverRowsM"
      :next="rows.setup.nextRowM"
      :band="rows.setup.sideDress?.bandM"
      :standing="kinds.method(method)?.underCrop ?? false"
    />
    <ul>
      <li v-for="(w, i) in rows.words" :key="i">{{ sentence(session.reason(w)) }}.</li>
    </ul>
  </section>
</template>

<style scoped>
ul {
  margin: 6px 0 0;
  padding-left: 18px;
}
</style>
