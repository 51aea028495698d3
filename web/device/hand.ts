import { media } from './entry'
import { shell } from './shell'
import { own } from './own'

type Say = (text: string, refusal?: boolean) => void

/** What the device can do by itself for the person who holds it. */
export const hand = {
  copy: (text: string) => navigator.clipboard?.writeText(text),

  play: (asset: string) => new Audio(media(asset)).play(),

  async share(text: string, say: Say) {
    if (shell('share', text)) return
    if (navigator.share) return navigator.share({ text }).catch(() => undefined)
    return hand.copy(text)?.then(
      () => say(own('Copied, so that you can paste it where you like.')),
      () => say(text),
    )
  },

  /** Felt where the device can: something is far enough. */
  tick: () => void (shell('tick') === null && navigator.vibrate?.(8)),

  /** Web pages open beside the app, so that it is still there; a mail, a call or a map goes to the phone. */
  open(address: string) {
    if (/^https?:/i.test(address)) window.open(address, '_blank', 'noopener')
    else location.href = address
  },

  save(name: string, text: string, type: string) {
    if (shell('save', JSON.stringify({ name, type, text }))) return
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type }))
    link.download = name
    link.click()
    setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
  },
}
