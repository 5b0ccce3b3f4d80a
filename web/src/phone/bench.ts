import type { Schemas } from '../api/client'
import { consider } from '../farm/data'
import { hereOrThere } from './ask'

/*
 * Reckoning at the machine: by the core on this phone, with a signal or without; by the server's doors
 * of the same names where it does not run.
 */

/** A question goes to the worker as plain values: what a page holds is watched, and cannot be sent. */
const here = <Q, A>(door: string, body: Q, there: () => Promise<A>) =>
  hereOrThere<A>('bench', [door, JSON.parse(JSON.stringify(body)) as Q], there)

export const catchTest = (body: Schemas['CatchQuestion']) =>
  here('catch-test', body, () => consider('/api/bench/catch-test', { body }))

export const timedCatch = (body: Schemas['TimedQuestion']) =>
  here('timed-catch', body, () => consider('/api/bench/timed-catch', { body }))

export const settingFor = (body: Schemas['SettingQuestion']) =>
  here('setting', body, () => consider('/api/bench/setting', { body }))

export const runningCheck = (body: Schemas['RunningQuestion']) =>
  here('running-check', body, () => consider('/api/bench/running-check', { body }))

export const meterLimits = (body: Schemas['SettingQuestion']) =>
  here('meter-limits', body, () => consider('/api/bench/meter-limits', { body }))

export const seedDepth = (body: Schemas['DepthQuestion']) =>
  here('seed-depth', body, () => consider('/api/bench/seed-depth', { body }))

export const spreadPattern = (body: Schemas['PatternQuestion']) =>
  here('spread-pattern', body, () => consider('/api/bench/spread-pattern', { body }))

export const blendOf = (body: Schemas['BlendQuestion']) =>
  here('blend', body, () => consider('/api/bench/blend', { body }))

export const loadsOf = (body: Schemas['LoadQuestion']) =>
  here('loads', body, () => consider('/api/bench/loads', { body }))

export const splitLoads = (body: Schemas['SplitQuestion']) =>
  here('split-loads', body, () => consider('/api/bench/split-loads', { body }))

export const slurryOf = (body: Schemas['SlurryQuestion']) =>
  here('slurry', body, () => consider('/api/bench/slurry', { body }))

export const hirePrice = (body: Schemas['HireQuestion']) =>
  here('hire-price', body, () => consider('/api/bench/hire-price', { body }))

export const rowsOf = (body: Schemas['RowsQuestion']) =>
  here('rows', body, () => consider('/api/bench/rows', { body }))

export const germinationCount = (body: Schemas['CountOutQuestion']) =>
  here('germination-count', body, () => consider('/api/bench/germination-count', { body }))

/** A species that only the farm has is left to the server. */
export const mixOf = (body: Schemas['MixQuestion']) =>
  here('mix', body, () => consider('/api/bench/mix', { body }))

export const partialBudget = (body: Schemas['BudgetQuestion']) =>
  here('partial-budget', body, () => consider('/api/bench/partial-budget', { body }))

export const ownOrHire = (body: Schemas['OwnQuestion']) =>
  here('own-or-hire', body, () => consider('/api/bench/own-or-hire', { body }))

export const grazingOf = (body: Schemas['GrazingQuestion']) =>
  here('grazing', body, () => consider('/api/bench/grazing', { body }))

export const balesOf = (body: Schemas['BalesQuestion']) =>
  here('bales', body, () => consider('/api/bench/bales', { body }))
