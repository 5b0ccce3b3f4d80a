import { useSession } from '../session'
import { inShort } from './inShort'

/** What the server says of ways of seeding and ending; pages ask it and switch on no name. */
export function useKinds() {
  const session = useSession()
  const method = (key?: string) => session.choices?.methods.find((m) => m.key === key)
  const ending = (key?: string) => session.choices?.endings.find((e) => e.key === key)
  const species = (id?: string) => session.choices?.species.find((s) => s.id === id)
  /** Rates of a species as a way of seeding takes them. */
  const rates = (id?: string, methodKey?: string) =>
    method(methodKey)?.rateBasis === 'DRILLED'
      ? species(id)?.drilledKgPerHa
      : species(id)?.surfaceKgPerHa
  /** What can hurt someone at a kind of ending, from the first that has it. */
  const dangers = (trait: 'rolls' | 'sprays' | 'feeds') =>
    session.choices?.endings.find((e) => e[trait])?.safety ?? []
  /** What is in a cover, in few words. */
  const cover = (components: readonly { species: string }[] = []) =>
    inShort(components.map((c) => species(c.species)?.name ?? c.species))
  return { method, ending, species, rates, dangers, cover }
}
