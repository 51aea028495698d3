import { createApp, nextTick, ref, type App } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { addressOf } from '../../web/device/address'
import { useOver } from '../../web/device/useOver'
import { usePlaces, type Left, type Places } from '../../web/device/usePlaces'

vi.mock('../../web/device/entry', () => ({ entry: { base: '/device/live/swims', deck: false } }))

const typed = { inputs: { secret: 'x' }, finds: { a: 'cove' }, pages: {}, orders: {}, chips: {}, opens: {} }
const left = (scroll: number): Left => ({ scroll, aside: {}, typed, view: null })

let app: App
let places: Places
let scroll = 0
const sheet = ref(false)
const menu = ref(false)
const shown: string[] = []

function begin() {
  app = createApp({
    setup() {
      places = usePlaces(
        (step, turn) => void shown.push(`${turn} ${addressOf(step) || 'start'}`),
        () => left(scroll),
      )
      for (const over of [sheet, menu]) useOver(places, () => over.value, () => (over.value = false))
      return () => null
    },
  })
  app.mount(document.createElement('div'))
  places.begin([])
  places.first.value = 'swims'
}

/** All that the browser and Vue have still to do. */
async function calm() {
  for (let turn = 0; turn < 2; turn++) {
    await nextTick()
    await places.settled()
  }
}
const here = () => addressOf(places.step.value) || 'start'
async function back() {
  const popped = new Promise((done) => window.addEventListener('popstate', done, { once: true }))
  history.back()
  await popped
  await calm()
}

beforeEach(() => {
  sessionStorage.clear()
  history.replaceState(null, '', location.pathname)
  shown.length = 0
  scroll = 0
  sheet.value = menu.value = false
  begin()
})
afterEach(() => app.unmount())

it('each tab has a way of its own, found again as it was left', async () => {
  scroll = 480
  await places.go({ screen: 'swim', args: [5] })
  await places.toRoot('mine')
  expect([here(), places.rootScreen.value, places.canGoBack.value]).toEqual(['#/mine', 'mine', false])
  await places.toRoot('swims')
  expect([here(), places.rootScreen.value, places.canGoBack.value]).toEqual(['#/swim/5', 'swims', true])
  await places.toRoot('swims')
  expect([here(), places.step.value.left?.scroll]).toEqual(['start', 480])
  expect(shown).toEqual(['in #/swim/5', 'beside #/mine', 'beside #/swim/5', 'back start'])
})

it('back closes what stands over the page first, the topmost before the others', async () => {
  await places.go({ screen: 'swim', args: [5] })
  sheet.value = true
  await calm()
  menu.value = true
  await calm()
  await back()
  expect([sheet.value, menu.value, here()]).toEqual([true, false, '#/swim/5'])
  void places.back()
  await calm()
  expect([sheet.value, here()]).toEqual([false, '#/swim/5'])
  await back()
  expect(here()).toBe('start')
})

it('what is closed by itself leaves nothing behind to go back to', async () => {
  await places.go({ screen: 'swim', args: [5] })
  sheet.value = true
  await calm()
  sheet.value = false
  await calm()
  await back()
  expect(here()).toBe('start')
})

it('a way out of a sheet takes the place of the sheet', async () => {
  sheet.value = true
  await calm()
  await places.go({ screen: 'swim', args: [5] })
  sheet.value = false
  await calm()
  await back()
  expect(here()).toBe('start')
})

it('an arrow leads up even where one came from the side', async () => {
  await places.toRoot('mine')
  await places.go({ screen: 'booking', args: [9] })
  await places.toRoot('swims')
  await places.toRoot('mine')
  expect(here()).toBe('#/booking/9')
  await places.back()
  expect(here()).toBe('#/mine')
})

it('a page that is loaded anew comes back to where it was, but for what was typed', async () => {
  scroll = 300
  await places.go({ screen: 'swim', args: [5] })
  scroll = 120
  window.dispatchEvent(new Event('pagehide'))
  app.unmount()
  begin()
  expect([here(), places.canGoBack.value, places.step.value.left?.scroll]).toEqual(['#/swim/5', true, 120])
  expect(sessionStorage.getItem('lanai-way:/device/live/swims')).not.toContain('secret')
  await back()
  expect([here(), places.step.value.left?.scroll, places.step.value.left?.typed.finds]).toEqual(['start', 300, { a: 'cove' }])
})

it('an address leads to its place, and its arrow to the start', async () => {
  app.unmount()
  history.replaceState(null, '', '#/swim/5')
  begin()
  expect([here(), places.canGoBack.value]).toEqual(['#/swim/5', true])
  await places.back()
  expect([here(), location.hash]).toEqual(['start', ''])
})

it('the app begins anew with nothing behind it', async () => {
  const first = history.state.index
  await places.go({ screen: 'swim', args: [5] })
  await places.go({ screen: 'book', args: [5] })
  await places.startAt('')
  expect([here(), places.canGoBack.value, history.state.index]).toEqual(['start', false, first])
})

/** Ways that nobody thought of: a few hundred taps at random. */
it.each([1, 2, 3, 4, 5, 6])('however one goes about, each back does something, and the address is that of the screen (%i)', async (seed) => {
  let random = seed * 7919
  const next = (below: number) => (random = (random * 1103515245 + 12345) & 0x7fffffff) % below
  const screens = ['swim', 'place', 'booking']
  for (let i = 0; i < 60; i++) {
    const before = `${here()} ${sheet.value} ${menu.value}`
    const move = next(9)
    if (move < 3) await places.go({ screen: screens[next(3)], args: [next(3)] })
    else if (move < 5) await places.toRoot(['swims', 'mine', 'you'][next(3)])
    else if (move === 5) sheet.value = !sheet.value
    else if (move === 6) menu.value = !menu.value
    else if (move === 7) await places.back()
    else if (history.state.index > 0) {
      await back()
      expect(`${here()} ${sheet.value} ${menu.value}`).not.toBe(before)
    }
    // A tap that leads on closes what stood over the page.
    if (move < 5) sheet.value = menu.value = false
    await calm()
    expect(location.hash).toBe(addressOf(places.step.value))
    expect(history.state.step).toBe(places.step.value.id)
  }
})
