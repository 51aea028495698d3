import type { Component } from 'vue'
import type { StudioState } from '../contracts/studio'
import BriefStation from './brief/BriefStation.vue'
import { pageOf as briefPageOf } from './brief/place'
import DataStation from './data/DataStation.vue'
import { pageOf as dataPageOf } from './data/place'
import EarningsStation from './earnings/EarningsStation.vue'
import { pageOf as earningsPageOf } from './earnings/place'
import PeopleStation from './people/PeopleStation.vue'
import { pageOf as peoplePageOf } from './people/place'
import ReachStation from './reach/ReachStation.vue'
import { pageOf as reachPageOf } from './reach/place'
import ReleaseStation from './release/ReleaseStation.vue'
import { pageOf as releasePageOf } from './release/place'
import ScreensStation from './screens/ScreensStation.vue'
import { pageOf as screensPageOf } from './screens/place'
import ServicesStation from './services/ServicesStation.vue'
import { pageOf as servicesPageOf } from './services/place'

export interface Station {
  /** As in the address, and as the server counts its findings. */
  key: string
  name: string
  component: Component
  /** The page of it on which a place of the app is written; none where it is not. */
  pageOf: (at: string, state: StudioState) => string | undefined
}

/** The stations of the walk, in its order: the only list of them. What belongs to one lies in its folder. */
export const stations: Station[] = [
  { key: 'brief', name: 'Brief', component: BriefStation, pageOf: briefPageOf },
  { key: 'data', name: 'Data', component: DataStation, pageOf: dataPageOf },
  { key: 'screens', name: 'Screens', component: ScreensStation, pageOf: screensPageOf },
  { key: 'people', name: 'People', component: PeopleStation, pageOf: peoplePageOf },
  { key: 'services', name: 'Services', component: ServicesStation, pageOf: servicesPageOf },
  { key: 'earnings', name: 'Earnings', component: EarningsStation, pageOf: earningsPageOf },
  { key: 'reach', name: 'Reach', component: ReachStation, pageOf: reachPageOf },
  { key: 'release', name: 'Release', component: ReleaseStation, pageOf: releasePageOf },
]

/** Where an app opens. */
export const first = stations[2]
