import { shallowRef } from 'vue'
import type { ShownAdvert } from '../contracts/view'

/** How an advert over the whole screen ended: it was seen to its end, closed before, or could not be shown. */
export type Ended = 'through' | 'closed' | 'broken'

/** An advert over the whole screen, what there is for seeing it to its end (null where nothing is), and what goes on when it has ended. */
export const full = shallowRef<{ advert: ShownAdvert; reward: string | null; waits: boolean; end: (how: Ended) => void } | null>(null)
