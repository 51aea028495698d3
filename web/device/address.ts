import type { Place } from '../contracts/view'
import { entry } from './entry'
import { cameInvited } from './invited'

type Args = Place['args']

const written = (arg: number | string) => (typeof arg === 'number' ? String(arg) : `~${encodeURIComponent(arg)}`)

function read(part: string): number | string | null {
  if (/^\d{1,15}$/.test(part)) return Number(part)
  if (!part.startsWith('~')) return null
  try {
    return decodeURIComponent(part.slice(1))
  } catch {
    return null
  }
}

/** “#/swim/5”: the screen, and what it is about; a text is marked by “~”. The start has none. */
export function addressOf({ screen, args }: Place): string {
  return screen === '' ? '' : `#/${[encodeURIComponent(screen), ...args.map(written)].join('/')}`
}

/**
 * A link that is handed on: the server reads what stands before the #, to show what it is about, and programs that open links what follows it.
 *
 * @param by who invites with it; '' for nobody
 */
export function linkTo(place: Place, by = ''): string {
  const home = entry.link ?? entry.base.replace(/\/device\/live\//, '/a/')
  const address = addressOf(place)
  const query = [address && `at=${encodeURIComponent(address.slice(2)).replaceAll('%2F', '/')}`, by && `by=${by}&from=invitation`].filter(Boolean).join('&')
  return query ? `${home}?${query}${address}` : home
}

/** Where a calendar is read that is subscribed to: by the scheme at which phones open their calendar and not their browser. */
export function subscription(path: string): string {
  const server = new URL(entry.link ?? location.href, location.href)
  return `webcal://${server.host}${path}`
}

/** Where somebody comes who opened a link: what stood before the # has done its work, and is taken out of the address. */
export function arrived(): Place {
  const query = new URLSearchParams(location.search)
  const at = query.get('at')
  const by = query.get('by')
  if (at === null && by === null) return placeAt(location.hash)
  query.delete('at')
  query.delete('by')
  const rest = query.toString()
  const hash = location.hash || (at === null ? '' : `#/${at}`)
  history.replaceState(history.state, '', `${location.pathname}${rest ? `?${rest}` : ''}${hash}`)
  const place = placeAt(hash)
  if (by !== null) cameInvited(by, place)
  return place
}

/** The place that an address names; the start where it names none. */
export function placeAt(address: string): Place {
  const [name, ...parts] = address.replace(/^#\//, '').split('/')
  const screen = read(`~${name}`)
  const args = parts.map(read)
  if (typeof screen !== 'string' || !/^[\p{L}\p{N}-]{1,100}$/u.test(screen) || args.includes(null)) return { screen: '', args: [] }
  return { screen, args: args as Args }
}
