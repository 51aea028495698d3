import { ref } from 'vue'

const FAR = 72

/** Pulling the page down from its top reads it anew. */
export function usePull(refresh: () => Promise<unknown>) {
  const pulled = ref(0)
  const refreshing = ref(false)
  let from: number | null = null

  return {
    pulled,
    refreshing,
    handlers: {
      pointerdown: (event: PointerEvent) => (from = (event.currentTarget as HTMLElement).scrollTop <= 0 ? event.clientY : null),
      pointermove: (event: PointerEvent) => {
        if (from === null) return
        if ((event.currentTarget as HTMLElement).scrollTop > 0) from = null
        else pulled.value = Math.max(0, Math.min(FAR * 1.3, (event.clientY - from) / 2))
      },
      pointercancel: () => ((from = null), (pulled.value = 0)),
      pointerup: async () => {
        const enough = pulled.value >= FAR
        from = null
        pulled.value = 0
        if (!enough) return
        refreshing.value = true
        await refresh()
        refreshing.value = false
      },
    },
  }
}
