import { entry } from './entry'
import { invitedBy } from './invited'
import { newcomer } from './self'
import { beside, session } from './session'
import { formNow, headersWith, platformTold, usual, zone } from './told'

/** The first screen, asked for while the app itself is still on its way. */
export interface Early {
  body: string
  answer: Promise<Response>
}

function valuesKept(): Record<string, string> {
  try {
    return JSON.parse(localStorage.getItem(`lanai-values:${entry.base}`) ?? '{}')
  } catch {
    return {}
  }
}

// Whoever comes to a place of their own asks for that.
if (!entry.deck && !location.hash && !location.search && history.state === null) {
  const typed = { inputs: {}, finds: {}, pages: {}, orders: {}, chips: {} }
  const where = { screen: '', args: [], ...usual(), ...typed, values: valuesKept(), platform: platformTold(), form: formNow(), ...newcomer(), ...invitedBy() }
  const body = JSON.stringify({ zone, pending: session.pending(), beside, ...where, waits: false })
  const answer = fetch(`${entry.base}/view`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json', ...headersWith(session.token()) },
    body,
    credentials: 'same-origin',
    signal: AbortSignal.timeout(60_000),
  })
  // Whether it came is seen by whoever takes it.
  answer.catch(() => undefined)
  ;(window as { lanaiEarly?: Early }).lanaiEarly = { body, answer }
}
