import { Declined } from './server'
import { own } from './own'

/** Reads server-sent events (WHATWG HTML, section 9.2) from an answer to a POST, which EventSource cannot make. */
export async function heard<Event>(url: string, init: RequestInit, told: (event: Event) => void): Promise<void> {
  const response = await fetch(url, { ...init, signal: AbortSignal.timeout(90_000), credentials: url.startsWith('/') ? 'same-origin' : 'omit' })
  if (!response.ok || !response.body) throw new Declined((await response.json().catch(() => ({}))).message || own('This is not possible just now.'))
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let left = ''
  for (;;) {
    const { value, done } = await reader.read()
    if (done) return
    left += value
    const lines = left.split('\n')
    left = lines.pop() ?? ''
    for (const line of lines) if (line.startsWith('data:')) told(JSON.parse(line.slice(5)))
  }
}
