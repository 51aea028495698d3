import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'

const HOUR = 3600000

/** A clock that runs like the real one, but so far ahead or behind. */
export function useClock() {
  const ahead = ref(0)
  const tick = ref(Date.now())
  useIntervalFn(() => (tick.value = Date.now()), 20000)
  const at = computed(() => new Date(tick.value + ahead.value))

  return {
    moment: computed(() => (ahead.value === 0 ? null : new Date(Date.now() + ahead.value).toISOString())),
    shown: computed(() => at.value.toLocaleString([], { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })),
    ahead,
    /** The clock in the form a date box wants. */
    local: computed(() => new Date(at.value.getTime() - at.value.getTimezoneOffset() * 60000).toISOString().slice(0, 16)),
    move: (hours: number) => (ahead.value += hours * HOUR),
    set: (local: string) => (ahead.value = local ? new Date(local).getTime() - Date.now() : 0),
    reset: () => (ahead.value = 0),
  }
}
