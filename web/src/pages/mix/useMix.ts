import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useAnswer } from '../../answer'
import { alter, useRead } from '../../farm/data'
import { mixOf } from '../../phone/bench'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'
import { newId } from '../../words/ids'
import { useKinds } from '../../words/kinds'
import { component, turned, withShare, type MixRow } from './rows'

/** The changes that can be taken back. */
const REMEMBERED = 20

/** A mix in the making: rate, share of mass and share of live seeds stay in step. */
export function useMix() {
  const session = useSession()
  const kinds = useKinds()
  const route = useRoute()
  const router = useRouter()
  const { data: lotList } = useRead('/api/farms/{farmId}/seed/lots')
  const { data: mixList } = useRead('/api/farms/{farmId}/seed/mixes')
  const lots = computed(() => lotList.value ?? [])
  const mixes = computed(() => mixList.value ?? [])
  const rows = ref<MixRow[]>([
    { species: 'cereal_rye', rateKgPerHa: session.usual('mixRye') },
    { species: 'hairy_vetch', rateKgPerHa: session.usual('mixVetch') },
  ])
  const placement = ref(session.choices?.methods[0]?.key ?? '')
  const ending = ref('')
  const name = ref('')
  const kept = ref<Schemas['MixView'] | null>(null)
  const beside = ref<string | null>(null)
  const before = ref<MixRow[][]>([])

  // The mix of the address is laid on the bench once; what is being changed is not overwritten.
  watch(
    mixes,
    (all) => {
      const mix = kept.value ? undefined : all.find((m) => m.id === route.params.id)
      if (!mix) return
      kept.value = mix
      name.value = mix.name
      rows.value = mix.components.map((c) => ({ ...c }))
    },
    { immediate: true },
  )

  const asked = (components: ReturnType<typeof component>[]) => ({
    components,
    placement: placement.value,
    ending: ending.value,
    farmId: session.farm?.id,
  })
  const components = (of: readonly MixRow[]) => of.map((r) => component(r, lots.value))
  const { answer, trouble } = useAnswer(
    () =>
      rows.value.some((r) => r.rateKgPerHa)
        ? JSON.stringify([rows.value, placement.value, ending.value, lots.value.length])
        : '',
    () => mixOf(asked(components(rows.value))),
  )
  const other = computed(() => mixes.value.find((m) => m.id === beside.value))
  const { answer: otherAnswer } = useAnswer(
    () => (other.value ? JSON.stringify([other.value, placement.value, ending.value]) : ''),
    () => mixOf(asked(components(other.value!.components))),
  )

  function change(to: MixRow[]) {
    before.value = [...before.value.slice(1 - REMEMBERED), rows.value.map((r) => ({ ...r }))]
    rows.value = to
  }
  function undo() {
    const last = before.value.at(-1)
    if (!last) return
    rows.value = last
    before.value = before.value.slice(0, -1)
  }

  async function enter(
    part: { totalKgPerHa?: number; liveSeedsPerM2?: number },
    shares: readonly number[],
  ) {
    const body = {
      ...asked(components(rows.value).map((c, i) => ({ ...c, share: shares[i] }))),
      ...part,
    }
    await attempt(async () => {
      const got = await mixOf(body)
      change(
        rows.value.map((r, i) => ({
          ...r,
          rateKgPerHa: got.components[i]?.rateKgPerHa ?? r.rateKgPerHa,
        })),
      )
    })
  }
  const massShares = () => answer.value?.components.map((c) => c.shareByMass) ?? []
  const countShares = () => answer.value?.components.map((c) => c.shareByCount) ?? []
  const isShare = (value?: number): value is number =>
    value !== undefined && value >= 0 && value <= 1

  function setTotal(kg?: number) {
    if (kg && answer.value) void enter({ totalKgPerHa: kg }, massShares())
  }
  function setSeeds(seeds?: number) {
    if (seeds && answer.value) void enter({ liveSeedsPerM2: seeds }, countShares())
  }
  function setMassShare(i: number, value?: number) {
    if (!isShare(value) || !answer.value) return
    void enter({ totalKgPerHa: answer.value.rateKgPerHa }, withShare(massShares(), i, value))
  }
  function setCountShare(i: number, value?: number) {
    if (!isShare(value) || !answer.value) return
    void enter({ liveSeedsPerM2: answer.value.liveSeedsPerM2 }, withShare(countShares(), i, value))
  }

  /** Rates as the other placement needs them. */
  function place(key: string) {
    const was = kinds.method(placement.value)?.rateBasis
    const will = kinds.method(key)?.rateBasis
    placement.value = key
    if (was === will || !will) return
    change(
      rows.value.map((r) => {
        const s = kinds.species(r.species)
        if (!s || r.rateKgPerHa === undefined) return r
        return { ...r, rateKgPerHa: turned(r.rateKgPerHa, s, will) }
      }),
    )
    const basis = will === 'DRILLED' ? 'drilled' : 'surface'
    notice.show(`Rates turned to ${basis} rates.`, 'Undo', undo)
  }

  function mend(w: Schemas['WarningAnswer']) {
    change(
      (w.mended ?? []).map((m) => ({
        species: m.species,
        rateKgPerHa: m.rateKgPerHa,
        lotId: rows.value.find((r) => r.species === m.species)?.lotId,
      })),
    )
    notice.show(`${w.fix}: done.`, 'Undo', undo)
  }
  function add() {
    const used = new Set(rows.value.map((r) => r.species))
    const next = session.choices?.species.find((s) => !used.has(s.id))
    const rateKgPerHa = next && next.drilledKgPerHa.typical / 2
    if (next) change([...rows.value, { species: next.id, rateKgPerHa }])
  }
  const take = (i: number) => change(rows.value.filter((_, at) => at !== i))

  const keep = () =>
    attempt(async () => {
      const id = kept.value?.id ?? newId()
      kept.value = await alter('PUT', '/api/farms/{farmId}/seed/mixes/{mixId}', {
        path: { mixId: id },
        body: {
          id,
          version: kept.value?.version,
          name: name.value,
          components: rows.value.map((r) => ({ ...r, rateKgPerHa: r.rateKgPerHa ?? 0 })),
        },
      })
      notice.show(`${name.value} kept.`)
      void router.replace(`/seed/mix/${id}`)
    })

  return {
    rows,
    lots,
    mixes,
    placement,
    ending,
    name,
    beside,
    other,
    before,
    answer,
    otherAnswer,
    trouble,
    undo,
    setTotal,
    setSeeds,
    setMassShare,
    setCountShare,
    place,
    mend,
    add,
    take,
    keep,
  }
}
