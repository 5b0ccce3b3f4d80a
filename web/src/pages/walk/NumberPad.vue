<script setup lang="ts">
import { ref } from 'vue'

/** Big keys for one thumb; a finished number is handed on with “next”. */
const MOST_DIGITS = 6
const props = defineProps<{ next: string; decimal?: boolean }>()
const emit = defineEmits<{ number: [value: number]; back: [] }>()
const typed = ref('')
const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '⌫', '0', 'next']

function press(key: string) {
  if (key === '⌫') {
    if (typed.value) typed.value = typed.value.slice(0, -1)
    else emit('back')
  } else if (key === 'next') {
    if (typed.value !== '') emit('number', Number(typed.value))
    typed.value = ''
  } else if (typed.value.length < MOST_DIGITS) {
    typed.value += key
  }
}
const name = (key: string) =>
  key === '⌫'
    ? 'Take back'
    : key === 'next'
      ? props.next.replace(/^./, (c) => c.toUpperCase())
      : key
</script>

<template>
  <div>
    <p class="counts" aria-live="polite">
      <slot />
      <b class="typing">{{ typed || '…' }}</b>
      <button v-if="decimal" class="point" aria-label="Point" @click="typed += '.'">.</button>
    </p>
    <div class="keys">
      <button
        v-for="k in KEYS"
        :key="k"
        :class="{ next: k === 'next' }"
        :aria-label="name(k)"
        @click="press(k)"
      >
        {{ k === 'next' ? next : k }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.counts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  min-height: 40px;
  align-items: center;
}
.counts :deep(span) {
  border: 1px solid var(--rule);
  border-radius: 6px;
  padding: 2px 9px;
}
.typing {
  font-size: 1.5rem;
  min-width: 44px;
  text-align: center;
}
.point {
  font-size: 1.6rem;
  width: 44px;
  border: 1px solid var(--rule);
  border-radius: 8px;
}
.keys {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.keys button {
  height: 62px;
  font-size: 1.5rem;
  border: 1px solid var(--rule);
  border-radius: 10px;
  background: rgb(var(--v-theme-surface));
}
.keys .next {
  font-size: 1rem;
  background: var(--leaf);
  color: #fff;
}
.v-theme--dark .keys .next {
  color: #17130f;
}
</style>
