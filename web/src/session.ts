import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { Reason, Schemas } from './api/client'
import { alter, forget, read } from './farm/data'
import { farmIs, seasonLooked } from './farm/now'
import { flush } from './outbox'
import { sayReason } from './words/reasons'
import { say, type Unit, type UnitSystem } from './words/units'

/** Who is signed in, on which farm, in which units, and what there is to choose from. */
export const useSession = defineStore('session', () => {
  const state = ref<Schemas['SessionView'] | null>(null)
  const farms = ref<Schemas['FarmView'][]>([])
  const farmId = ref(localStorage.getItem('farm') ?? '')
  const choices = ref<Schemas['Choices'] | null>(null)
  const reference = ref<Schemas['Reference'] | null>(null)
  const units = ref<UnitSystem>('us')

  const farm = computed(() => farms.value.find((f) => f.id === farmId.value) ?? farms.value[0])
  farmIs(() => farm.value?.id ?? '')
  /** The season that is looked at. */
  const season = computed(() => seasonLooked.value ?? farm.value?.thisSeason ?? 0)
  const owner = computed(() => farm.value?.role === 'owner')
  const operator = computed(() => owner.value || farm.value?.role === 'operator')

  async function load() {
    await enter(await read('/api/session'))
  }

  async function enter(session: Schemas['SessionView']) {
    state.value = session
    if (!session.signedIn) {
      farms.value = []
      return
    }
    units.value = session.units === 'metric' ? 'metric' : 'us'
    farms.value = await read('/api/farms')
    reference.value ??= await read('/api/reference')
    await loadChoices()
  }

  /** What the farm can choose from; asked again when it adds species of its own. */
  async function loadChoices() {
    if (!farm.value) return
    choices.value = await read('/api/farms/{farmId}/choices', { path: { farmId: farm.value.id } })
  }

  async function signOut() {
    // What still waits is this person's: it goes out under their name.
    await flush()
    await alter('DELETE', '/api/session')
    // The next who signs in on this phone sees nothing of it.
    forget()
    if ('caches' in window) await Promise.all(['api', 'pictures'].map((c) => caches.delete(c)))
    await load()
  }

  function pick(id: string) {
    farmId.value = id
    seasonLooked.value = null
    localStorage.setItem('farm', id)
    void loadChoices()
  }

  async function setUnits(system: UnitSystem) {
    units.value = system
    const name = state.value?.name ?? ''
    await alter('PUT', '/api/account', { body: { name, units: system } })
  }

  async function setDay(today: string) {
    if (!farm.value) return
    await alter('PUT', '/api/farms/{farmId}/clock', {
      path: { farmId: farm.value.id },
      body: { today },
    })
    farms.value = await read('/api/farms')
  }

  /** What entries of a field's record carry, by kind. */
  const entryKinds = computed(() => reference.value?.entries ?? [])
  const paperKinds = computed(() => reference.value?.papers ?? [])
  /** What is usual where nothing is known yet, in SI and round in the reader's units. */
  function usual(key: Schemas['UsualView']['key']): number {
    return reference.value?.usual.find((u) => u.key === key)?.[units.value] ?? 0
  }
  /** An amount in the reader's units. */
  const amount = (value: number, unit: Unit, digits?: number) =>
    say(value, unit, units.value, digits)
  /** A reason in the reader's units. */
  const reason = (r: Reason) => sayReason(r, units.value)

  return {
    state,
    farms,
    farm,
    season,
    choices,
    entryKinds,
    paperKinds,
    usual,
    units,
    owner,
    operator,
    load,
    enter,
    loadChoices,
    signOut,
    pick,
    setUnits,
    setDay,
    amount,
    reason,
  }
})
