/** Scrolls the part of the page that holds an element until it is in the middle: that part only, not the frames around the page. */
export function intoView(element: Element) {
  const around = element.closest('.sheet, .side-menu, main')
  if (!around) return
  const [box, room] = [element.getBoundingClientRect(), around.getBoundingClientRect()]
  const top = around.scrollTop + box.top - room.top - (room.height - box.height) / 2
  around.scrollTo({ top, behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth' })
}
