import type { AdvertForecastState, AssumedHabits } from '../../contracts/studio'
import { useAsked } from './useAsked'

/** What adverts would bring. */
export const useForecast = () => useAsked<AssumedHabits, AdvertForecastState>('adverts/forecast')
