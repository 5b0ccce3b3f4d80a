<script setup lang="ts">
import { mdiDotsHorizontal } from '@mdi/js'
import { useRoute } from 'vue-router'
import { isOn, more, pages } from './pages'

/** The menu under the thumb. */
const route = useRoute()
</script>

<template>
  <v-bottom-navigation grow height="58" class="no-print">
    <v-btn
      v-for="p in pages"
      :key="p.to"
      :to="p.to"
      :active="isOn(p, route.path)"
      min-width="40"
      class="px-1"
    >
      <v-icon :icon="p.icon" />
      <span class="small">{{ p.name }}</span>
    </v-btn>
    <v-btn min-width="40" class="px-1" aria-label="More pages">
      <v-icon :icon="mdiDotsHorizontal" />
      <span class="small">More</span>
      <v-menu activator="parent" location="top">
        <v-list>
          <v-list-item
            v-for="p in more"
            :key="p.to"
            :to="p.to"
            :title="p.name"
            :prepend-icon="p.icon"
          />
        </v-list>
      </v-menu>
    </v-btn>
  </v-bottom-navigation>
</template>

<style scoped>
.small {
  font-size: 0.68rem;
}
</style>
