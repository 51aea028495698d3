import { ref } from 'vue'

/** A value that is picked on a sheet: it is told, and the sheet is closed. */
export function usePicked(tell: (value: string) => void) {
  const open = ref(false)

  function set(value: string) {
    open.value = false
    tell(value)
  }

  return { open, set }
}
