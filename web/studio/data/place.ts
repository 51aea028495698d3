import type { StudioState } from '../../contracts/studio'

/** The page on which a place of the app is written, in this station; none where it is not. */
export function pageOf(at: string, state: StudioState): string | undefined {
  return state.tables.find((table) => at === table.at || at.startsWith(`${table.at}/`))?.stored
}
