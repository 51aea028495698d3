/** What the browser tells of the device. */

/** A tablet begins at 600 dp on its shorter side. */
export const formNow = (): 'phone' | 'tablet' => (Math.min(window.innerWidth, window.innerHeight) >= 600 ? 'tablet' : 'phone')

export function platformTold(): 'ios' | 'android' | 'web' {
  const agent = navigator.userAgent
  if (/Android/i.test(agent)) return 'android'
  return /iPhone|iPad|iPod/.test(agent) ? 'ios' : 'web'
}

export const zone = Intl.DateTimeFormat().resolvedOptions().timeZone

/** With what every question to the server goes along. */
export function headersWith(token: string): Record<string, string> {
  const csrf = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1]
  return { Accept: 'application/json', ...(csrf ? { 'X-XSRF-TOKEN': decodeURIComponent(csrf) } : {}), ...(token ? { Authorization: `Bearer ${token}` } : {}) }
}
