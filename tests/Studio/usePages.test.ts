import { beforeEach, expect, it, vi } from 'vitest'
import type { Delta, Page } from '../../web/contracts/studio'
import { api } from '../../web/studio/api'
import { usePages } from '../../web/studio/open/usePages'

const answers: Record<string, ((page: Page) => void)[]> = {}
const page = (at: string, revision: number, text: string): Page => ({
  at,
  revision,
  lines: [{ at, indent: 0, role: 'node', offers: false, parts: [{ text }] }],
})
const delta = (more: Partial<Delta>): Delta => ({ from: 1, stale: [], made: '', next: '', ...more })
const settled = () => new Promise((done) => setTimeout(done))
const answer = async (at: string, revision: number, text: string) => {
  answers[at].shift()?.(page(at, revision, text))
  await settled()
}

beforeEach(() => {
  for (const at of Object.keys(answers)) delete answers[at]
  vi.spyOn(api, 'get').mockImplementation(((path: string) => {
    const at = decodeURIComponent(path.split('at=')[1])
    return new Promise((done) => (answers[at] ??= []).push(done as (page: Page) => void))
  }) as typeof api.get)
})

it('fetches a screen once, when it is looked at', async () => {
  const pages = usePages('1', () => {})
  pages.show('/screens/0')
  void pages.fetch('/screens/0')
  await answer('/screens/0', 1, 'one')

  expect(api.get).toHaveBeenCalledTimes(1)
  expect(pages.pages.value['/screens/0'][0].parts[0].text).toBe('one')
})

it('does not show what was asked for before an edit', async () => {
  const pages = usePages('1', () => {})
  pages.show('/screens/0')
  void pages.take(delta({ stale: ['*'] }), () => {})
  await answer('/screens/0', 1, 'old')
  expect(pages.pages.value['/screens/0']).toBeUndefined()
  await answer('/screens/0', 2, 'new')

  expect(pages.pages.value['/screens/0'][0].parts[0].text).toBe('new')
})

it('keeps other pages that an edit does not touch, and forgets those that it does', async () => {
  const pages = usePages('1', () => {})
  for (const at of ['/screens/0', '/screens/1', '/screens/2']) {
    void pages.fetch(at)
    await answer(at, 1, at)
  }
  pages.shown.value = '/screens/0'
  await pages.take(delta({ stale: ['/screens/0', '/screens/1'], page: { at: '/screens/0', from: 0, drop: 1, lines: [], places: [] } }), () => {})

  expect(Object.keys(pages.pages.value).sort()).toEqual(['/screens/0', '/screens/2'])
  expect(pages.pages.value['/screens/0']).toEqual([])
})

it('replaces the page that is shown together with the rest', async () => {
  const pages = usePages('1', () => {})
  pages.show('/screens/0')
  await answer('/screens/0', 1, 'old')
  const seen: string[] = []
  const done = pages.anew(() => seen.push(pages.pages.value['/screens/0'][0].parts[0].text))
  await settled()
  expect(pages.pages.value['/screens/0'][0].parts[0].text).toBe('old')
  await answer('/screens/0', 2, 'new')
  await done

  expect(seen).toEqual(['new'])
})

it('keeps the page that is shown until its new sentences are there, though an edit was made elsewhere', async () => {
  const pages = usePages('1', () => {})
  pages.show('/screens/0')
  await answer('/screens/0', 1, 'old')
  const seen: string[] = []
  const done = pages.take(delta({ stale: ['*'] }), () => seen.push(pages.pages.value['/screens/0'][0].parts[0].text))
  await settled()
  expect(pages.pages.value['/screens/0'][0].parts[0].text).toBe('old')
  await answer('/screens/0', 2, 'new')
  await done

  expect(seen).toEqual(['new'])
})

it('gives up a page that cannot be fetched anew rather than showing what is out of date', async () => {
  const troubles: unknown[] = []
  const pages = usePages('1', (error) => troubles.push(error))
  pages.show('/screens/0')
  await answer('/screens/0', 1, 'old')
  vi.spyOn(api, 'get').mockRejectedValue(new Error('gone'))
  await pages.take(delta({ stale: ['/screens/0'] }), () => {})

  expect(pages.pages.value['/screens/0']).toBeUndefined()
  expect(troubles.length).toBeGreaterThan(0)
})
