import { onUnmounted, ref } from 'vue'
import { Declined } from './api'

/** One piece of work at a time: which is under way, what went wrong, and a way to stop waiting for it. */
export function useWork() {
  const busy = ref('')
  const trouble = ref('')
  let under: AbortController | null = null

  async function work(what: string, call: (signal: AbortSignal) => Promise<unknown>) {
    under?.abort()
    const mine = (under = new AbortController())
    busy.value = what
    trouble.value = ''
    try {
      await call(mine.signal)
    } catch (error) {
      if (!mine.signal.aborted) trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      if (under === mine) {
        busy.value = ''
        under = null
      }
    }
  }

  function stop() {
    under?.abort()
    under = null
    busy.value = ''
  }
  onUnmounted(stop)

  return { busy, trouble, work, stop }
}
