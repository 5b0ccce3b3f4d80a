<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'
import type { Schemas } from '../../api/client'
import FurrowThread from '../../furrow/FurrowThread.vue'
import { useSeason } from '../../season'
import { useRoom } from '../../parts/paper'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { between, sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { sentence } from '../../words/reasons'
import { decisions, unchosen, type Decision } from './decide'

/** What is to be decided, each with the day it must be, its season as a thread, and its odds. */
const props = defineProps<{ view: Schemas['SeasonView'] }>()
const session = useSession()
const season = useSeason()
const kinds = useKinds()
const box = useTemplateRef<HTMLElement>('box')
const width = useRoom(box)
/** A thread's height, its widest, and what stands beside it on a desk and on a phone, px. */
const [HEIGHT, WIDEST, BESIDE, EDGES, WIDE] = [26, 420, 520, 34, 700] as const
const strip = computed(() =>
  width.value > WIDE ? Math.min(WIDEST, width.value - BESIDE) : Math.max(200, width.value - EDGES),
)
const FEW = 6
const all = ref(false)
const list = computed(() => decisions(props.view.furrows))
const shown = computed(() => (all.value ? list.value : list.value.slice(0, FEW)))
const open = computed(() => unchosen(props.view.furrows))
const waiting = computed(() => list.value.filter((d) => d.accept))
const today = computed(() => props.view.farm.today)
const late = (d: Decision) => !!d.by && between(today.value, d.by) < session.usual('soonDays')

const accept = (what: readonly Decision[]) =>
  attempt(async () => {
    const plans = what.flatMap(({ furrow: { fieldId, plan } }) =>
      plan
        ? [
            {
              fieldId,
              planId: plan.id,
              version: plan.version,
              plan: { ...plan.plan, status: 'accepted' as const },
            },
          ]
        : [],
    )
    const name = what.length === 1 ? (what[0]?.furrow.name ?? '') : `${what.length} fields`
    await season.save(`${name}: plan accepted`, plans)
    notice.show(`${name}: plan accepted.`, 'Undo', season.undo)
  })
</script>

<template>
  <section ref="box" class="card">
    <header class="row mb-2">
      <h2 class="grow">{{ session.owner ? 'To decide' : 'The owner decides' }}</h2>
      <v-btn
        v-if="session.owner && waiting.length > 1"
        variant="text"
        density="compact"
        @click="accept(waiting)"
        >Accept all {{ waiting.length }}</v-btn
      >
    </header>
    <p v-if="!list.length && !open.length" class="muted">Nothing waits for a decision.</p>
    <ol class="list">
      <li v-for="d in shown" :key="d.furrow.fieldId" class="one">
        <span class="by" :class="{ rust: late(d) }">
          <template v-if="d.by"
            ><small>{{ d.by < today ? 'closed' : 'by' }}</small> {{ sayDay(d.by) }}</template
          >
        </span>
        <span class="what">
          <router-link :to="d.to">{{ d.furrow.name }}</router-link>
          <span class="ask">{{ d.ask }}</span>
          <span class="muted cover" :title="sentence(d.furrow.coverWords)">{{
            sentence(kinds.cover(d.furrow.plan?.plan.components))
          }}</span>
        </span>
        <FurrowThread
          class="strip"
          :furrow="d.furrow"
          :shape="view.shapes[d.furrow.shape ?? '']"
          :start="view.start"
          :today="today"
          :width="strip"
          :height="HEIGHT"
        />
        <span class="odds">
          <b v-if="d.furrow.goal" :class="{ rust: d.furrow.goal.poor }"
            >{{ d.furrow.goal.met }} of {{ d.furrow.goal.years }}</b
          >
        </span>
        <v-btn
          v-if="d.accept && session.owner"
          class="act"
          size="small"
          variant="outlined"
          :aria-label="`Accept the plan of ${d.furrow.name}`"
          @click="accept([d])"
          >Accept</v-btn
        >
        <v-btn v-else class="act" size="small" variant="outlined" :to="d.to">Open</v-btn>
      </li>
    </ol>
    <p v-if="list.length > FEW" class="mt-2">
      <button class="link" @click="all = !all">
        {{ all ? 'Fewer' : `${list.length - FEW} more` }}
      </button>
    </p>
    <p v-if="open.length" class="mt-3">
      <b>{{ open.length }} {{ open.length === 1 ? 'field has' : 'fields have' }} no cover yet:</b>
      <template v-for="(f, i) in open" :key="f.fieldId"
        >{{ i ? ', ' : ' '
        }}<router-link :to="`/fields/${f.fieldId}`">{{ f.name }}</router-link></template
      >
    </p>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  padding: 0;
}
.one {
  display: grid;
  grid-template-columns: 66px minmax(150px, 1fr) auto 70px 84px;
  gap: 10px;
  align-items: center;
  padding: 7px 0;
  border-top: 1px solid var(--rule);
}
.by {
  font-weight: 650;
  font-variant-numeric: tabular-nums;
}
.by small {
  display: block;
  font-weight: 400;
  line-height: 1;
  color: var(--muted);
}
.what {
  min-width: 0;
}
.what a {
  font-weight: 650;
}
.ask {
  margin-left: 8px;
}
.cover {
  display: block;
  font-size: 0.82rem;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
}
.act {
  font-size: 0.85rem;
}
.odds {
  text-align: right;
  white-space: nowrap;
}
@media (max-width: 800px) {
  .one {
    grid-template-columns: 62px 1fr auto;
  }
  .strip {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .odds {
    display: none;
  }
  .act {
    min-height: 44px;
  }
}
</style>
