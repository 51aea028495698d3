/** What the deck practises in the place of a phone's own system; elsewhere there is nothing here. */
export const practised: {
  here?: () => Promise<GeolocationCoordinates | { latitude: number; longitude: number; accuracy: number }>
  /** A picture from the camera or the library; null where nobody chose one. */
  picture?: (what: string) => Promise<File | null>
  /** Whether the phone lets the app know somebody again elsewhere, for adverts; null where its system does not ask. */
  tracking?: () => Promise<boolean | null>
  /** Whether the phone lets messages of the app in. */
  messages?: () => Promise<boolean>
} = {}
