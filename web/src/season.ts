import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Furrow, PlanInput, Reason, SeasonView } from './api/client'
import { alter, consider, read } from './farm/data'
import { useSession } from './session'

/** A move that is shown but not kept. */
export interface Proposal {
  plan: PlanInput
  furrow: Furrow
  changes: Reason[]
}

/** The season of the farm, with moves proposed on it until they are kept or dropped. */
export const useSeason = defineStore('season', () => {
  const session = useSession()
  const view = ref<SeasonView | null>(null)
  const proposals = ref(new Map<string, Proposal>())
  const busy = ref(false)

  const proposed = computed(() => proposals.value.size)

  function farmPath() {
    return { farmId: session.farm?.id ?? '' }
  }

  async function load() {
    busy.value = true
    try {
      view.value = await read('/api/farms/{farmId}/season', { path: farmPath() })
    } finally {
      busy.value = false
    }
  }

  /** The furrow as shown: proposed if there is a proposal. */
  function shown(furrow: Furrow): Furrow {
    return proposals.value.get(furrow.fieldId)?.furrow ?? furrow
  }

  const latest = new Map<string, PlanInput>()
  const asking = new Set<string>()

  /** Shows what a plan would do. While one answer is awaited only the newest wish is kept. */
  async function propose(furrow: Furrow, plan: PlanInput) {
    const id = furrow.fieldId
    latest.set(id, plan)
    if (asking.has(id)) return
    asking.add(id)
    try {
      for (;;) {
        const wish = latest.get(id)
        if (!wish) return
        latest.delete(id)
        const moved = await consider('/api/farms/{farmId}/fields/{fieldId}/move', {
          path: { fieldId: id },
          body: wish,
        })
        proposals.value = new Map(proposals.value).set(id, { plan: wish, ...moved })
      }
    } finally {
      asking.delete(id)
    }
  }

  function drop(fieldId?: string) {
    const rest = new Map(proposals.value)
    if (fieldId) rest.delete(fieldId)
    else rest.clear()
    proposals.value = rest
  }

  /** Keeps one proposal, or all. */
  async function keep(fieldId?: string) {
    const kept = [...proposals.value].filter(([id]) => !fieldId || id === fieldId)
    await save(
      kept.length === 1 ? 'move kept' : `${kept.length} moves kept`,
      kept.map(([id, p]) => ({ fieldId: id, plan: p.plan })),
    )
    drop(fieldId)
  }

  /** Stores plans as one change; a plan of undefined takes it away. */
  async function save(what: string, plans: { fieldId: string; plan?: PlanInput }[]) {
    const furrows = new Map(view.value?.furrows.map((f) => [f.fieldId, f]))
    view.value = await alter('POST', '/api/farms/{farmId}/plans', {
      path: farmPath(),
      body: {
        what,
        plans: plans.map((p) => ({ ...p, version: furrows.get(p.fieldId)?.plan?.version })),
      },
    })
  }

  async function undo(): Promise<string | undefined> {
    const undone = await alter('POST', '/api/farms/{farmId}/plans/undo', { path: farmPath() })
    drop()
    await load()
    return undone.what
  }

  return { view, proposals, proposed, busy, load, shown, propose, drop, keep, save, undo }
})
