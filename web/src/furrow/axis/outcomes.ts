import type { Schemas } from '../../api/client'
import { sayDay } from '../../words/days'
import type { LaneBar } from './lanes'

/** Says a figure in the farm's units. */
export type Say = (value: number, unit: 'SHARE' | 'MG_PER_HA' | 'USD_PER_HA') => string

function tell({ outcome, lateUsdPerHa }: Schemas['EndingRow'], say: Say): string[] {
  if (!outcome) return []
  return [
    `kill ${say(outcome.kill.middle, 'SHARE')}`,
    `mulch ${say(outcome.mulch.middle, 'MG_PER_HA')}`,
    ...(Math.round(lateUsdPerHa) > 0 ? [`${say(lateUsdPerHa, 'USD_PER_HA')} of yield`] : []),
  ]
}

/** Bars of endings with what each comes to: when it is planted behind it, kill, mulch, the price in yield. */
export const withOutcomes = (
  bars: readonly LaneBar[],
  rows: readonly Schemas['EndingRow'][],
  say: Say,
): LaneBar[] =>
  bars.map((bar) => {
    const row = rows.find((r) => r.way === bar.key)
    if (!row) return bar
    return {
      ...bar,
      plantOn: row.plantOn,
      tells: [...tell(row, say), `planted ${sayDay(row.plantOn)}`].join(', '),
    }
  })
