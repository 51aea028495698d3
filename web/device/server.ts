import type { DeviceResponse } from '../contracts/view'
import type { Early } from './early'
import type { Lying } from './practice/lying'
import { entry } from './entry'
import { network, travel } from './network'
import { beside, session } from './session'
import { headersWith, whichOne, zone } from './told'
import { own } from './own'

/** The server could not be reached at all. */
export class Unreachable extends Error {}

/** The person did not want it any more. */
export class BrokenOff extends Error {}

/** The server answered that it cannot do this; the message is for the person. */
export class Declined extends Error {}

export const headers = () => headersWith(session.token())

/** What was asked for early, if it is the same; it is taken once. */
function early(path: string, body: unknown): Promise<Response> | null {
  const kept = window as { lanaiEarly?: Early }
  const found = kept.lanaiEarly
  delete kept.lanaiEarly
  return path === '/view' && found !== undefined && found.body === body ? found.answer : null
}

/** So often is asked again where the server says when. A tap has a key, so that it acts only once however often it is sent. */
const AGAIN = 3

/** For so long an answer is waited for, in ms; for whether something has changed not so long, as that is soon asked again. */
const PATIENCE = 60_000
const PATIENCE_FOR_PULSE = 10_000
const PATIENCE_FOR_FILES = 600_000

async function ask(path: string, init: RequestInit, patience = PATIENCE, again = AGAIN): Promise<unknown> {
  let response: Response
  try {
    await travel()
    response = await (early(path, init.body) ??
      fetch(entry.base + path, {
        ...init,
        signal: AbortSignal.timeout(patience),
        credentials: entry.base.startsWith('/') ? 'same-origin' : 'omit',
      }))
  } catch {
    throw new Unreachable()
  }
  const answer = await response.json().catch(() => ({}))
  if (typeof answer.session === 'string') session.set(answer.session)
  if (response.status === 503 && response.headers.get('Retry-After') !== null) {
    if (again === 0) throw new Declined(answer.message || own('This cannot be done just now. Please try again in a moment.'))
    await new Promise((done) => setTimeout(done, 1000 * Math.min(5, Math.max(1, Number(response.headers.get('Retry-After')) || 1))))
    return ask(path, init, patience, again - 1)
  }
  if (response.status >= 500) throw new Unreachable()
  if (!response.ok) throw new Declined(answer.message || own('This is not there any more.'))
  return answer
}

/** Sends a file: only a request of the older kind tells how far it is. */
async function sent(path: string, form: FormData, went?: (part: number) => void, signal?: AbortSignal): Promise<{ name: string }> {
  await travel().catch(() => {
    throw new Unreachable(lost())
  })
  // Broken off while it was made ready.
  if (signal?.aborted) throw new BrokenOff()
  return new Promise((done, failed) => {
    const request = new XMLHttpRequest()
    request.open('POST', entry.base + path)
    request.responseType = 'json'
    request.withCredentials = entry.base.startsWith('/')
    request.timeout = PATIENCE_FOR_FILES
    signal?.addEventListener('abort', () => request.abort())
    for (const [name, value] of Object.entries(headers())) request.setRequestHeader(name, value)
    request.upload.addEventListener('progress', ({ loaded, total }) => went?.(total ? loaded / total : 0))
    for (const name of ['error', 'timeout']) request.addEventListener(name, () => failed(new Unreachable(lost())))
    request.addEventListener('abort', () => failed(new BrokenOff()))
    request.addEventListener('load', () => {
      const answer = request.response ?? {}
      if (request.status < 300) return done(answer)
      const why = answer.message || own('It could not be sent. Please try again.')
      failed(new Declined(request.status === 413 ? own('This file is too large to be sent.') : why))
    })
    request.send(form)
  })
}

const lost = () => own('There is no connection. Please try again.')

/** Questions that were never answered although there was a network, since that was told last. */
let unanswered = 0

async function post(path: string, body: object): Promise<unknown> {
  try {
    return await ask(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', ...headers() },
      body: JSON.stringify({ zone, pending: session.pending(), beside, ...body }),
    })
  } catch (error) {
    if (error instanceof Unreachable && navigator.onLine) unanswered++
    throw error
  }
}

export const server = {
  post,
  takeUnanswered() {
    const some = unanswered
    unanswered = 0
    return some
  },
  view: (body: object) => post('/view', body) as Promise<DeviceResponse>,
  tap: (body: object) => post('/do', body) as Promise<DeviceResponse>,
  arrive: (body: object) => post('/arrive', body) as Promise<{ waiting: boolean; arrives?: string; person?: number | null }>,
  mine: (body: object) => post('/mine', body),
  messagesKey: () => ask('/notify/key', { headers: { ...headers(), Accept: 'application/json' } }) as Promise<{ key: string }>,
  notify: (body: object) => post('/notify', body) as Promise<{ known: boolean }>,
  lies: (body: object) => post('/notify/lies', body) as Promise<{ lies: Lying[]; known: boolean }>,
  opened: (id: string) => post('/notify/opened', { id }),
  why: (body: object) => post('/why', body) as Promise<{ sentence: string }>,
  /** A slow connection is felt where somebody waits, not in what the device asks by itself. */
  pulse: (query: string): Promise<{ pulse: string }> =>
    network.value === 'slow'
      ? Promise.resolve({ pulse: '' })
      : (ask(`/pulse${query}`, { headers: whichOne() }, PATIENCE_FOR_PULSE) as Promise<{ pulse: string }>),
  /** Told also while the page goes away. */
  count: (body: object) =>
    fetch(`${entry.base}/count`, {
      method: 'POST',
      keepalive: true,
      headers: { ...headers(), Accept: 'application/json', 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
      credentials: entry.base.startsWith('/') ? 'same-origin' : 'omit',
    }),
  words: (language: string) => ask(`/words/${language}`, { headers: whichOne() }) as Promise<{ words: Record<string, string> }>,
  outlines: (width: number, height: number) => ask(`/outlines?width=${width}&height=${height}`, { headers: whichOne() }),
  /**
   * @param poster a picture that stands for a film until it is played
   * @param went how much of it has gone, from 0 to 1
   * @param signal by which the person breaks it off
   */
  async picture(file: File, poster?: Blob | null, went?: (part: number) => void, signal?: AbortSignal): Promise<string> {
    const form = new FormData()
    form.append('picture', file)
    if (poster) form.append('poster', poster, 'poster.jpg')
    return (await sent('/pictures', form, went, signal)).name
  },
}
