<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { useSession } from '../../session'

/** How far the laying out is, or why it came to nothing. */
defineProps<{ run: Schemas['RunView'] }>()
const emit = defineEmits<{ stop: [] }>()
const session = useSession()
</script>

<template>
  <section
    v-if="run.state === 'waiting' || run.state === 'running'"
    class="card mb-4"
    role="status"
  >
    <div class="row">
      <p class="grow">
        {{ run.state === 'waiting' ? 'Waiting for its turn' : 'Laying out the work'
        }}{{ run.ahead ? `, ${run.ahead} before it` : '' }}, asked by {{ run.askedBy
        }}<template v-if="run.value !== undefined"
          >; the best so far brings <b>{{ session.amount(run.value, 'USD') }}</b></template
        >
      </p>
      <v-btn size="small" variant="outlined" @click="emit('stop')">Stop and show</v-btn>
    </div>
    <v-progress-linear :model-value="100 * run.progress" height="6" class="mt-2" />
  </section>
  <section v-else-if="run.state === 'failed'" class="card mb-4 rust">{{ run.trouble }}</section>
</template>
