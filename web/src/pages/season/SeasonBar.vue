<script setup lang="ts">
/** What is proposed or chosen, and what may be done with it. */
defineProps<{
  proposed: number
  chosen: number
  /** What the proposed moves come to together. */
  sum: string
}>()
const emit = defineEmits<{ keep: []; drop: []; accept: []; several: []; change: []; letGo: [] }>()
</script>

<template>
  <div v-if="proposed" class="bar no-print" role="status">
    <b>{{ proposed }} {{ proposed === 1 ? 'move' : 'moves' }} proposed</b>
    <span v-if="sum">{{ sum }}</span>
    <v-btn color="primary" @click="emit('keep')">Keep (Enter)</v-btn>
    <v-btn variant="text" @click="emit('drop')">Drop (Esc)</v-btn>
  </div>
  <div v-else-if="chosen" class="bar no-print" role="status">
    <b>{{ chosen }} {{ chosen === 1 ? 'field' : 'fields' }} chosen</b>
    <v-btn color="primary" @click="emit('accept')">Accept their plans</v-btn>
    <v-btn variant="outlined" @click="emit('several')">Plan one cover on them</v-btn>
    <v-btn variant="outlined" @click="emit('change')">Change their plans</v-btn>
    <v-btn variant="text" @click="emit('letGo')">Let go</v-btn>
  </div>
</template>

<style scoped>
.bar {
  position: fixed;
  left: 50%;
  bottom: 18px;
  transform: translateX(-50%);
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid var(--ink);
  border-radius: 12px;
  padding: 10px 14px;
  display: flex;
  gap: 12px;
  align-items: center;
  z-index: 20;
  box-shadow: 0 8px 28px rgb(0 0 0 / 0.2);
  white-space: nowrap;
}
@media (max-width: 700px) {
  .bar {
    bottom: 66px;
    white-space: normal;
    flex-wrap: wrap;
    width: calc(100vw - 24px);
  }
}
</style>
