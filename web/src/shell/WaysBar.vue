<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import { waysOf } from './pages'

/** The ways to look at the same thing, under the menu. */
const route = useRoute()
const ways = computed(() => waysOf(route.path))
</script>

<template>
  <nav v-if="ways.length" class="ways no-print" aria-label="Ways to look">
    <router-link v-for="w in ways" :key="w.to" :to="w.to">{{ w.name }}</router-link>
  </nav>
</template>

<style scoped>
.ways {
  display: flex;
  gap: 2px;
  overflow-x: auto;
  padding: 2px 24px 0;
  border-bottom: 1px solid var(--rule);
}
.ways a {
  flex: none;
  padding: 5px 12px 5px;
  color: inherit;
  text-decoration: none;
  font-size: 0.92rem;
  border-bottom: 3px solid transparent;
}
.ways a:hover {
  border-bottom-color: var(--rule);
}
.ways a.router-link-active {
  font-weight: 650;
  border-bottom-color: var(--rust);
}
@media (max-width: 700px) {
  .ways {
    padding: 0 6px;
  }
  .ways a {
    padding: 12px 12px 11px;
  }
}
</style>
