import { computed, nextTick, onMounted, ref, watch, type Ref } from 'vue'

/** What is swiped from one page to the next: which one is seen, and the way to another. */
export function useSwiped(way: Ref<HTMLElement | null | undefined>, count: () => number, first = 0, seen: (page: number) => void = () => undefined) {
  const at = ref(first)
  const last = computed(() => at.value >= count() - 1)

  /** From one page to the next, with what stands between them. */
  const step = () => {
    const [one, next] = [...(way.value?.children ?? [])] as HTMLElement[]
    return next ? Math.abs(next.offsetLeft - one.offsetLeft) : (way.value?.clientWidth ?? 0)
  }

  function scrolled() {
    if (!way.value || !step()) return
    // Where it is read from the right, the way goes below zero.
    const page = Math.min(count() - 1, Math.round(Math.abs(way.value.scrollLeft) / step()))
    if (page !== at.value) seen((at.value = page))
  }

  function go(page: number, behavior: ScrollBehavior = matchMedia('(prefers-reduced-motion: reduce)').matches ? 'instant' : 'smooth') {
    const here = way.value
    const to = Math.max(0, Math.min(count() - 1, page))
    here?.scrollTo({ left: step() * to * (getComputedStyle(here).direction === 'rtl' ? -1 : 1), behavior })
  }

  function press(event: KeyboardEvent) {
    const on = { ArrowRight: 1, ArrowLeft: -1 }[event.key]
    if (!on || event.target !== way.value) return
    event.preventDefault()
    go(at.value + (getComputedStyle(way.value!).direction === 'rtl' ? -on : on))
  }

  onMounted(() => first > 0 && nextTick(() => go(first, 'instant')))
  watch(count, scrolled, { flush: 'post' })

  return { at, last, scrolled, go, press }
}
