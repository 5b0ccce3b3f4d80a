import { useStorage } from '@vueuse/core'
import { computed, inject, provide, type InjectionKey } from 'vue'
import type { Furrow } from '../../api/client'
import { useRoute } from 'vue-router'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { between, sayDay } from '../../words/days'
import { useKinds } from '../../words/kinds'
import { endingOf, groundOf, LENSES, seedingOf, workOf, type Lens, type Said } from './lenses'
import { leftOf, type OpenField } from './openWays'
import { pressing } from './said'

/** What the rows are looked at for, kept for the person. */
export const useLens = () => useStorage<Lens>('season-lens', 'odds')

type Sayer = (f: Furrow, open?: OpenField) => Said | undefined
const SAYER: InjectionKey<Sayer> = Symbol('lens')

/** Lets the rows of a page say what the lens asks for; nothing under the odds, which draw themselves. */
export function provideLens() {
  const session = useSession()
  const kinds = useKinds()
  const lens = useLens()
  // A way from elsewhere says what to look at.
  const asked = LENSES.find((l) => l.value === useRoute().query.look)
  if (asked) lens.value = asked.value
  const { data: work } = useRead('/api/farms/{farmId}/field-work', () =>
    lens.value === 'work' ? {} : null,
  )
  const { data: grounds } = useRead('/api/farms/{farmId}/hours/ground', () =>
    lens.value === 'ground' ? {} : null,
  )
  const today = computed(() => session.farm?.today ?? '')
  const sayers: Record<Lens, Sayer> = {
    odds: () => undefined,
    seeding: (f, open) =>
      open
        ? leftOf(open, between(today.value, open.closes), sayDay(open.closes), pressing(f))
        : seedingOf(f, today.value),
    ending: (f) => endingOf(f, (way) => kinds.ending(way)?.label ?? way),
    ground: (f) => groundOf(f, grounds.value, today.value),
    work: (f) => workOf(f, work.value?.items ?? [], today.value),
  }
  provide(SAYER, (f, open) => sayers[lens.value](f, open))
}

/** What a row says under its page's lens. */
export function useLensed(row: { furrow: Furrow; open?: OpenField }) {
  const say = inject(SAYER, undefined)
  return computed(() => say?.(row.furrow, row.open))
}
