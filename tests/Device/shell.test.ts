import { afterEach, expect, it, vi } from 'vitest'
import { listenToEdges, shell } from '../../web/device/shell'

afterEach(() => void vi.unstubAllGlobals())

it('asks the phone from the package’s own page, and nobody from elsewhere', () => {
  const asked = vi.fn(() => 'shared')
  vi.stubGlobal('prompt', asked)
  expect(shell('share', 'Look')).toBeNull()
  expect(asked).not.toHaveBeenCalled()
  for (const origin of ['https://app.lanai.invalid', 'lanai://localhost']) {
    vi.stubGlobal('location', { origin })
    expect(shell('share', 'Look')).toBe('shared')
  }
  expect(asked).toHaveBeenCalledTimes(2)
  expect(asked).toHaveBeenCalledWith('lanai:share', 'Look')
})

it('leaves room for what the phone has at its edges, in its own pixels', () => {
  vi.stubGlobal('devicePixelRatio', 3)
  listenToEdges()
  ;(window as unknown as { lanaiEdges: (...edges: number[]) => void }).lanaiEdges(72, 0, 48, 9)
  const style = document.documentElement.style
  expect(['top', 'right', 'bottom', 'left'].map((name) => style.getPropertyValue(`--edge-${name}`))).toEqual(['24px', '0px', '16px', '3px'])
})
