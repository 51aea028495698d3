import { reactive } from 'vue'
import type { Choice } from './deck'
import { measureText, platform } from './form'
import { network } from './network'
import { dark, direction } from './theme'
import { usual } from './told'

/** What the deck chose: who, when, with which data, and on what kind of device. Elsewhere nothing is chosen. */
export function useChosen() {
  const chosen = reactive(usual())

  function choose(choice: Choice) {
    Object.assign(chosen, Object.fromEntries(Object.entries(choice).filter(([name]) => name in chosen)))
    if (choice.platform) platform.value = choice.platform
    if (choice.network) network.value = choice.network
    if (choice.dark !== undefined) dark.value = choice.dark
    const root = document.documentElement
    if (choice.phone) {
      const { top, bottom, ...rest } = choice.phone
      root.style.setProperty('--edge-top', `${top}px`)
      root.style.setProperty('--edge-bottom', `${bottom}px`)
      void import('./practice/practice').then(({ set }) => Object.assign(set, rest))
    }
    if (choice.direction !== undefined) direction.value = choice.direction
    if (choice.textSize) root.style.fontSize = `${choice.textSize}%`
    measureText()
  }

  return { chosen, choose }
}

export type Chosen = ReturnType<typeof useChosen>
