import { ref, type Ref } from 'vue'
import { hand } from './hand'
import { useDrag } from './useDrag'

/** From here on letting go reads anew; it follows the finger at half its way. */
const FAR = 64
/** While it is read the page leaves room for what shows that. */
const STAYS = 52

/** Pulling the page down from its top reads it anew. */
export function usePull(page: Ref<HTMLElement | null>, refresh: () => Promise<unknown>) {
  const pulled = ref(0)
  const refreshing = ref(false)
  let enough = false

  useDrag(page, {
    axis: 'y',
    begins: (_, way) => way > 0 && (page.value?.scrollTop ?? 1) <= 0 && !refreshing.value,
    moves(by) {
      pulled.value = Math.max(0, Math.min(FAR * 1.4, by / 2))
      if (pulled.value >= FAR !== enough && (enough = !enough)) hand.tick()
    },
    async ends() {
      const far = pulled.value >= FAR
      enough = false
      if (!far) return void (pulled.value = 0)
      refreshing.value = true
      pulled.value = STAYS
      await refresh()
      refreshing.value = false
      pulled.value = 0
    },
  })

  return { pulled, refreshing, ready: () => pulled.value >= FAR }
}
