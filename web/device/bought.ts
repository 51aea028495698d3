import { own } from './own'
import { server } from './server'
import { shell } from './shell'

/** Somebody has asked for the sheet: what comes of it is told to them, and not what is still open from before. */
let asked = false

/** Opens the sheet. @param address as the server says it: `sheet:PRODUCT?account=…` */
export function openSheet(address: string): boolean {
  const [, buy, account] = /^sheet:([\w.-]+)\?account=([\w-]+)$/.exec(address) ?? []
  asked = Boolean(buy) && shell('buys', JSON.stringify({ buy, account })) === 'asked'
  return asked
}

const SAID: Record<string, () => string> = {
  left: () => own('Nothing was paid.'),
  failed: () => own('Nothing was paid.'),
  waits: () => own('Somebody still has to agree to this. It is there once they have.'),
  unknown: () => own('The store does not sell this yet.'),
  silent: () => own('The store does not answer just now. Please try again in a moment.'),
}

/** Hears from the phone what was bought, tells it to the server, and tells the phone once the server has it. */
export function listenToBought(where: () => object, say: (text: string, refusal?: boolean) => void, load: () => Promise<void>) {
  ;(window as { lanaiBought?: (transaction: string, why: string) => Promise<void> }).lanaiBought = async (transaction, why) => {
    const told = asked
    asked = asked && why === '' && !transaction
    if (!transaction) {
      if (told) say(SAID[why]?.() ?? own('Nothing was paid.'), why !== 'waits')
      return
    }
    try {
      const { paid } = (await server.post('/bought', { ...where(), transaction })) as { paid: boolean }
      if (!paid) return
      shell('buys', JSON.stringify({ done: transaction }))
      if (told) say(own('Thank you. It is paid.'))
      await load()
    } catch (error) {
      // What is not taken now the phone tells again when the app begins.
      if (told && error instanceof Error) say(error.message || own('The store does not answer just now. Please try again in a moment.'), true)
    }
  }
}
