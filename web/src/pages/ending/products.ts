import type { Schemas } from '../../api/client'
import { newId } from '../../words/ids'
import type { Unit } from '../../words/units'

export type Product = Schemas['ProductView']

/** How a product works, as it is said. */
export const MODE: Record<string, string> = {
  SYSTEMIC: 'systemic',
  GRASS_SYSTEMIC: 'systemic, grasses',
  CONTACT: 'contact',
  GROWTH_REGULATOR: 'growth regulator',
  RESIDUAL: 'soil residual',
}
export const rateUnit = (unit: string): Unit =>
  unit === 'kg' ? 'PRODUCT_KG_PER_HA' : 'PRODUCT_L_PER_HA'

/** Empty: what a label says, only a label says. */
export const fresh = (): Product =>
  ({
    id: newId(),
    label: { name: '', active: '', mode: 'SYSTEMIC', unit: 'L', plantBackDays: {}, byHeight: [] },
  }) as unknown as Product
