/** Where in the station something of the app is written. */
const PAGES: Record<string, string> = {
  messages: 'messages',
  sends: 'messages',
  calendars: 'messages',
  languages: 'languages',
  funnels: 'funnels',
  trials: 'funnels',
}

export const pageOf = (at: string): string | undefined => PAGES[at.split('/')[1]]
