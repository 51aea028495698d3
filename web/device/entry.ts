/** Where this device came in; written into the page by the server or into the package by its recipe. */
export interface Entry {
  base: string
  media: string
  deck: boolean
  app: number
  path: string
  /** Where links of the app lead that are handed on; a package has it from where it asks. */
  link?: string
  /** The screen that takes what is shared; '' for none. */
  shared?: string
  /** Where is paid: a package says its store's till; by card where nothing is said. */
  till?: 'card' | 'quay' | 'pier'
  /** The store that the package is made for, and its build number; elsewhere the app always runs as it is now. */
  store?: 'quay' | 'pier'
  build?: number
  /** Where pictures of the web are asked for through the server, while a picture is taken of the app. */
  outside?: string
  /** Where the mark at the foot of the first page leads; '' for none. */
  mark?: string
  /** The key of somebody who tries the app before it is in the stores, and may say how it is. */
  tester?: string
}

export const entry: Entry = JSON.parse(document.getElementById('entry')?.textContent ?? '{}')

/** The address of a file that the app keeps, or an address of the web as it is. */
export function media(name: string): string {
  if (!/^https?:/i.test(name)) return `${entry.media}/${name}`
  return entry.outside ? entry.outside + encodeURIComponent(name) : name
}

/** Widths in which the server makes a picture smaller, in pixels. */
const WIDTHS = [160, 320, 640, 1080]

/** The address of a picture as it is wanted on this screen. @param width as it is shown, in dp */
export function picture(name: string, width: number): string {
  const address = media(name)
  const wanted = width * Math.min(2, devicePixelRatio || 1)
  const to = WIDTHS.find((one) => one >= wanted)
  return to && address.startsWith(entry.media) ? `${address}?w=${to}` : address
}
