import { onMounted, onUnmounted } from 'vue'
import type { Chosen } from './useChosen'
import { entry } from './entry'
import { server, Unreachable } from './server'
import type { useTap } from './useTap'
import type { Shown } from './useView'

const EVERY = 2500

/** Asks now and then whether something has changed, and does what waited for a connection. A page that nobody sees asks less often. */
export function usePulse({ known, offlineSince, view, load }: Shown, { busy, waiting, flush }: ReturnType<typeof useTap>, { chosen }: Chosen) {
  let timer = 0

  async function ask() {
    try {
      const now = (await server.pulse(entry.deck ? `?set=${chosen.set}` : '')).pulse
      if (waiting.value) await flush()
      if ((now && now !== known.pulse) || offlineSince.value !== null) if (!busy.value) await load()
    } catch (error) {
      if (error instanceof Unreachable && view.value) offlineSince.value ??= Date.now()
    }
    timer = window.setTimeout(ask, document.hidden ? EVERY * 4 : EVERY)
  }

  onMounted(() => (timer = window.setTimeout(ask, EVERY)))
  onUnmounted(() => clearTimeout(timer))
}
