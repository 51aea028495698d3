/** Days are written as 2026-12-24, months as 2026-12; they know no zone. */
const two = (n: number) => String(n).padStart(2, '0')

/** The language of the page, in which months and days are named: as it is spoken where the person is. */
export function language(): string {
  const page = document.documentElement.lang || navigator.language
  return navigator.languages.find((one) => one.split('-')[0] === page.split('-')[0]) ?? page
}

export const dayOf = (date: Date): string => `${String(date.getFullYear()).padStart(4, '0')}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
export const monthOf = (day: string): string => day.slice(0, 7)

/** Noon in UTC of a day: far from where any clock is put forward or back. */
function noon(day: string): Date {
  const [year, month, date] = day.split('-').map(Number)
  const at = new Date(Date.UTC(2000, month - 1, date, 12))
  at.setUTCFullYear(year, month - 1, date)
  return at
}
const dayAt = (date: Date) => date.toISOString().slice(0, 10)

export function addDays(day: string, by: number): string {
  const at = noon(day)
  at.setUTCDate(at.getUTCDate() + by)
  return dayAt(at)
}

export function addMonths(month: string, by: number): string {
  const [year, number] = month.split('-').map(Number)
  const all = year * 12 + number - 1 + by
  return `${String(Math.floor(all / 12)).padStart(4, '0')}-${two((all % 12) + 1)}`
}

const lastOf = (month: string) => Number(addDays(`${addMonths(month, 1)}-01`, -1).slice(8))

/** The same day of another month, or its last one where it has none such. */
export const sameDay = (day: string, by: number): string => {
  const month = addMonths(monthOf(day), by)
  return `${month}-${two(Math.min(Number(day.slice(8)), lastOf(month)))}`
}

/** 1 for Monday up to 7 for Sunday, as ISO 8601 counts them. */
export const weekday = (day: string): number => noon(day).getUTCDay() || 7

/** The day that weeks begin with where a language is spoken; Monday where the browser does not know. */
export function firstWeekday(of = language()): number {
  const locale = new Intl.Locale(of) as Intl.Locale & { getWeekInfo?: () => { firstDay: number }; weekInfo?: { firstDay: number } }
  return locale.getWeekInfo?.().firstDay ?? locale.weekInfo?.firstDay ?? 1
}

/** The weeks that a month touches, whole, each from the first day of the week on. */
export function weeks(month: string, first: number): string[][] {
  const begin = addDays(`${month}-01`, -((weekday(`${month}-01`) - first + 7) % 7))
  const all: string[][] = []
  for (let day = begin; all.length === 0 || monthOf(day) === month; day = addDays(day, 7)) all.push([0, 1, 2, 3, 4, 5, 6].map((n) => addDays(day, n)))
  return all
}

const shown = (day: string, how: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(language(), { timeZone: 'UTC', ...how }).format(noon(day))
export const dayWords = (day: string) => shown(day, { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' })
export const dayShort = (day: string) => shown(day, { day: 'numeric', month: 'short' })
export const dayAloud = (day: string) => shown(day, { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })
export const monthWords = (month: string) => shown(`${month}-01`, { month: 'long', year: 'numeric' })
/** “Nov”, or “Nov 26” where the year is told, too. */
export const monthShort = (month: string, year: boolean) => shown(`${month}-01`, { month: 'short', ...(year ? { year: '2-digit' } : {}) })
export const monthNames = () => Array.from({ length: 12 }, (_, i) => shown(`2001-${two(i + 1)}-01`, { month: 'long' }))
/** 1 January 2001 was a Monday. */
export const weekdayNames = (first: number, how: 'narrow' | 'long') =>
  Array.from({ length: 7 }, (_, i) => shown(addDays('2001-01-01', (first - 1 + i) % 7), { weekday: how }))

export const clock = (hours: number, minutes: number) => `${two(hours)}:${two(minutes)}`
