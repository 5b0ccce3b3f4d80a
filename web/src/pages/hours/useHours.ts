import { computed, ref, watch, type Ref } from 'vue'
import { useDisplay } from 'vuetify'
import type { Schemas } from '../../api/client'
import { useRead } from '../../farm/data'
import { hoursHere } from '../../phone/hours'
import { older } from './hours'

const HOURS = '/api/farms/{farmId}/hours'

/** Hours of a field, or of the farm's usual ground; without a signal those of any field are reckoned here. */
export function useHours(fieldId: Ref<string | undefined>) {
  const { data: fields } = useRead('/api/farms/{farmId}/fields')
  const { data: asked, trouble } = useRead(HOURS, () => ({
    query: { fieldId: fieldId.value ?? undefined },
  }))
  // Both are looked at so that a phone keeps them for when there is no signal.
  const { smAndDown: phone } = useDisplay()
  const aside = () => (phone.value ? {} : null)
  const { data: farm } = useRead(HOURS, aside)
  const { data: ground } = useRead('/api/farms/{farmId}/hours/ground', aside)
  const here = ref<Schemas['HoursView']>()
  watch([fieldId, asked, trouble, fields, farm, ground], async () => {
    here.value = undefined
    const field = fields.value?.find((f) => f.id === fieldId.value)
    if (!field || !farm.value || !ground.value) return
    // What was kept of a field from a day before gives way to what was last heard of the farm.
    if (!trouble.value && !older(asked.value, farm.value)) return
    const got = await hoursHere(farm.value, ground.value, field).catch(() => undefined)
    if (fieldId.value === field.id) here.value = got
  })
  return {
    fields,
    hours: computed(() => here.value ?? asked.value),
    trouble: computed(() => (here.value ? '' : trouble.value)),
  }
}
