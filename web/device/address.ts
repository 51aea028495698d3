import type { Place } from '../contracts/view'
import { entry } from './entry'

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

/** A link that is handed on: the server reads what stands before the #, to show what it is about, and programs that open links what follows it. */
export function linkTo(place: Place): string {
  const home = entry.link ?? entry.base.replace(/\/device\/live\//, '/a/')
  const address = addressOf(place)
  return address ? `${home}?at=${encodeURIComponent(address.slice(2)).replaceAll('%2F', '/')}${address}` : home
}

/** Where somebody comes who opened a link: what stood before the # has done its work, and is taken out of the address. */
export function arrived(): Place {
  const query = new URLSearchParams(location.search)
  const at = query.get('at')
  if (at === null) return placeAt(location.hash)
  query.delete('at')
  const rest = query.toString()
  const hash = location.hash || `#/${at}`
  history.replaceState(history.state, '', `${location.pathname}${rest ? `?${rest}` : ''}${hash}`)
  return placeAt(hash)
}

/** The place that an address names; the start where it names none. */
export function placeAt(address: string): Place {
  const [name, ...parts] = address.replace(/^#\//, '').split('/')
  const screen = read(`~${name}`)
  const args = parts.map(read)
  if (typeof screen !== 'string' || !/^[\p{L}\p{N}-]{1,100}$/u.test(screen) || args.includes(null)) return { screen: '', args: [] }
  return { screen, args: args as Args }
}
