/** A message as it lies on the phone that the deck shows. */
export interface Lying {
  id: string
  title: string
  text: string
  picture: string
  data: { screen?: string; args?: (number | string)[] }
  silent: boolean
  /** When it came, in ms since 1970. */
  at: number
}
