import type { Foreseen } from '../contracts/studio'

/** The server declined; the message is a sentence for the founder. */
export class Declined extends Error {
  constructor(
    message: string,
    readonly status: number,
    readonly answer: { errors?: Record<string, string | string[]>; reasons?: string[]; cells?: unknown; line?: number; column?: number; foreseen?: Foreseen },
  ) {
    super(message)
  }
}

function csrf(): Record<string, string> {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  return token ? { 'X-XSRF-TOKEN': decodeURIComponent(token) } : {}
}

async function call<T>(method: string, path: string, body?: object | FormData, root = '/api', signal?: AbortSignal): Promise<T> {
  const form = body instanceof FormData
  let response: Response
  try {
    response = await fetch(`${root}/${path}`, {
      method,
      headers: { Accept: 'application/json', ...csrf(), ...(body && !form ? { 'Content-Type': 'application/json' } : {}) },
      body: form ? body : body && JSON.stringify(body),
      signal,
    })
  } catch {
    throw new Declined('Lanai does not answer. Your work up to the last saved revision is safe; please try again in a moment.', 0, {})
  }
  const answer = await response.json().catch(() => ({}))
  if (!response.ok) {
    const known = (response.status < 500 || response.status === 503) && answer.message
    throw new Declined(known ? firstOf(answer) : 'Something went wrong on the server. Nothing of this change was kept.', response.status, answer)
  }
  return answer as T
}

function firstOf(answer: { message: string; errors?: Record<string, string | string[]> }): string {
  const first = Object.values(answer.errors ?? {})[0]
  return Array.isArray(first) ? first[0] : answer.message
}

export const api = {
  get: <T>(path: string) => call<T>('GET', path),
  post: <T>(path: string, body: object | FormData = {}, signal?: AbortSignal) => call<T>('POST', path, body, '/api', signal),
  /** What the deck's devices ask. */
  device: <T>(path: string, body: object) => call<T>('POST', path, body, '/device'),
  patch: <T>(path: string, body: object) => call<T>('PATCH', path, body),
  remove: <T>(path: string) => call<T>('DELETE', path),
}
