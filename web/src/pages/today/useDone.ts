import type { Schemas } from '../../api/client'
import { place } from '../../farm/data'
import { send } from '../../outbox'
import { useSession } from '../../session'
import { attempt } from '../../shell/attempt'
import { notice } from '../../shell/notice'

/** One tap logs a job of the plan, with a signal or without, and can be taken back. */
export function useDone() {
  const session = useSession()
  const done = (id: string, field: string, share = 1): Promise<unknown> =>
    attempt(async () => {
      const said = share === 1 ? `${field}: done` : `${field}: not done`
      const now = await send<Schemas['WorkView']>({
        about: id,
        method: 'POST',
        url: `/api/farms/${session.farm?.id}/field-work/${id}/done`,
        body: { share },
        said,
      })
      if (now) await place('/api/farms/{farmId}/field-work', now)
      // A seeding went out with the machine, the rate and the lots of its sheet.
      const job = now?.items.find((i) => i.id === id)
      const how = share === 1 && job?.kind === 'seed' && !job.customerId ? ', as planned' : ''
      notice.show(
        now ? `${said}${how}.` : `${said}; it is sent when there is a signal.`,
        'Undo',
        () => void done(id, field, share === 1 ? 0 : 1),
      )
    })
  return { done }
}
