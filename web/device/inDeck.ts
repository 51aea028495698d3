import { deck, type Choice } from './deck'
import { intoView } from './into'

interface Orders {
  refresh: () => unknown
  set: (choice: Choice) => unknown
  open: (screen: string, args?: (number | string)[]) => unknown
  why: (at: string) => unknown
  back: () => unknown
  advert: (place: string, reward: string | null) => unknown
  lock: (on: boolean) => unknown
}

/** Asks the studio who is signed in and when it is; goes on without an answer. */
export function begun(choose: (choice: Choice) => void): Promise<void> {
  return new Promise((done) => {
    const hear = (event: MessageEvent) => {
      if (event.origin !== window.location.origin || event.data?.lanai !== 'begin') return
      window.removeEventListener('message', hear)
      choose(event.data.choice)
      done()
    }
    window.addEventListener('message', hear)
    deck.tell({ lanai: 'ready' })
    setTimeout(done, 400)
  })
}

/** Hears what the studio wants, and tells it what is pointed at. */
export function listen(orders: Orders) {
  watched()
  window.addEventListener('message', (event: MessageEvent) => {
    if (event.origin !== window.location.origin) return
    const order = event.data
    if (order?.lanai === 'refresh') orders.refresh()
    if (order?.lanai === 'set') orders.set(order.choice)
    if (order?.lanai === 'open') orders.open(order.screen, order.args)
    if (order?.lanai === 'why') orders.why(order.at)
    if (order?.lanai === 'back') orders.back()
    if (order?.lanai === 'advert') orders.advert(order.place, order.reward)
    if (order?.lanai === 'lock') orders.lock(order.on === true)
    if (order?.lanai === 'point') point(order.at)
    if (order?.lanai === 'ask') asking = order.on
  })
  // A tap with Alt goes to the line; the pointer over an element marks its line.
  document.addEventListener('click', (event) => {
    if (asking || event.shiftKey) return picked(event)
    const at = event.altKey ? lineUnder(event.target) : ''
    if (!at) return
    event.preventDefault()
    event.stopPropagation()
    deck.tell({ lanai: 'goto', at: line(at) })
  }, true)
  let last = ''
  document.addEventListener('pointerover', (event) => {
    const at = lineUnder(event.target)
    if (at !== last) deck.tell({ lanai: 'over', at: line((last = at)), whole: at })
  })
  document.documentElement.addEventListener('pointerleave', () => deck.tell({ lanai: 'over', at: (last = '') }))
}

/** So many letters of what stands on something are told. */
const LONGEST = 80

const words = (element: Element | null | undefined) => (element?.textContent ?? '').replace(/\s+/g, ' ').trim().slice(0, LONGEST)
const did = (does: 'tap' | 'type', what: string, into: string) => deck.tell({ lanai: 'did', step: { does, what, into } })

/** What is tapped and typed, by the words that stand on the screen: so an errand is written down, and a fault is come to again. */
function watched() {
  document.addEventListener(
    'click',
    (event) => {
      const target = event.target
      // Questions are said yes to, and boxes are typed into.
      if (asking || !(target instanceof Element) || target.closest('input, textarea, select, label, .message, [role="alertdialog"]')) return
      const item = target.closest('.item')
      const hit = item ?? target.closest('button, a, summary, [role="button"]')
      const called = item ? words(item.querySelector('.item-title') ?? item) : (hit?.getAttribute('aria-label') ?? words(hit))
      if (called) did('tap', called, '')
    },
    true,
  )
  document.addEventListener(
    'change',
    ({ target: box }) => {
      if (!(box instanceof HTMLInputElement || box instanceof HTMLTextAreaElement || box instanceof HTMLSelectElement)) return
      const into = words(box.labels?.[0]).replace(/\s*\*$/, '') || (box.getAttribute('aria-label') ?? '')
      const what = box instanceof HTMLSelectElement ? words(box.selectedOptions[0]) : box.value
      if (into && what && box.type !== 'password' && box.type !== 'file') did('type', what.slice(0, LONGEST), into)
    },
    true,
  )
}

/** While the founder asks where values come from, a tap picks one and does nothing else. */
let asking = false

function picked(event: MouseEvent) {
  const at = lineUnder(event.target)
  if (!at) return
  event.preventDefault()
  event.stopPropagation()
  const item = event.target instanceof Element ? event.target.closest('[data-item]')?.getAttribute('data-item') : null
  deck.tell({ lanai: 'pick', at, item: item ? Number(item) : null })
}

/** The line of the app behind a node: without the rows it is repeated for, and in a piece the piece's own line. */
function line(at: string): string {
  return (at.includes('=') ? at.slice(at.lastIndexOf('=') + 1) : at).replace(/@\d+/g, '')
}

function lineUnder(target: EventTarget | null): string {
  return target instanceof Element ? (target.closest('[data-at]')?.getAttribute('data-at') ?? '') : ''
}

function point(at: string) {
  for (const marked of document.querySelectorAll('.pointed')) marked.classList.remove('pointed')
  const found = at ? ([...document.querySelectorAll('[data-at]')].find((e) => line(e.getAttribute('data-at') ?? '') === at) ?? null) : null
  found?.classList.add('pointed')
  const box = found?.getBoundingClientRect()
  if (found && box && (box.bottom < 60 || box.top > window.innerHeight - 80)) intoView(found)
}
