import { lately, version } from './counting'
import { entry } from './entry'
import { platform } from './form'
import { server } from './server'
import { shell } from './shell'

/** So many are told in one visit, and each once. */
const MOST = 5
const told = new Set<string>()

function tell(said: string, where = '') {
  if (entry.deck || told.size >= MOST || told.has(said)) return
  told.add(said)
  void server.post('/trouble', { said, where, platform: platform.value, version, steps: lately() }).catch(() => undefined)
}

/** Faults of the app itself are sent to its founder: what happened, and where in the code, with nothing of the person. */
export function listenForTrouble() {
  addEventListener('error', ({ error }) => {
    // What a page of another origin did is not told by the browser, and no fault of this app.
    if (error instanceof Error) tell(String(error), error.stack)
  })
  addEventListener('unhandledrejection', ({ reason }) => {
    if (reason instanceof Error) tell(String(reason), reason.stack)
  })
  // What ended the app on the phone, when it was last open.
  const before = shell('trouble')
  if (before) tell(before.split('\n')[0], before)
}
