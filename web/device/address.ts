import type { Place } from '../contracts/view'

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

/** The place that an address names; the start where it names none. */
export function placeAt(address: string): Place {
  const [name, ...parts] = address.replace(/^#\//, '').split('/')
  const screen = read(`~${name}`)
  const args = parts.map(read)
  if (typeof screen !== 'string' || !/^[\p{L}\p{N}-]{1,100}$/u.test(screen) || args.includes(null)) return { screen: '', args: [] }
  return { screen, args: args as Args }
}
