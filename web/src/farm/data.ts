import { hashKey, isCancelledError, QueryClient, useQuery } from '@tanstack/vue-query'
import type { HttpMethod } from 'openapi-typescript-helpers'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask, sendFile, sendWhole } from '../api/client'
import type { paths } from '../api/schema'
import { farmNow, looked } from './now'

/*
 * What the farm knows, as pages take it. Pages name what they want and what they change; fetching,
 * keeping, asking again after a change and letting go of what nobody looks at any more is done here.
 */

type Op<P extends keyof paths, M extends HttpMethod> =
  paths[P] extends Record<M, infer O> ? O : never
type PathOf<O> = O extends { parameters: { path: infer X } } ? Omit<X, 'farmId'> : unknown
type WithPath<O> =
  // eslint-disable-next-line @typescript-eslint/no-empty-object-type
  {} extends PathOf<O>
    ? { path?: PathOf<O> & { farmId?: string } }
    : { path: PathOf<O> & { farmId?: string } }
type WithQuery<O> = O extends { parameters: { query?: infer X } } ? { query?: X } : unknown
type WithBody<O> = O extends { requestBody: { content: infer C } }
  ? { body: C[keyof C] }
  : O extends { requestBody?: { content: infer C } }
    ? { body?: C[keyof C] }
    : unknown
/** What a request says beside its address; the farm is the one that is open unless it is named. */
export type Said<P extends keyof paths, M extends HttpMethod> = WithPath<Op<P, M>> &
  WithQuery<Op<P, M>> &
  WithBody<Op<P, M>>
type Rest<T> = object extends T ? [said?: T] : [said: T]
type Ok<O> = O extends { responses: infer R }
  ? R extends { 200: { content: infer C } }
    ? C[keyof C]
    : undefined
  : never
/** What an address answers. */
export type Answer<P extends keyof paths, M extends HttpMethod> = Ok<Op<P, M>>
type Readable = { [P in keyof paths]: paths[P] extends { get: unknown } ? P : never }[keyof paths]
type Method = 'POST' | 'PUT' | 'DELETE'
type Changeable<M extends Method> = {
  [P in keyof paths]: paths[P] extends Record<Lowercase<M>, unknown> ? P : never
}[keyof paths]

interface Loose {
  path?: Record<string, unknown>
  query?: unknown
  body?: unknown
}

/** What was fetched. The service worker answers without a signal, so requests are always tried. */
export const kept = new QueryClient({
  defaultOptions: {
    queries: {
      retry: false,
      staleTime: 0,
      networkMode: 'always',
      refetchOnWindowFocus: false,
      structuralSharing: false,
    },
  },
})

function init(address: string, said: Loose = {}, signal?: AbortSignal) {
  const path = { ...(address.includes('{farmId}') ? { farmId: farmNow() } : {}), ...said.path }
  const query = { ...looked(address), ...(said.query as object | undefined) }
  return { params: { path, query }, body: said.body, signal }
}

/** All that is kept of one farm lies under its id. */
export function keyOf(address: string, said: Loose = {}): unknown[] {
  const farm = said.path?.farmId ?? (address.includes('{farmId}') ? farmNow() : '')
  const query = { ...looked(address), ...(said.query as object | undefined) }
  return [farm, address, { ...said.path, farmId: undefined }, query]
}

// The client's own types are kept by the signatures below; inside, an address is an address.
type Untyped = (address: string, options: object) => Parameters<typeof ask>[0]
const sent: Record<'GET' | Method, Untyped> = {
  GET: api.GET as unknown as Untyped,
  POST: api.POST as unknown as Untyped,
  PUT: api.PUT as unknown as Untyped,
  DELETE: api.DELETE as unknown as Untyped,
}

/** Fetches something; asked twice at once, it is fetched once. */
export function read<P extends Readable>(
  address: P,
  ...[said]: Rest<Said<P, 'get'>>
): Promise<Answer<P, 'get'>> {
  const fetched = async (): Promise<unknown> => {
    try {
      return await kept.fetchQuery({
        queryKey: keyOf(address, said as Loose),
        queryFn: ({ signal }) => ask(sent.GET(address, init(address, said as Loose, signal))),
      })
    } catch (e) {
      // A change came in between: what was on its way is of before.
      if (isCancelledError(e)) return fetched()
      throw e
    }
  }
  return fetched() as Promise<Answer<P, 'get'>>
}

/** Asks what would be: nothing changes, nothing is kept. */
export function consider<P extends Changeable<'POST'>>(
  address: P,
  ...[said]: Rest<Said<P, 'post'>>
): Promise<Answer<P, 'post'>> {
  return ask(sent.POST(address, init(address, said as Loose))) as Promise<Answer<P, 'post'>>
}

/** What shows a change that the server has not said yes to, by key: asked now, it would be of before. */
const ahead = new Map<string, number>()
const settled = ({ queryHash }: { queryHash: string }) => !ahead.get(queryHash)

/** What is on its way is of before; what is looked at is asked for again. */
async function anew(queryKey: unknown[]) {
  await kept.cancelQueries({ queryKey })
  void kept.invalidateQueries({ queryKey, predicate: settled })
}

/** Lets go of all that was fetched: the next person is not shown it, not even for a moment. */
export function forget() {
  kept.clear()
}

/** What went out by another way, as from the phone's outbox, is looked at anew. */
export const sentOtherwise = () => anew([farmNow()])

const CHANGES = '/api/farms/{farmId}/changes'
/** Somebody else changed the farm: what is looked at is asked for anew, where it stands. */
export const heard = () =>
  kept.invalidateQueries({
    queryKey: [farmNow()],
    predicate: (q) => settled(q) && q.queryKey[1] !== CHANGES,
  })

/** Changes something; what is looked at of that farm is asked for anew. */
export async function alter<M extends Method, P extends Changeable<M>>(
  method: M,
  address: P,
  ...[said]: Rest<Said<P, Lowercase<M>>>
): Promise<Answer<P, Lowercase<M>>> {
  const answer = await ask(sent[method](address as string, init(address as string, said as Loose)))
  await anew(keyOf(address as string, said as Loose).slice(0, 1))
  return answer as Answer<P, Lowercase<M>>
}

/** Puts an answer that came with a change where it is looked at, instead of asking for it again. */
export async function place<P extends Readable>(
  address: P,
  answer: Answer<P, 'get'>,
  ...[said]: Rest<Said<P, 'get'>>
) {
  const queryKey = keyOf(address, said as Loose)
  await kept.cancelQueries({ queryKey, exact: true })
  kept.setQueryData(queryKey, answer)
}

/**
 * Shows a change before the server has said yes; what it refuses is taken back and thrown on.
 *
 * @param now what is looked at, as it will be
 * @param change the change itself
 */
export async function atOnce<P extends Readable, T>(
  address: P,
  said: Said<P, 'get'>,
  now: (was: Answer<P, 'get'>) => Answer<P, 'get'>,
  change: () => Promise<T>,
): Promise<T> {
  const queryKey = keyOf(address, said as Loose)
  const hash = hashKey(queryKey)
  await kept.cancelQueries({ queryKey, exact: true })
  const was = kept.getQueryData<Answer<P, 'get'>>(queryKey)
  if (was !== undefined) kept.setQueryData(queryKey, now(was))
  ahead.set(hash, (ahead.get(hash) ?? 0) + 1)
  try {
    return await change()
  } catch (e) {
    if (was !== undefined) kept.setQueryData(queryKey, was)
    throw e
  } finally {
    ahead.set(hash, (ahead.get(hash) ?? 1) - 1)
    void kept.invalidateQueries({ queryKey, exact: true, predicate: settled })
  }
}

/** Whether two keys are of one thing, whatever is asked of it. */
function same(a: readonly unknown[] | undefined, b: unknown[]): boolean {
  return JSON.stringify(a?.slice(0, 3)) === JSON.stringify(b.slice(0, 3))
}

/** Sends a file with parts beside it; what is looked at of the farm is asked for anew. */
export async function upload<T>(
  address: string,
  file: File,
  parts: Record<string, unknown> = {},
): Promise<T> {
  const answer = await sendFile<T>(address, file, parts)
  await anew([farmNow()])
  return answer
}

/** Founds a farm out of an archive; stopped, nothing of it is kept. */
export const bringFarm = (file: File, signal: AbortSignal) =>
  sendWhole<Answer<'/api/farms/archive', 'post'>>(
    '/api/farms/archive',
    file,
    'application/zip',
    signal,
  )

/**
 * Something a page shows: fetched when it is first looked at, again when what it is asked with
 * changes or somebody changes the farm, and let go of when nobody looks any more.
 *
 * @param said null asks nothing yet
 * @param every milliseconds after which it is asked again by itself, for what moves without anyone's doing
 */
export function useRead<P extends Readable>(
  address: P,
  said: MaybeRefOrGetter<Said<P, 'get'> | null> = {} as Said<P, 'get'>,
  every?: (now: Answer<P, 'get'> | undefined) => number,
) {
  const asked = computed(() => toValue(said) as Loose | null)
  const found = useQuery({
    queryKey: computed(() => keyOf(address, asked.value ?? {})),
    queryFn: ({ signal }) => ask(sent.GET(address, init(address, asked.value ?? {}, signal))),
    enabled: computed(() => asked.value !== null),
    refetchInterval: (query) => every?.(query.state.data as Answer<P, 'get'> | undefined) ?? false,
    // The same thing asked a little differently stays on the screen until the new answer is there.
    placeholderData: (previous: unknown, was) =>
      same(was?.queryKey, keyOf(address, asked.value ?? {})) ? previous : undefined,
  })
  return {
    data: computed(() => found.data.value as Answer<P, 'get'> | undefined),
    trouble: computed(() => found.error.value?.message ?? ''),
    busy: found.isFetching,
    again: () => found.refetch(),
  }
}
