/** Where this device came in; written into the page by the server or into the package by its recipe. */
export interface Entry {
  base: string
  media: string
  deck: boolean
  app: number
  path: string
}

export const entry: Entry = JSON.parse(document.getElementById('entry')?.textContent ?? '{}')

export const media = (picture: string): string => `${entry.media}/${picture}`
