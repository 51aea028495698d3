import { onUnmounted, watch } from 'vue'
import type { Places } from './usePlaces'

/** What stands over the page while it is open: going back closes it before anything else. */
export function useOver({ over, down }: Pick<Places, 'over' | 'down'>, open: () => boolean, close: () => void) {
  watch(open, (now) => void (now ? over(close) : down(close)))
  if (open()) void over(close)
  onUnmounted(() => void down(close))
}
