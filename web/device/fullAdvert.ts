import type { ShownAdvert } from '../contracts/view'
import { ask, rewarded } from './adverts'
import { entry } from './entry'
import { full, type Ended } from './full'
import { own } from './own'

const none = () => own('There is no advert just now. Please try again later.')

const shows = (advert: ShownAdvert, reward: string | null = null) =>
  new Promise<Ended>((done) => {
    full.value = { advert, reward, waits: false, end: done }
  })

/** Shows one, if there is one: whatever happens, it goes on. */
export async function showFull(place: string, where: object): Promise<void> {
  const { advert } = await ask(place, where).catch(() => ({ advert: null }))
  if (!advert) return
  await shows(advert)
  full.value = null
}

/** The deck shows what would come over the whole screen, without anything being tapped; a reward for it is not taken. */
export async function preview(place: string, reward: string | null, where: object, say: (text: string) => void): Promise<void> {
  const { advert } = await ask(place, where).catch(() => ({ advert: null }))
  if (!advert) return say(none())
  await shows(advert, reward)
  full.value = null
}

const MOMENT = 700
const MOMENTS = 16

const kept = (place: string) => `lanai-reward:${entry.base}:${place}`
const keep = (place: string, key: string) => {
  try {
    if (key) localStorage.setItem(kept(place), key)
    else localStorage.removeItem(kept(place))
  } catch {
    // Then the reward can be had for as long as the app stays here.
  }
}
function earned(place: string): string {
  try {
    return localStorage.getItem(kept(place)) ?? ''
  } catch {
    return ''
  }
}

const notYet = () => own('The network has not said yet that the advert was seen. Please tap again in a moment: you need not watch it again.')
const broken = () => own('The advert could not be shown.')

/** Waits for the network to say that an advert was seen: a few seconds, for it tells the server and not the device. */
async function confirmed(key: string, moments: number): Promise<'given' | 'waits' | 'none'> {
  for (let n = 1; ; n++) {
    const state = await rewarded(key).catch(() => 'waits' as const)
    if (state !== 'waits' || n >= moments) return state
    await new Promise((done) => setTimeout(done, MOMENT))
  }
}

/**
 * Shows an advert for a reward. The answer is the key with which the reward is taken, '' where the advert was not seen, or null where it was and the
 * network has not said so yet: then the key is kept, and the next time nothing needs to be seen.
 */
export async function watch(place: string, reward: string, where: object, say: (text: string) => void): Promise<string | null> {
  const before = earned(place)
  if (before) {
    const state = await confirmed(before, 1)
    if (state === 'waits') return (say(notYet()), null)
    keep(place, '')
    if (state === 'given') return before
  }
  const { advert } = await ask(place, where).catch(() => ({ advert: null }))
  if (!advert) return (say(none()), '')
  const how = await shows(advert, reward)
  if (how !== 'through') {
    full.value = null
    if (how === 'broken') say(broken())
    return ''
  }
  keep(place, advert.key)
  if (full.value) full.value = { ...full.value, waits: true }
  const state = await confirmed(advert.key, MOMENTS)
  full.value = null
  if (state === 'waits') return (say(notYet()), null)
  keep(place, '')
  return state === 'given' ? advert.key : ''
}
