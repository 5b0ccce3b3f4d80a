import { useStorage } from '@vueuse/core'
import { computed, inject, provide, type InjectionKey } from 'vue'
import type { Furrow } from '../../api/client'
import { useRead } from '../../farm/data'
import { useSession } from '../../session'
import { useKinds } from '../../words/kinds'
import { endingOf, seedingOf, workOf, type Lens, type Said } from './lenses'

/** What the rows are looked at for, kept for the person. */
export const useLens = () => useStorage<Lens>('season-lens', 'odds')

type Sayer = (f: Furrow) => Said | undefined
const SAYER: InjectionKey<Sayer> = Symbol('lens')

/** Lets the rows of a page say what the lens asks for; nothing under the odds, which draw themselves. */
export function provideLens() {
  const session = useSession()
  const kinds = useKinds()
  const lens = useLens()
  const { data: work } = useRead('/api/farms/{farmId}/field-work', () =>
    lens.value === 'work' ? {} : null,
  )
  const today = computed(() => session.farm?.today ?? '')
  const sayers: Record<Lens, Sayer> = {
    odds: () => undefined,
    seeding: (f) => seedingOf(f, today.value),
    ending: (f) => endingOf(f, (way) => kinds.ending(way)?.label ?? way),
    work: (f) => workOf(f, work.value?.items ?? [], today.value),
  }
  provide(SAYER, (f) => sayers[lens.value](f))
}

/** What a row says under its page's lens. */
export function useLensed(furrow: () => Furrow) {
  const say = inject(SAYER, undefined)
  return computed(() => say?.(furrow()))
}
