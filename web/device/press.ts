import { platform } from './form'

const PRESSED = 'button:not(:disabled), [role="button"]'

/** Where the habits of the platform want it, what is pressed shows where the finger is. */
export function ripple(event: PointerEvent) {
  if (platform.value !== 'android' || matchMedia('(prefers-reduced-motion: reduce)').matches || !(event.target instanceof Element)) return
  const pressed = event.target.closest<HTMLElement>(PRESSED)
  if (!pressed) return
  const box = pressed.getBoundingClientRect()
  const drop = document.createElement('span')
  drop.className = 'ripple'
  const x = document.documentElement.dir === 'rtl' ? box.right - event.clientX : event.clientX - box.left
  drop.style.setProperty('--x', `${x}px`)
  drop.style.setProperty('--y', `${event.clientY - box.top}px`)
  drop.style.setProperty('--far', `${Math.hypot(box.width, box.height)}px`)
  if (getComputedStyle(pressed).position === 'static') pressed.style.position = 'relative'
  pressed.append(drop)
  drop.addEventListener('animationend', () => drop.remove())
}
