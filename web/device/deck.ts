import { entry } from './entry'

interface Choice {
  person?: number | null
  now?: string | null
  set?: string
}

interface Orders {
  refresh: () => unknown
  set: (choice: Choice) => unknown
  open: (screen: string) => unknown
  why: (at: string) => unknown
}

/** The line to the studio around this device: it hears what to show, and tells what happened. Outside the deck it is silent. */
export const deck = {
  tell(message: object) {
    if (entry.deck) window.parent.postMessage(JSON.parse(JSON.stringify(message)), window.location.origin)
  },

  /** Asks the studio who is signed in and when it is; goes on without an answer. */
  begun(chosen: object): Promise<void> {
    return new Promise((done) => {
      const hear = (event: MessageEvent) => {
        if (event.origin !== window.location.origin || event.data?.lanai !== 'begin') return
        window.removeEventListener('message', hear)
        Object.assign(chosen, event.data.choice)
        done()
      }
      window.addEventListener('message', hear)
      this.tell({ lanai: 'ready' })
      setTimeout(done, 400)
    })
  },

  listen(orders: Orders) {
    if (!entry.deck) return
    window.addEventListener('message', (event: MessageEvent) => {
      if (event.origin !== window.location.origin) return
      const order = event.data
      if (order?.lanai === 'refresh') orders.refresh()
      if (order?.lanai === 'set') orders.set(order.choice)
      if (order?.lanai === 'open') orders.open(order.screen)
      if (order?.lanai === 'why') orders.why(order.at)
      if (order?.lanai === 'point') point(order.at)
    })
    // A tap with Alt goes to the line; the pointer over an element marks its line.
    document.addEventListener('click', (event) => {
      const at = event.altKey ? lineUnder(event.target) : ''
      if (!at) return
      event.preventDefault()
      event.stopPropagation()
      deck.tell({ lanai: 'goto', at })
    }, true)
    let last = ''
    document.addEventListener('pointerover', (event) => {
      const at = lineUnder(event.target)
      if (at !== last) deck.tell({ lanai: 'over', at: (last = at) })
    })
    document.documentElement.addEventListener('pointerleave', () => deck.tell({ lanai: 'over', at: (last = '') }))
  },
}

function lineUnder(target: EventTarget | null): string {
  return target instanceof Element ? (target.closest('[data-at]')?.getAttribute('data-at') ?? '') : ''
}

function point(at: string) {
  for (const marked of document.querySelectorAll('.pointed')) marked.classList.remove('pointed')
  const found = at ? document.querySelector(`[data-at="${CSS.escape(at)}"]`) : null
  found?.classList.add('pointed')
  const box = found?.getBoundingClientRect()
  if (box && (box.bottom < 60 || box.top > window.innerHeight - 80)) found?.scrollIntoView({ block: 'nearest' })
}
