import { beforeEach, expect, it, vi } from 'vitest'
import { arrived, linkTo } from '../../web/device/address'
import { invitedBy, ledBack } from '../../web/device/invited'
import { session } from '../../web/device/session'

vi.mock('../../web/device/entry', () => ({ entry: { base: '/device/live/swims', deck: false, link: 'https://swims.example/a/swims' } }))

const CODE = `12-${'0a'.repeat(10)}`

beforeEach(() => {
  localStorage.clear()
  session.set('')
  vi.useRealTimers()
})

it('a link says who invites, and what stood before the # is taken out of the address of whoever comes by it', () => {
  const link = linkTo({ screen: 'swim', args: [3] }, CODE)
  expect(link).toBe(`https://swims.example/a/swims?at=swim/3&by=${CODE}&from=invitation#/swim/3`)
  expect(linkTo({ screen: '', args: [] }, CODE)).toBe(`https://swims.example/a/swims?by=${CODE}&from=invitation`)
  expect(linkTo({ screen: 'swim', args: [3] })).toBe('https://swims.example/a/swims?at=swim/3#/swim/3')
  history.replaceState(null, '', `${location.pathname}${new URL(link).search}${new URL(link).hash}`)
  expect(arrived()).toEqual({ screen: 'swim', args: [3] })
  expect([location.search, location.hash]).toEqual(['?from=invitation', '#/swim/3'])
  expect(invitedBy()).toEqual({ invitedBy: CODE })
})

it('it is kept until they are in, and then leads them to what they were invited to, once', () => {
  history.replaceState(null, '', `${location.pathname}?by=${CODE}#/swim/3`)
  arrived()
  expect(ledBack()).toEqual({ screen: 'swim', args: [3] })
  expect([ledBack(), invitedBy()]).toEqual([null, {}])
  history.replaceState(null, '', `${location.pathname}?by=${CODE}`)
  expect(arrived()).toEqual({ screen: '', args: [] })
  expect(ledBack()).toBeNull()
})

it.each(['', '12', `12-${'0g'.repeat(10)}`, '<script>', `x-${'0a'.repeat(10)}`])('what is no invitation is none: %s', (by) => {
  history.replaceState(null, '', `${location.pathname}?by=${encodeURIComponent(by)}`)
  arrived()
  expect(invitedBy()).toEqual({})
})

it('whoever is in already was not invited, and after a month nobody is any more', () => {
  session.set('a token')
  history.replaceState(null, '', `${location.pathname}?by=${CODE}`)
  arrived()
  expect(invitedBy()).toEqual({})
  session.set('')
  history.replaceState(null, '', `${location.pathname}?by=${CODE}`)
  arrived()
  vi.useFakeTimers({ now: Date.now() + 31 * 86_400_000 })
  expect(invitedBy()).toEqual({})
})
