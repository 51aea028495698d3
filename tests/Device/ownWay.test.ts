import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { askPhone } from '../../web/device/askPhone'
import { leaveKnown, listenToOpened } from '../../web/device/notify'
import { server } from '../../web/device/server'

vi.mock('../../web/device/entry', () => ({ entry: { base: 'https://swims.example/device/live/swims', deck: false } }))
vi.mock('../../web/device/server', () => ({ server: { notify: vi.fn(async () => ({ known: true })), opened: vi.fn(async () => null) } }))

const ID = '12345678-0000-8000-8000-123456789012'
/** What the package answers to each question. */
let answers: Record<string, string> = {}
const prompt = vi.fn((_: string, about: string) => answers[about] ?? 'kept')

beforeEach(() => {
  localStorage.clear()
  vi.clearAllMocks()
  answers = {}
  vi.stubGlobal('prompt', prompt)
  vi.stubGlobal('location', { origin: 'https://app.lanai.invalid', search: '', pathname: '/index.html', hash: '' })
})
afterEach(() => void vi.unstubAllGlobals())

const say = vi.fn()

it('a package that may show messages is told where it fetches them, by the name that the server knows', async () => {
  answers = { ask: 'allowed' }
  expect(await askPhone({ zone: 'UTC' }, say)).toBe('allowed')
  const told = vi.mocked(server.notify).mock.calls[0][0] as { handle: string }
  expect(told).toEqual({ zone: 'UTC', handle: told.handle, allowed: true, fetches: true })
  expect(prompt).toHaveBeenLastCalledWith('lanai:notify', `https://swims.example/device/live/swims/notify/fetch\n{"handle":"${told.handle}"}`)
  expect(leaveKnown()).toBe('allowed')
})

it.each([
  [true, 'allowed', 1],
  [false, 'refused', 0],
])('where the person is asked, what they answer counts: %s', async (yes, leave, times) => {
  answers = { ask: 'asked' }
  const asked = askPhone({}, say)
  await vi.waitFor(() => expect((window as { lanaiLeave?: unknown }).lanaiLeave).toBeTypeOf('function'))
  ;(window as unknown as { lanaiLeave: (yes: boolean) => void }).lanaiLeave(yes)
  expect(await asked).toBe(leave)
  expect(server.notify).toHaveBeenCalledTimes(times)
})

it('where the server does not answer nothing is taken for said, and nothing is fetched', async () => {
  answers = { ask: 'allowed' }
  vi.mocked(server.notify).mockRejectedValueOnce(new Error('away'))
  expect(await askPhone({}, say)).toBeNull()
  expect(say).toHaveBeenCalledOnce()
  expect(prompt).toHaveBeenCalledOnce()
})

it('a phone that tells by what its maker finds it is known by that, once messages may come', async () => {
  listenToOpened()
  const found = (window as unknown as { lanaiFound: (token: string) => void }).lanaiFound
  answers = { ask: 'allowed' }
  await askPhone({}, say)
  found('ab12')
  const [first, again] = vi.mocked(server.notify).mock.calls.map(([told]) => told as { handle: string })
  expect(again).toEqual({ handle: first.handle, allowed: true, fetches: true, token: 'ab12' })
})

it('a message that was tapped is told once, also where the app was open', () => {
  answers = { told: '' }
  listenToOpened()
  expect(server.opened).not.toHaveBeenCalled()
  answers = { told: ID }
  dispatchEvent(new Event('hashchange'))
  expect(server.opened).toHaveBeenCalledWith(ID)
  answers = { told: 'no number' }
  document.dispatchEvent(new Event('visibilitychange'))
  expect(server.opened).toHaveBeenCalledOnce()
})
