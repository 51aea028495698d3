import { ref, type Ref } from 'vue'
import { platform } from './form'
import { useDrag } from './useDrag'

/** A swipe that goes back begins so near to the edge. */
const EDGE = 28
const QUICK = 0.5

/** By the habits of some phones a page is drawn away from the edge at which lines begin, to go back. */
export function useEdge(device: Ref<HTMLElement | null>, canGoBack: Ref<boolean>, back: () => unknown) {
  const drawn = ref(0)
  const side = () => (document.documentElement.dir === 'rtl' ? -1 : 1)
  const width = () => device.value?.clientWidth ?? 1

  useDrag(device, {
    axis: 'x',
    begins: (at, way) =>
      platform.value === 'ios' && canGoBack.value && way === side() && (side() > 0 ? at.x : width() - at.x) <= EDGE && !at.target.closest('.veil, .question'),
    moves: (by) => (drawn.value = Math.max(0, by * side()) * side()),
    ends(by, speed) {
      const far = by * side() > width() * 0.4 || speed * side() > QUICK
      drawn.value = 0
      if (far) void back()
    },
  })

  return { drawn }
}
