import { entry } from './entry'

export interface Phone {
  leave: 'ask' | 'yes' | 'no'
  location: { latitude: number; longitude: number }
  reason: string
  keyboard: boolean
  top: number
  bottom: number
}

export interface Choice {
  person?: number | null
  now?: string | null
  set?: string
  platform?: 'ios' | 'android' | 'web'
  till?: 'card' | 'quay' | 'pier'
  /** “deck”, and the build number that it pretends to run. */
  store?: string
  build?: number | null
  network?: 'good' | 'slow' | 'none'
  direction?: '' | 'ltr' | 'rtl'
  /** In which language it speaks, by its tag; '' for the app's own. */
  language?: string
  textSize?: number
  dark?: boolean
  /** What the phone's own system does, and the room that it keeps at the edges, in dp. */
  phone?: Phone
}

/** The line to the studio around this device. Outside the deck it is silent; what the studio orders is heard by inDeck.ts. */
export const deck = {
  tell(message: object) {
    if (entry.deck) window.parent.postMessage(JSON.parse(JSON.stringify(message)), window.location.origin)
  },
}
