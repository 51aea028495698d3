import type { StudioState } from '../../contracts/studio'

interface Written {
  key: string
  pageOf: (at: string, state: StudioState) => string | undefined
}

/**
 * The address within an app of the page on which a place is written: in the first station that has it, or in the one that is named. What is
 * written nowhere opens the station without a page.
 */
export function pathOf(at: string, state: StudioState, stations: Written[], otherwise: Written, key = ''): string {
  const station = stations.find((s) => (key ? s.key === key : s.pageOf(at, state) !== undefined)) ?? otherwise
  return [station.key, station.pageOf(at, state)].filter(Boolean).join('/')
}
