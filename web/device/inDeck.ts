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
