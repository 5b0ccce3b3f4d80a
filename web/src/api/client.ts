import createClient from 'openapi-fetch'
import { told } from '../signal'
import { bothValues } from './bothValues'
import type { components, paths } from './schema'

export type Schemas = components['schemas']
export type Furrow = Schemas['Furrow']
export type SeasonView = Schemas['SeasonView']
export type FieldSeason = Schemas['FieldSeasonView']
export type FieldView = Schemas['FieldView']
export type PlanInput = Schemas['PlanInput']
export type Reason = Schemas['ReasonView']
export type Unit = NonNullable<Schemas['FigureView']['unit']>

/** A refusal from the server: a sentence, and the place of each thing that is wrong. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    sentence: string,
    readonly errors: { path: string; message: string }[] = [],
    readonly theirs: unknown = undefined,
  ) {
    super(sentence)
  }

  /** What is wrong at a path, or nothing. */
  at(path: string): string {
    return this.errors.find((e) => e.path === path || e.path.endsWith(': ' + path))?.message ?? ''
  }
}

export function cookie(name: string): string {
  const found = document.cookie.split('; ').find((c) => c.startsWith(name + '='))
  return found ? decodeURIComponent(found.slice(name.length + 1)) : ''
}

const client = createClient<paths>({ baseUrl: '/' })

// What was sent, for telling it from what another saved meanwhile.
const sent = new WeakMap<Request, Promise<string>>()

client.use({
  onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN'))
      sent.set(request, request.clone().text())
    }
    return request
  },
  async onResponse({ request, response }) {
    if (request.method === 'GET') told(response.headers.get('date'))
    if (response.status !== 409) return undefined
    const problem = (await response.json().catch(() => ({}))) as {
      detail?: string
      theirs?: unknown
    }
    const yours: unknown = JSON.parse((await sent.get(request)) || 'null')
    // The session asks through this client, so that it is fetched only when it is needed.
    const { useSession } = await import('../session')
    const both = bothValues(yours, problem.theirs, useSession().units)
    const detail = [problem.detail ?? 'Someone else changed it while you did.', ...both].join(' · ')
    return new Response(JSON.stringify({ ...problem, detail }), {
      status: 409,
      headers: { 'Content-Type': 'application/problem+json' },
    })
  },
})

export const api = client

/** The data of an answer, or a refusal thrown. */
export async function ask<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let got: { data?: T; error?: unknown; response: Response }
  try {
    got = await answer
  } catch {
    throw new Refusal(0, 'The server does not answer. Is it running, and is there a connection?')
  }
  if (got.response.ok) return got.data as T
  throw refusal(got.response.status, got.error)
}

export function refusal(status: number, body: unknown): Refusal {
  const problem = (body ?? {}) as { detail?: string; errors?: Refusal['errors']; theirs?: unknown }
  const fallback = status >= 500 ? 'Something broke in the server; nothing was saved.' : 'Refused.'
  return new Refusal(status, problem.detail ?? fallback, problem.errors ?? [], problem.theirs)
}

/** Sends a file with parts beside it. */
export async function sendFile<T>(
  path: string,
  file: File,
  parts: Record<string, unknown> = {},
): Promise<T> {
  if (file.size > 10 * 1024 * 1024) {
    throw new Refusal(
      413,
      'The file is larger than 10 MB. Split it, or leave out what is not needed.',
    )
  }
  const form = new FormData()
  form.set('file', file)
  for (const [name, value] of Object.entries(parts)) {
    form.set(name, new Blob([JSON.stringify(value)], { type: 'application/json' }))
  }
  const response = await fetch(path, {
    method: 'POST',
    body: form,
    headers: { 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
  })
  const body: unknown = await response.json().catch(() => ({}))
  if (!response.ok) throw refusal(response.status, body)
  return body as T
}

/** Sends a file as it is; it may be stopped. */
export async function sendWhole<T>(
  path: string,
  file: File,
  type: string,
  signal: AbortSignal,
): Promise<T> {
  const response = await fetch(path, {
    method: 'POST',
    body: file,
    headers: { 'Content-Type': type, 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') },
    signal,
  })
  const body: unknown = await response.json().catch(() => ({}))
  if (!response.ok) throw refusal(response.status, body)
  return body as T
}
