import { afterEach, beforeEach, expect, it, vi } from 'vitest'

const post = vi.fn()
vi.mock('../../web/device/server', () => ({ server: { post } }))

type Told = (transaction: string, why: string) => Promise<void>
const told = (...args: Parameters<Told>) => (window as unknown as { lanaiBought: Told }).lanaiBought(...args)
const phone = vi.fn((_: string, argument?: string) => (argument?.includes('buy') ? 'asked' : 'done'))
const say = vi.fn()
const load = vi.fn(async () => undefined)

beforeEach(() => {
  vi.resetModules()
  vi.stubGlobal('prompt', phone)
  vi.stubGlobal('location', { origin: 'lanai://localhost' })
})
afterEach(() => {
  vi.unstubAllGlobals()
  for (const one of [post, phone, say, load]) one.mockClear()
})

async function ready() {
  const { listenToBought, openSheet } = await import('../../web/device/bought')
  listenToBought(() => ({ screen: 'start' }), say, load)
  return openSheet
}

it('asks the phone for the sheet, tells the server what was bought, and the phone once the server has it', async () => {
  const openSheet = await ready()
  expect(openSheet('sheet:club.yearly?account=0a-1b')).toBe(true)
  expect(phone).toHaveBeenLastCalledWith('lanai:buys', '{"buy":"club.yearly","account":"0a-1b"}')
  post.mockResolvedValueOnce({ paid: true })
  await told('4711', '')
  expect(post).toHaveBeenCalledWith('/bought', { screen: 'start', transaction: '4711' })
  expect(phone).toHaveBeenLastCalledWith('lanai:buys', '{"done":"4711"}')
  expect(say).toHaveBeenCalledWith('Thank you. It is paid.')
  expect(load).toHaveBeenCalledOnce()
})

it('leaves with the phone what the server did not take, so that it is told again', async () => {
  const openSheet = await ready()
  openSheet('sheet:club?account=0a')
  post.mockRejectedValueOnce(new Error('This purchase belongs to somebody else.'))
  await told('4711', '')
  expect(say).toHaveBeenCalledWith('This purchase belongs to somebody else.', true)
  expect(phone).not.toHaveBeenCalledWith('lanai:buys', '{"done":"4711"}')
  post.mockResolvedValueOnce({ paid: false })
  await told('4711', '')
  expect(phone).not.toHaveBeenCalledWith('lanai:buys', '{"done":"4711"}')
})

it('says what came of it to whoever has asked, and nothing of what was open from before', async () => {
  const openSheet = await ready()
  await told('', 'left')
  post.mockRejectedValueOnce(new Error('Please sign in first.'))
  await told('4711', '')
  expect(say).not.toHaveBeenCalled()
  openSheet('sheet:club?account=0a')
  await told('', 'waits')
  expect(say).toHaveBeenLastCalledWith('Somebody still has to agree to this. It is there once they have.', false)
  openSheet('sheet:club?account=0a')
  await told('', 'unknown')
  expect(say).toHaveBeenLastCalledWith('The store does not sell this yet.', true)
})

it('opens nothing for an address that is none, or where there is no phone', async () => {
  const openSheet = await ready()
  for (const address of ['https://pier.example/pay', 'sheet:', 'sheet:a b?account=1', 'sheet:club?account="']) expect(openSheet(address)).toBe(false)
  vi.stubGlobal('location', { origin: 'https://elsewhere.example' })
  expect(openSheet('sheet:club?account=0a')).toBe(false)
})
