import { entry } from './entry'

export const NAME = `lanai-self:${entry.base}`
export const OFF = 'off'

/** By what this device is known to the app's own counting: thought up here, and of use nowhere else. */
export function self(): string {
  try {
    const kept = localStorage.getItem(NAME)
    if (kept) return kept
    const made = crypto.randomUUID()
    localStorage.setItem(NAME, made)
    return made
  } catch {
    // Where nothing can be kept every visit would be that of somebody new.
    return OFF
  }
}

const wantsNone = () => (navigator as { globalPrivacyControl?: boolean }).globalPrivacyControl === true || navigator.doNotTrack === '1'
export const counts = () => !entry.deck && !wantsNone() && self() !== OFF

/** Who comes for the first time may take part in what is tried: the server tells by this. */
export const newcomer = (): { newcomer?: string } => (counts() ? { newcomer: self() } : {})
