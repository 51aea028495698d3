import { onMounted, onUnmounted } from 'vue'
import type { Chosen } from './useChosen'
import { entry } from './entry'
import { server, Unreachable } from './server'
import type { useTap } from './useTap'
import type { Shown } from './useView'

const EVERY = 2500

/**
 * Asks now and then whether something has changed, and does what waited for a connection. A page that nobody sees asks less often; where a
 * connection comes back it asks at once, whatever still waits for an answer from before.
 */
export function usePulse({ known, offlineSince, view, load }: Shown, { busy, waiting, flush }: ReturnType<typeof useTap>, { chosen }: Chosen) {
  let timer = 0
  let last = 0

  async function ask() {
    const mine = ++last
    clearTimeout(timer)
    try {
      const now = (await server.pulse(entry.deck ? `?set=${chosen.set}` : '')).pulse
      if (waiting.value) await flush()
      if ((now && now !== known.pulse) || offlineSince.value !== null) if (!busy.value) await load()
    } catch (error) {
      if (error instanceof Unreachable && view.value) offlineSince.value ??= Date.now()
      // Whoever declines is there.
      else if (offlineSince.value !== null && !busy.value) await load()
    }
    if (mine === last) timer = window.setTimeout(ask, document.hidden ? EVERY * 4 : EVERY)
  }

  onMounted(() => {
    timer = window.setTimeout(ask, EVERY)
    window.addEventListener('online', ask)
  })
  onUnmounted(() => {
    last++
    clearTimeout(timer)
    window.removeEventListener('online', ask)
  })
}
