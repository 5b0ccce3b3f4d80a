import type { Furrow } from '../../api/client'

export type By = 'next' | 'crop' | 'odds'

/** What a field is painted as, and what that means. */
export interface Legend {
  name: string
  color: string
}

/**
 * Colour by what is asked; the name is written on every field, so colour is never the only sign.
 *
 * @param css a colour of the palette by its name
 * @param odds shares of years from which odds are good, and fair
 */
export function painted(
  f: Furrow,
  by: By,
  css: (name: string) => string,
  odds: { good: number; fair: number },
): Legend {
  if (by === 'crop') {
    const colors: Record<string, string> = {
      corn: css('--crop-straw'),
      'silage corn': '#c9a86a',
      soybeans: css('--crop-green'),
      wheat: '#d8bfa0',
    }
    return { name: f.crop, color: colors[f.crop] ?? css('--soil-band') }
  }
  if (by === 'odds') {
    if (!f.goal) return { name: 'no cover', color: css('--soil-band') }
    const share = f.goal.met / f.goal.years
    if (share >= odds.good) return { name: '7 of 10 years or better', color: css('--leaf') }
    return share >= odds.fair
      ? { name: '4 to 6 of 10', color: css('--leaf-fan') }
      : { name: 'below 4 of 10', color: '#d59a80' }
  }
  const colors: Record<string, string> = {
    MISSED: '#c9785a',
    CLOSING: '#dd9f62',
    SEED_NOW: css('--leaf'),
    END_NOW: css('--leaf'),
    SEED_SOON: css('--leaf-fan'),
    CONFIRM: '#8fb6cc',
    LOOK: '#8fb6cc',
    WAIT: css('--crop-green'),
    CHOOSE: css('--plate'),
    SEED_LATER: '#cfd9b8',
    LEFT_OUT: css('--soil-band'),
    ENDED: css('--soil-band'),
  }
  return { name: f.next.label, color: colors[f.next.kind] ?? '#ccc' }
}
