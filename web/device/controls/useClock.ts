import { computed, ref } from 'vue'
import { clock } from '../calendar'

/** A time that is picked: as it was, or the next full hour where there is none yet. */
export function useClock() {
  const hours = ref(0)
  const minutes = ref(0)
  const time = computed(() => clock(hours.value, minutes.value))

  function begin(was: string) {
    const [, h, m] = /^(\d{1,2}):(\d\d)/.exec(was) ?? []
    hours.value = h === undefined ? (new Date().getHours() + 1) % 24 : Number(h)
    minutes.value = m === undefined ? 0 : Number(m)
  }

  return { hours, minutes, time, begin }
}
