import { useStorage } from '@vueuse/core'
import { computed, ref, type Ref } from 'vue'
import type { Furrow, SeasonView } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSeason } from '../../season'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { grouped, type Grouping } from './grouping'
import { headline, matches, otherSeason } from './said'
import { byOpenWay } from './openWays'
import { saySum, sumOf } from './several'
import { useLens } from './useLens'

/** The furrows of the season as they are filtered, grouped and chosen. */
export function useSeasonRows(view: Ref<SeasonView | undefined>) {
  const session = useSession()
  const season = useSeason()
  const kinds = useKinds()
  const words = ref('')
  const grouping = useStorage<Grouping>('grouping', 'next')
  const chosen = ref(new Set<string>())
  const furrows = computed(() => (view.value?.furrows ?? []).map((f) => season.shown(f)))
  const lens = useLens()
  const { data: open } = useRead('/api/farms/{farmId}/open', () =>
    lens.value === 'seeding' ? {} : null,
  )
  const items = computed(() => {
    const seen = furrows.value.filter((f) => matches(f, words.value))
    return lens.value === 'seeding' && open.value
      ? byOpenWay(seen, open.value.ways, { hours: (h) => session.amount(h, 'HOURS', 0) })
      : grouped(seen, grouping.value, {
          method: (key) => kinds.method(key)?.label ?? key,
          ending: (key) => kinds.ending(key)?.label ?? key,
        })
  })
  const picked = computed(() => furrows.value.filter((f) => chosen.value.has(f.fieldId)))
  const ha = (list: Furrow[]) =>
    session.amount(
      list.reduce((sum, f) => sum + f.areaHa, 0),
      'HA',
    )
  const totals = computed(() => {
    const planned = furrows.value.filter((f) => f.plan)
    const accepted = planned.filter((f) => f.plan?.plan.status === 'accepted')
    const count = furrows.value.length
    return (
      `${count} ${count === 1 ? 'field' : 'fields'}, ${ha(furrows.value)} · ` +
      `${ha(planned)} with a cover, ${ha(accepted)} accepted`
    )
  })
  /** Takes fields into what is chosen, or out of it. */
  function choose(ids: readonly string[], on: boolean) {
    const next = new Set(chosen.value)
    for (const id of ids)
      if (on) next.add(id)
      else next.delete(id)
    chosen.value = next
  }
  const letGo = () => (chosen.value = new Set())
  /** What several moves come to, while they are proposed. */
  const sum = computed(() => {
    const moves = (view.value?.furrows ?? []).flatMap((was) => {
      const now = season.proposals.get(was.fieldId)?.furrow
      return now ? [{ was, now }] : []
    })
    return moves.length > 1 ? saySum(sumOf(moves)) : ''
  })
  const head = computed(() => {
    const farm = view.value?.farm
    const other = farm ? otherSeason(farm.seasonYear, farm.thisSeason) : ''
    return other || headline(furrows.value)
  })
  return {
    words,
    grouping,
    chosen,
    picked,
    furrows,
    items,
    totals,
    sum,
    headline: head,
    choose,
    letGo,
  }
}
