import type { View } from '../contracts/view'
import { platform } from './form'
import type { Turn } from './usePlaces'

const CLASSES = ['turn', 'turn-in', 'turn-back', 'turn-beside', 'turn-sliding', 'turn-rising', 'turn-fading', 'turn-ios', 'turn-other']
const less = () => matchMedia('(prefers-reduced-motion: reduce)').matches
let under = 0

/** A picture that both screens show grows from one into the other. */
function grown(source: string, within: string): HTMLElement | null {
  const found = [...document.querySelectorAll<HTMLImageElement>(within)].find((one) => one.src === source)
  return found ? (found.closest<HTMLElement>('.picture') ?? found) : null
}

const LARGE = 'main .picture img, main .picture-large img'
const SMALL = 'main .item-picture'

/** The picture of the tapped item, or the large one that goes back to its item. */
function leavingPicture(turn: Turn, tapped: Element | null): HTMLImageElement | null {
  if (turn === 'in') return tapped?.querySelector<HTMLImageElement>('.item-picture') ?? null
  return turn === 'back' ? document.querySelector<HTMLImageElement>(LARGE) : null
}

/** A tap made while it turned is for what shows there by now. */
function pass(tap: MouseEvent) {
  if (tap.target !== document.documentElement) return
  const under = document.elementFromPoint(tap.clientX, tap.clientY)
  under?.closest<HTMLElement>('input, textarea, select')?.focus()
  under?.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true, clientX: tap.clientX, clientY: tap.clientY }))
}

/** Until what was pressed has shown that, or for as long as three pictures take where nothing is drawn. */
const seen = () =>
  new Promise<void>((done) => {
    requestAnimationFrame(() => setTimeout(done))
    setTimeout(done, 50)
  })

/**
 * Shows another step: the one before goes and the new one comes as its way in says, by the habits of the platform. Where the browser cannot
 * or motion is not wanted, it is there at once.
 *
 * @param opens how the upper one of the two comes in
 * @param tapped what was tapped to come here
 * @param come puts the new step in the place of the one before
 */
export async function turned(turn: Turn, opens: View['opens'], tapped: Element | null, come: () => Promise<void>): Promise<void> {
  if (!document.startViewTransition || less() || document.hidden) return come()
  await seen()
  const root = document.documentElement
  const names = [`turn-${turn}`, `turn-${opens || 'sliding'}`, platform.value === 'ios' ? 'turn-ios' : 'turn-other']
  root.classList.remove(...CLASSES)
  root.classList.add('turn', ...names)
  const mine = ++under
  const picture = leavingPicture(turn, tapped)
  const source = picture?.src ?? ''
  const named: HTMLElement[] = []
  const name = (one: HTMLElement | null) => {
    if (one) one.style.setProperty('view-transition-name', 'grown')
    if (one) named.push(one)
  }
  if (picture && turn === 'in') name(picture)
  const other = turn === 'back' && picture ? (picture.closest<HTMLElement>('.picture') ?? picture) : null
  name(other)
  const transition = document.startViewTransition(async () => {
    for (const one of named.splice(0)) one.style.removeProperty('view-transition-name')
    await come()
    if (source) name(grown(source, turn === 'in' ? LARGE : SMALL))
  })
  // While it turns the browser finds nothing under a finger: whoever goes on already is not kept waiting.
  const hurry = () => {
    transition.skipTransition()
    document.addEventListener('click', pass, { capture: true, once: true })
  }
  document.addEventListener('pointerdown', hurry, { capture: true, once: true })
  void transition.finished.catch(() => undefined).then(() => {
    document.removeEventListener('pointerdown', hurry, true)
    for (const one of named) one.style.removeProperty('view-transition-name')
    if (mine === under) root.classList.remove(...CLASSES)
  })
  await transition.updateCallbackDone
}
