import { createApp, nextTick, type App } from 'vue'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { DeviceResponse, Outcome, View } from '../../web/contracts/view'
import { keep, recall } from '../../web/device/kept'
import { queue } from '../../web/device/queue'
import { Declined, server, Unreachable } from '../../web/device/server'
import { session } from '../../web/device/session'
import { useDevice, type Device } from '../../web/device/useDevice'

vi.mock('../../web/device/entry', () => ({ entry: { base: '/device/live/swims', deck: false }, media: (name: string) => name }))

// It is learned when there is nothing else to do, which may be after these tests have ended.
vi.mock('../../web/device/outlines', () => ({ learnOutlines: () => undefined }))

/** What the server was sent, and what it says. */
const sent: Record<string, unknown>[] = []
const bare = { first: 'start', nodes: [], theme: { lang: 'en' }, tabs: [], menu: [], actions: [] }
const view = (screen: string): View => ({ ...bare, screen, title: screen }) as unknown as View
const done = (more: Partial<Outcome> = {}): Outcome =>
  ({ done: true, say: [], onDevice: [], errors: {}, used: [], values: {}, passing: {}, refused: '', ...more }) as unknown as Outcome
const answer = (more: Partial<DeviceResponse> = {}): DeviceResponse => ({ revision: 7, footprints: [], ...more }) as unknown as DeviceResponse

let app: App
let device: Device

async function begin() {
  app = createApp({ setup: () => ((device = useDevice()), () => null) })
  app.mount(document.createElement('div'))
  await vi.waitFor(() => expect(device.view.value?.screen).toBe('start'))
}

const taps = (outcome: Outcome | Error, shown?: string) =>
  vi.spyOn(server, 'tap').mockImplementation(async (body: object) => {
    sent.push(JSON.parse(JSON.stringify(body)))
    if (outcome instanceof Error) throw outcome
    return answer({ outcome, view: shown ? view(shown) : undefined })
  })

beforeEach(async () => {
  sent.length = 0
  localStorage.clear()
  sessionStorage.clear()
  history.replaceState(null, '', location.pathname)
  for (const one of queue.all()) queue.done(one)
  vi.spyOn(server, 'view').mockImplementation(async (where: object) => answer({ view: view((where as { screen: string }).screen || 'start') }))
  vi.spyOn(server, 'pulse').mockResolvedValue({ pulse: 'a' } as never)
  await begin()
})
afterEach(() => {
  app.unmount()
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

it('goes on to a screen and back, where all is found again as it was left', async () => {
  device.inputs.note = 'Half a sentence'
  device.finds['/screens/0/lines/0'] = 'cove'
  device.opens['/screens/0/lines/2'] = true
  taps(done({ go: { screen: 'swim', args: [3] } } as Partial<Outcome>))
  await device.tap('/screens/0/lines/1', null)

  expect(device.view.value?.screen).toBe('swim')
  expect(device.place.value).toEqual({ screen: 'swim', args: [3] })
  expect([device.inputs, device.finds, device.opens]).toEqual([{}, {}, {}])
  expect([device.canGoBack.value, location.hash]).toEqual([true, '#/swim/3'])

  history.back()
  await vi.waitFor(() => expect(device.view.value?.screen).toBe('start'))
  expect([device.canGoBack.value, location.hash]).toEqual([false, ''])
  expect([device.inputs, device.finds, device.opens]).toEqual([
    { note: 'Half a sentence' },
    { '/screens/0/lines/0': 'cove' },
    { '/screens/0/lines/2': true },
  ])
})

it('keeps nothing of what one person saw and typed for the next', async () => {
  taps(done({ go: { screen: 'account', args: [] } } as Partial<Outcome>))
  device.inputs.search = 'mine'
  await device.tap('/a', null)
  device.inputs.password = 'my own'
  taps(done({ session: '', go: { screen: 'welcome', args: [] } } as Partial<Outcome>))
  await device.tap('/out', null)
  expect(device.view.value?.screen).toBe('welcome')

  for (const screen of ['account', 'start']) {
    vi.mocked(server.view).mockRejectedValueOnce(new Declined('Please sign in.'))
    history.back()
    await vi.waitFor(() => expect(device.place.value.screen || 'start').toBe(screen))
    await vi.waitFor(() => expect(device.failed.value).toBe('Please sign in.'))
    expect([device.inputs, device.step.value.left]).toEqual([{}, null])
  }
})

it('takes one tap at a time, and sends each under a key of its own', async () => {
  let answered = (answer: DeviceResponse) => void answer
  const tap = vi.spyOn(server, 'tap').mockImplementation((body: object) => {
    sent.push(JSON.parse(JSON.stringify(body)))
    return new Promise((resolve) => (answered = resolve))
  })
  const first = device.tap('/a', 4)
  expect(device.isBusy('/a', 4)).toBe(true)
  expect(await device.tap('/a', 4)).toBe(false)
  answered(answer({ outcome: done() }))
  expect(await first).toBe(true)
  const second = device.tap('/a', 4)
  answered(answer({ outcome: done() }))
  await second

  expect(tap).toHaveBeenCalledTimes(2)
  expect(sent[0].tap).toMatch(/^[0-9a-f]{32}$/)
  expect(sent[0].tap).not.toBe(sent[1].tap)
})

it('does what else is tapped meanwhile after it, but nothing of a screen that has gone', async () => {
  const answers: ((answer: DeviceResponse) => void)[] = []
  vi.spyOn(server, 'tap').mockImplementation((body: object) => {
    sent.push(JSON.parse(JSON.stringify(body)))
    return new Promise((resolve) => answers.push(resolve))
  })
  const [heart, other] = [device.tap('/heart', 1), device.tap('/heart', 2)]
  expect(sent).toHaveLength(1)
  answers[0](answer({ outcome: done() }))
  expect(await heart).toBe(true)
  await vi.waitFor(() => expect(sent).toHaveLength(2))
  expect([device.isBusy('/heart', 1), device.isBusy('/heart', 2)]).toEqual([false, true])

  const late = device.tap('/heart', 3)
  answers[1](answer({ outcome: done({ go: { screen: 'swim', args: [3] } } as Partial<Outcome>) }))
  expect([await other, await late]).toEqual([true, false])
  expect([sent.length, device.view.value?.screen, device.busy.value]).toEqual([2, 'swim', ''])
})

it('takes a tap on what is shown again while that is read anew, and what was read before it does not hide what it did', async () => {
  taps(done({ go: { screen: 'swim', args: [3] } } as Partial<Outcome>))
  await device.tap('/a', null)
  let read = (answer: DeviceResponse) => void answer
  vi.mocked(server.view).mockImplementationOnce(() => new Promise((resolve) => (read = resolve)))
  taps(done({ back: true } as Partial<Outcome>))
  await device.tap('/back', null)
  expect(device.view.value?.screen).toBe('start')

  taps(done({ say: ['Tomas is in.'] } as Partial<Outcome>), 'start')
  expect(await device.tap('/in', null)).toBe(true)
  const after = device.view.value
  read(answer({ view: view('start') }))
  await nextTick()
  await nextTick()
  expect([device.message.value, device.view.value === after, device.loading.value]).toEqual(['Tomas is in.', true, false])
})

it('asks, and does the tap again with each reply beside those before', async () => {
  const asked = (at: string) => done({ done: false, confirm: { text: 'Sure?', at } } as Partial<Outcome>)
  taps(asked('/q/1'))
  await device.tap('/a', null, { places: 2 })
  expect(device.question.value?.text).toBe('Sure?')

  taps(asked('/q/2'))
  device.question.value?.reply()
  await vi.waitFor(() => expect(device.question.value?.at).toBe('/q/2'))
  taps(done())
  device.question.value?.reply('Elsa')
  await vi.waitFor(() => expect(sent).toHaveLength(3))

  expect(sent[2]).toMatchObject({ confirmed: ['/q/1'], replies: { '/q/2': 'Elsa' }, inputs: { places: 2 } })
  await vi.waitFor(() => expect(device.busy.value).toBe(''))
  expect(device.question.value).toBeNull()
})

it('tells what is wrong beside each box, and keeps what was typed', async () => {
  device.inputs.email = 'elsa@'
  taps(done({ done: false, errors: { email: 'This is no address.' } } as Partial<Outcome>))

  expect(await device.tap('/a', null)).toBe(false)
  expect(device.errors.value).toEqual({ email: 'This is no address.' })
  expect(device.inputs.email).toBe('elsa@')
  expect(device.messageIsRefusal.value).toBe(true)
})

it('keeps a tap without a connection, where it may wait, and does it once there is one', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  taps(new Unreachable())
  expect(await device.tap('/book', null, undefined, true)).toBe(true)
  expect(device.waiting.value).toBe(1)
  expect(await device.tap('/pay', null)).toBe(false)
  expect(device.message.value).toContain('Nothing was changed')
  const key = sent[0].tap

  taps(done({ refused: 'The last place has gone.', done: false }))
  app.unmount()
  await begin()
  await vi.advanceTimersByTimeAsync(2500)

  expect(sent.at(-1)?.tap).toBe(key)
  expect([device.waiting.value, queue.all()]).toEqual([0, []])
  expect(device.message.value).toBe('The last place has gone.')
  vi.useRealTimers()
})

it('shows what was read before where the server is not there, and says since when', async () => {
  vi.spyOn(server, 'view').mockRejectedValue(new Unreachable())
  await device.load()
  expect(device.view.value?.screen).toBe('start')
  expect(device.offlineSince.value).toBeGreaterThan(0)

  await device.startAt('never-read')
  expect(device.failed.value).toContain('has not been read before')
})

it('says why it was declined', async () => {
  vi.spyOn(server, 'view').mockRejectedValue(new Declined('This app is closed today.'))
  await device.startAt('swim')
  await nextTick()

  expect(device.failed.value).toBe('This app is closed today.')
  expect(device.loading.value).toBe(false)
})

it('leads to where one wanted to be after signing in', async () => {
  taps(done({ go: { screen: 'booking', args: [9] } } as Partial<Outcome>))
  await device.tap('/a', null)
  await device.toSignIn('sign-in')
  expect(device.view.value?.screen).toBe('sign-in')

  taps(done({ session: 'token', arrives: 'start' } as Partial<Outcome>))
  await device.tap('/enter', null)

  expect(device.place.value).toEqual({ screen: 'booking', args: [9] })
  expect(localStorage.getItem('lanai-session:/device/live/swims')).toBe('token')
})

it('does by itself what an outcome says, one after the other', async () => {
  const copied = vi.fn(async () => {})
  vi.stubGlobal('navigator', { clipboard: { writeText: copied }, userAgent: '' })
  taps(done({ onDevice: [{ do: 'copy', text: 'LN-1' }, { do: 'sheet', text: 'more' }] } as Partial<Outcome>))
  await device.tap('/a', null)

  expect(copied).toHaveBeenCalledWith('LN-1')
  expect([device.message.value, device.sheet.value]).toEqual(['Copied.', 'more'])
  vi.unstubAllGlobals()
})

/** A page that is seen, in a browser that has nothing else to do. */
function seen() {
  vi.spyOn(document, 'hidden', 'get').mockReturnValue(false)
  vi.stubGlobal('requestIdleCallback', (work: () => void) => work())
}
const list = (leads = 'swim') =>
  ({ kind: 'list', at: '/screens/0/lines/0', layout: 'rows', taps: true, leads, items: [1, 2, 3, 4, 5, 6, 7].map((id) => ({ id })) }) as never

it('reads ahead what a list leads to, shows it at once when it is wanted, and reads it anew behind', async () => {
  seen()
  const asked = vi.spyOn(server, 'view').mockImplementation(async (where: object) => {
    const { screen, args } = where as { screen: string; args: number[] }
    return answer({ view: { ...view(screen || 'start'), title: `${screen} ${args} ${asked.mock.calls.length}`, nodes: screen ? [] : [list()] } as View })
  })
  await device.load()
  await vi.waitFor(() => expect(asked.mock.calls.map(([where]) => (where as { args: number[] }).args[0]).filter(Boolean)).toEqual([1, 2, 3, 4, 5]))

  let known: (() => void) | undefined
  const slow = asked.getMockImplementation()!
  asked.mockImplementation((where) => new Promise((done) => (known = () => done(slow(where)))))
  const went = device.lead('/screens/0/lines/0', 2, 'swim')
  await vi.waitFor(() => expect(device.view.value?.screen).toBe('swim'))
  const before = device.view.value?.title
  await vi.waitFor(() => expect(known).toBeDefined())
  await went
  expect(device.view.value?.title).toBe(before)
  known!()
  await vi.waitFor(() => expect(device.view.value?.title).not.toBe(before))
  expect([device.isBusy('/screens/0/lines/0', 2), device.place.value]).toEqual([false, { screen: 'swim', args: [2] }])
})

it('keeps nothing that was read ahead for somebody who has left meanwhile', async () => {
  seen()
  const answers: (() => void)[] = []
  vi.spyOn(server, 'view').mockImplementation((where: object) => {
    const { screen } = where as { screen: string }
    if (!screen) return Promise.resolve(answer({ view: { ...view('start'), nodes: [list()] } as View }))
    return new Promise((done) => answers.push(() => done(answer({ view: view(screen) }))))
  })
  await device.load()
  await vi.waitFor(() => expect(answers).toHaveLength(1))
  session.set('somebody else')
  answers[0]()
  await new Promise((done) => setTimeout(done, 0))
  expect(recall('swim/1/')).toBeNull()
  expect(answers).toHaveLength(1)
})

it('makes room for what is read by what is oldest', () => {
  localStorage.clear()
  const now = vi.spyOn(Date, 'now')
  for (let i = 0; i < 130; i++) {
    now.mockReturnValue(1000 + i)
    keep(`swim/${i}/`, view('swim'))
  }
  expect([recall('swim/9/'), recall('swim/10/')?.at, recall('swim/129/')?.at]).toEqual([null, 1010, 1129])
  expect([recall('swim/129/', 10)?.at, now.mockReturnValue(5000) && recall('swim/129/', 10)]).toEqual([1129, null])
  const store = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError')
  })
  expect(() => keep('swim/500/', view('swim'))).not.toThrow()
  store.mockRestore()
})

it('is there again where the server answers at all, though not to what it is asked by itself', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  app.unmount()
  await begin()
  vi.mocked(server.view).mockRejectedValueOnce(new Unreachable())
  await device.load()
  expect(device.offlineSince.value).not.toBeNull()
  vi.mocked(server.pulse).mockRejectedValue(new Declined('That was too often in a short time.'))
  vi.advanceTimersByTime(3000)
  await vi.waitFor(() => expect(device.offlineSince.value).toBeNull())
  vi.useRealTimers()
})

it('is there again as soon as a connection is, though an answer from before never comes', async () => {
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] })
  app.unmount()
  await begin()
  vi.mocked(server.view).mockRejectedValueOnce(new Unreachable())
  await device.load()
  expect(device.offlineSince.value).not.toBeNull()
  vi.mocked(server.pulse).mockImplementationOnce(() => new Promise(() => undefined))
  vi.advanceTimersByTime(3000)
  expect(server.pulse).toHaveBeenCalledTimes(1)

  window.dispatchEvent(new Event('online'))
  await vi.waitFor(() => expect(device.offlineSince.value).toBeNull())
  vi.useRealTimers()
})
