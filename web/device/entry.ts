/** Where this device came in; written into the page by the server or into the package by its recipe. */
export interface Entry {
  base: string
  media: string
  deck: boolean
  app: number
  path: string
}

export const entry: Entry = JSON.parse(document.getElementById('entry')?.textContent ?? '{}')

/** The address of a file that the app keeps, or an address of the web as it is. */
export const media = (name: string): string => (/^https?:/i.test(name) ? name : `${entry.media}/${name}`)
