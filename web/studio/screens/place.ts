import type { StudioState } from '../../contracts/studio'

/** What stands around the screens, each on a page of its own; the menu at the side stands with the tabs. */
const AROUND: Record<string, string> = {
  tabs: 'tabs',
  menu: 'tabs',
  values: 'values',
  pieces: 'pieces',
  routines: 'routines',
  theme: 'theme',
  assets: 'assets',
}

export function pageOf(at: string, state: StudioState): string | undefined {
  return state.screens.find((screen) => at === screen.at || at.startsWith(`${screen.at}/`))?.slug ?? AROUND[at.split('/')[1]]
}
