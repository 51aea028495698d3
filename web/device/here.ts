import { practised } from './system'
import { own } from './own'

const untold = () => own('This device does not tell where it is.')

/** Where this device is; refused with a sentence where it does not tell. */
export const here = (): Promise<{ latitude: number; longitude: number; accuracy: number }> =>
  practised.here?.().catch(() => Promise.reject(new Error(untold()))) ??
  new Promise((done, refused) => {
    if (!('geolocation' in navigator)) return refused(new Error(untold()))
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => done({ latitude: coords.latitude, longitude: coords.longitude, accuracy: coords.accuracy }),
      () => refused(new Error(untold())),
      { timeout: 20_000, maximumAge: 30_000 },
    )
  })

/** As a place is written: degrees north and east, to about a metre. */
export const written = (at: { latitude: number; longitude: number }): string => `${at.latitude.toFixed(5)}, ${at.longitude.toFixed(5)}`

/** The place that was written; null where it is none. */
export function placeOf(text: string): { latitude: number; longitude: number } | null {
  const [, latitude, longitude] = /^\s*(-?\d+(?:\.\d+)?)\s*,\s*(-?\d+(?:\.\d+)?)\s*$/.exec(text) ?? []
  const at = { latitude: Number(latitude ?? NaN), longitude: Number(longitude ?? NaN) }
  return Math.abs(at.latitude) <= 90 && Math.abs(at.longitude) <= 180 ? at : null
}
