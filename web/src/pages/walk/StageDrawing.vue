<script setup lang="ts">
/** Own drawings of what is looked for: a head or a stem, drawn as a grower holds it. */
defineProps<{ look: string; title: string }>()
</script>

<template>
  <svg viewBox="0 0 90 120" role="img" :aria-label="title" class="stage">
    <g v-if="look === 'ANTHERS'">
      <path d="M45 118V62" class="stem" />
      <path
        v-for="i in 7"
        :key="i"
        :d="`M45 ${66 - i * 7}q${i % 2 ? 12 : -12} -2 ${i % 2 ? 11 : -11} -13q${i % 2 ? -11 : 11} 3 ${i % 2 ? -11 : 11} 13`"
        class="grain"
      />
      <g v-for="i in 5" :key="'a' + i">
        <path :d="`M${i % 2 ? 57 : 33} ${60 - i * 8}l${i % 2 ? 9 : -9} 6`" class="thread" />
        <ellipse :cx="i % 2 ? 67 : 23" :cy="67 - i * 8" rx="2.2" ry="4" class="anther" />
      </g>
    </g>
    <g v-else-if="look === 'MILK' || look === 'DOUGH'">
      <ellipse cx="45" cy="60" rx="22" ry="40" class="grain" />
      <path d="M45 22v74" class="thread" />
      <template v-if="look === 'MILK'">
        <path d="M45 100q-7 9 0 16q7 -7 0 -16" class="milk" />
      </template>
      <template v-else>
        <path d="M31 62h28" class="dent" />
        <path d="M35 72h20" class="dent" />
      </template>
    </g>
    <g v-else-if="look === 'BLOOM'">
      <path d="M45 118V50" class="stem" />
      <path d="M45 96q-26 -4 -30 -22M45 88q26 -4 30 -22" class="stem" />
      <g v-for="i in 6" :key="i">
        <path
          :d="`M45 ${56 - i * 7}q${i % 2 ? 18 : -18} -6 ${i % 2 ? 20 : -20} 8q${i % 2 ? -10 : 10} 4 ${i % 2 ? -20 : 20} -8`"
          class="flower"
        />
      </g>
    </g>
    <g v-else>
      <path d="M45 118V10" class="stem" />
      <path
        v-for="i in 3"
        :key="i"
        :d="`M45 ${110 - i * 24}q${i % 2 ? 30 : -30} 0 ${i % 2 ? 30 : -30} 22q${i % 2 ? -26 : 26} -2 ${i % 2 ? -30 : 30} -22`"
        class="pod"
      />
      <path d="M45 10q14 -8 16 4q-10 6 -16 -4" class="flower" />
    </g>
  </svg>
</template>

<style scoped>
.stage {
  width: 74px;
  height: 98px;
  flex: none;
}
.stem {
  stroke: var(--leaf);
  stroke-width: 3;
  fill: none;
}
.grain,
.pod {
  fill: var(--leaf-fan);
  stroke: var(--leaf);
  stroke-width: 1.5;
}
.thread,
.dent {
  stroke: var(--leaf);
  stroke-width: 1.5;
  fill: none;
}
.anther {
  fill: var(--crop-straw);
  stroke: var(--line);
}
.milk {
  fill: var(--plate);
  stroke: var(--sky);
  stroke-width: 1.5;
}
.flower {
  fill: color-mix(in srgb, var(--sky) 55%, var(--plate));
  stroke: var(--sky);
}
</style>
