import { onMounted, onUnmounted, watch, type Ref } from 'vue'

/** One finger, or the mouse, that draws something along. */
export interface Drag {
  axis: 'x' | 'y'
  /** Whether it is taken: where it began, and whether it goes on (1) or back (−1) along the axis. What is not taken scrolls as ever. */
  begins: (at: { x: number; y: number; target: Element }, way: 1 | -1) => boolean
  /** @param by how far it was drawn, in px */
  moves: (by: number) => void
  /** @param speed at the end, in px per ms */
  ends: (by: number, speed: number) => void
}

/** So far something must be drawn before it is clear where to. */
const CLEAR = 8
/** The speed is that of the last moment. */
const MOMENT = 80

/** Real fingers send touch events, of which the browser takes those that scroll: so what is drawn along is claimed at its first move. */
export function useDrag(element: Ref<HTMLElement | null | undefined>, drag: Drag) {
  let from: { x: number; y: number; target: Element } | null = null
  let state: 'open' | 'taken' | 'left' = 'left'
  let track: { at: number; along: number }[] = []

  const along = (point: { x: number; y: number }) => (from === null ? 0 : point[drag.axis] - from[drag.axis])

  function down(x: number, y: number, target: EventTarget | null) {
    if (!(target instanceof Element)) return
    // What moves by itself under a finger, as a map does, keeps it.
    if (element.value?.contains(target.closest('[data-moves]'))) return
    from = { x, y, target }
    state = 'open'
    track = []
  }

  /** True where it is taken. */
  function move(x: number, y: number): boolean {
    if (from === null || state === 'left') return false
    const [by, across] = [along({ x, y }), drag.axis === 'x' ? y - from.y : x - from.x]
    if (state === 'open') {
      if (Math.max(Math.abs(by), Math.abs(across)) < CLEAR) return false
      state = Math.abs(by) > Math.abs(across) && drag.begins(from, by > 0 ? 1 : -1) ? 'taken' : 'left'
      if (state === 'left') return false
    }
    const now = performance.now()
    track = [...track.filter((one) => now - one.at < MOMENT), { at: now, along: by }]
    drag.moves(by)
    return true
  }

  function up() {
    if (state === 'taken') {
      const [first, last] = [track[0], track[track.length - 1]]
      const took = last.at - first.at
      drag.ends(last.along, took > 0 ? (last.along - first.along) / took : 0)
    }
    from = null
    state = 'left'
  }

  const handlers: Record<string, (event: never) => void> = {
    touchstart: (event: TouchEvent) => (event.touches.length === 1 ? down(event.touches[0].clientX, event.touches[0].clientY, event.target) : up()),
    touchmove: (event: TouchEvent) => {
      if (move(event.touches[0].clientX, event.touches[0].clientY) && event.cancelable) event.preventDefault()
    },
    touchend: up,
    touchcancel: up,
    pointerdown: (event: PointerEvent) => event.pointerType === 'mouse' && event.button === 0 && down(event.clientX, event.clientY, event.target),
    // A click ends where the mouse was let go: what was drawn along was not meant to be tapped.
    click: (event: MouseEvent) => drawn && (event.preventDefault(), event.stopPropagation()),
  }
  let drawn = false
  const mouse = {
    pointermove: (event: PointerEvent) => {
      if (event.pointerType === 'mouse' && move(event.clientX, event.clientY)) drawn = true
    },
    pointerup: (event: PointerEvent) => {
      if (event.pointerType !== 'mouse') return
      up()
      setTimeout(() => (drawn = false))
    },
  }

  function listen(to: HTMLElement | null | undefined, how: 'addEventListener' | 'removeEventListener') {
    for (const [name, handler] of Object.entries(handlers)) {
      to?.[how](name, handler as unknown as EventListener, name === 'click' ? true : { passive: false })
    }
  }
  watch(element, (now, before) => (listen(before, 'removeEventListener'), listen(now, 'addEventListener')), { flush: 'post' })
  onMounted(() => {
    listen(element.value, 'addEventListener')
    for (const [name, handler] of Object.entries(mouse)) window.addEventListener(name, handler as EventListener)
  })
  onUnmounted(() => {
    listen(element.value, 'removeEventListener')
    for (const [name, handler] of Object.entries(mouse)) window.removeEventListener(name, handler as EventListener)
  })
}
