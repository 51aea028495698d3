import type { Place } from '../contracts/view'
import { entry } from './entry'
import { session } from './session'

/** For so long somebody who came by an invitation is taken for invited, in ms. */
const LASTS = 30 * 86_400_000
const NAME = `lanai-invited:${entry.base}`

interface Invited {
  by: string
  place: Place
  at: number
}

function kept(): Invited | null {
  try {
    const found = JSON.parse(localStorage.getItem(NAME) ?? 'null') as Invited | null
    return found && Date.now() - found.at < LASTS ? found : null
  } catch {
    return null
  }
}

/** Somebody has come by an invitation: it is kept until they have made their account. */
export function cameInvited(by: string, place: Place) {
  if (entry.deck || session.token() || !/^\d{1,15}-[0-9a-f]{20}$/.test(by)) return
  try {
    localStorage.setItem(NAME, JSON.stringify({ by, place, at: Date.now() } satisfies Invited))
  } catch {
    // Where nothing can be kept it is not known who invited them.
  }
}

/** What the server is told of it. */
export const invitedBy = (): { invitedBy?: string } => {
  const by = entry.deck ? undefined : kept()?.by
  return by ? { invitedBy: by } : {}
}

/** Somebody is in: where they were invited to; null for nowhere. */
export function ledBack(): Place | null {
  const place = entry.deck ? null : (kept()?.place ?? null)
  try {
    localStorage.removeItem(NAME)
  } catch {
    return null
  }
  return place?.screen ? place : null
}
