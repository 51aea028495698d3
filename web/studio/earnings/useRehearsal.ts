import type { Assumed, EarningsRehearsal } from '../../contracts/studio'
import { useAsked } from './useAsked'

/** What something that is sold would bring. */
export const useRehearsal = () => useAsked<Assumed, EarningsRehearsal>('rehearsal')
