import { computed, ref, watch } from 'vue'
import { useDisplay } from 'vuetify'
import { Refusal, type FieldSeason, type PlanInput } from '../../api/client'
import { consider, read, useRead } from '../../farm/data'
import { newestOnly } from '../../farm/newest'
import { linkLooked } from '../../farm/now'
import { takeAlong, triedHere } from '../../phone/season'
import { useSeason } from '../../season'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** A field's season with a plan that is tried on it until it is saved or dropped. */
export function usePlanDraft(fieldId: () => string) {
  const season = useSeason()
  const path = computed(() => ({ fieldId: fieldId() }))
  const {
    data: stored,
    trouble,
    again,
  } = useRead('/api/farms/{farmId}/fields/{fieldId}/season', () => ({ path: path.value }))
  const preview = ref<FieldSeason | null>(null)
  const shown = computed(() => preview.value ?? stored.value)
  const draft = ref<PlanInput | null>(null)
  const refused = ref<Refusal | null>(null)
  const storedPlan = computed(() => stored.value?.furrow.plan?.plan ?? null)
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  const dirty = computed(() => draft.value !== null && !same(draft.value, storedPlan.value))

  /** Whether what is shown was reckoned on this phone, for no server answered. */
  const here = ref(false)

  function drop() {
    draft.value = storedPlan.value
    preview.value = null
    refused.value = null
    here.value = false
  }
  const { smAndDown } = useDisplay()
  watch(
    fieldId,
    (id) => {
      if (smAndDown.value) void takeAlong(id).catch(() => undefined)
    },
    { immediate: true },
  )
  // What is being tried is not lost when somebody else changes the farm.
  watch(
    stored,
    (now, was) => {
      const tried = draft.value !== null && !same(draft.value, was?.furrow.plan?.plan ?? null)
      if (!tried || now?.field.id !== was?.field.id) drop()
    },
    { immediate: true },
  )

  async function ask(plan: PlanInput) {
    here.value = false
    const address = '/api/farms/{farmId}/fields/{fieldId}/preview' as const
    try {
      return await consider(address, { path: path.value, body: plan })
    } catch (e) {
      const silent = e instanceof Refusal && e.status === 0
      const mine = silent && stored.value && (await triedHere(stored.value, plan))
      if (!mine) throw e
      here.value = true
      return mine
    }
  }
  const wish = newestOnly(ask, (answer, plan) => {
    // Dropped while its answer was awaited.
    if (!same(draft.value, plan)) return
    preview.value = answer
    refused.value = null
  })
  /** Shows what a plan would do. */
  async function propose(plan: PlanInput) {
    draft.value = plan
    await attempt(
      () => wish(plan),
      (refusal) => (refused.value = refusal),
    )
  }
  /** Begins a plan with what fits a reason. */
  const start = (purpose: string) =>
    attempt(async () => {
      const address = '/api/farms/{farmId}/fields/{fieldId}/start' as const
      await propose(await read(address, { path: path.value, query: { purpose } }))
    })

  async function reload() {
    await again()
    drop()
  }
  const store = (what: string, plan: PlanInput | undefined, said: string) =>
    attempt(
      async () => {
        const was = stored.value?.furrow.plan
        const of = { planId: was?.id, version: was?.version }
        await season.save(what, [{ fieldId: fieldId(), ...of, plan }])
        // What was new is one of the field's covers now.
        if (linkLooked.value?.startsWith('new')) linkLooked.value = null
        await reload()
        notice.show(said, 'Undo', undo)
      },
      (refusal) => {
        refused.value = refusal
        notice.show(refusal.message, refusal.status === 409 ? 'Show theirs' : '', reload)
      },
    )
  async function save(status: PlanInput['status']) {
    if (!draft.value || !stored.value) return
    const said = status === 'accepted' ? 'Plan accepted.' : 'Plan kept as a proposal.'
    await store(`${stored.value.field.name}: plan ${status}`, { ...draft.value, status }, said)
  }
  async function remove() {
    if (!stored.value) return
    await store(`${stored.value.field.name}: plan taken away`, undefined, 'Plan taken away.')
  }
  async function undo() {
    await season.undo()
    await reload()
  }
  return {
    shown,
    draft,
    refused,
    trouble,
    dirty,
    here,
    propose,
    start,
    save,
    remove,
    undo,
    drop,
    again,
  }
}
