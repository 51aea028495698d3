/** What pictures look like from far away, by their names: seen until they have come. */
const known = new Map<string, string>()

export function learn(soft: Record<string, string> = {}) {
  for (const [name, bytes] of Object.entries(soft)) known.set(name, `url(data:image/webp;base64,${bytes})`)
}

export const softly = (name: string) => (known.has(name) ? { backgroundImage: known.get(name), backgroundSize: 'cover' } : undefined)

/** It has come: what was seen before does not shine through. */
export const came = ({ target }: Event) => ((target as HTMLElement).style.backgroundImage = '')
