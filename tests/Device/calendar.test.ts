import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { addDays, addMonths, dayAloud, dayWords, firstWeekday, monthNames, sameDay, weekday, weekdayNames, weeks } from '../../web/device/calendar'
import { hexOf, SWATCHES } from '../../web/device/colours'
import { lengthOf } from '../../web/device/controls/lengthOf'

beforeEach(() => void vi.stubGlobal('navigator', { languages: ['en-GB'], language: 'en-GB' }))
afterEach(() => void vi.unstubAllGlobals())

it.each([
  // ISO 8601-1:2019, from memory: 1 January 2007 was a Monday and began week 1; 2000-01-01 was a Saturday (common knowledge, no source).
  ['2007-01-01', 1],
  ['2000-01-01', 6],
  // RFC 3339, appendix B, has the days of the week by Zeller's congruence; 1970-01-01 was a Thursday (POSIX, from memory).
  ['1970-01-01', 4],
  ['1900-03-01', 4],
])('%s is day %i of its week', (day, number) => expect(weekday(day)).toBe(number))

/** RFC 3339, appendix B: the day of the week of a date, 0 for Sunday, in their own C, from memory. */
function zeller(day: string): number {
  let [year, month] = day.split('-').map(Number)
  const date = Number(day.slice(8))
  month -= 2
  if (month < 1) {
    month += 12
    year--
  }
  const century = Math.floor(year / 100)
  year %= 100
  return (Math.floor((26 * month - 2) / 10) + date + year + Math.floor(year / 4) + Math.floor(century / 4) + 5 * century) % 7
}

it('counts days as RFC 3339 does, over two centuries', () => {
  let day = '1900-01-01'
  for (let n = 0; n < 73_000; n += 37, day = addDays(day, 37)) expect(weekday(day) % 7, day).toBe(zeller(day))
  expect(day > '2099').toBe(true)
})

it.each([
  ['2024-02-28', 1, '2024-02-29'],
  ['2023-02-28', 1, '2023-03-01'],
  ['1900-02-28', 1, '1900-03-01'],
  ['2026-12-31', 1, '2027-01-01'],
  ['2026-01-01', -1, '2025-12-31'],
  ['0099-12-31', 1, '0100-01-01'],
])('%s and %i days is %s', (day, by, to) => expect(addDays(day, by)).toBe(to))

it('goes from month to month, to the last day where there is no such one', () => {
  expect([addMonths('2026-11', 2), addMonths('2026-01', -1), addMonths('2026-06', -30)]).toEqual(['2027-01', '2025-12', '2023-12'])
  expect([sameDay('2026-01-31', 1), sameDay('2024-01-31', 1), sameDay('2026-05-31', -1), sameDay('2026-05-15', 1)]).toEqual([
    '2026-02-28',
    '2024-02-29',
    '2026-04-30',
    '2026-06-15',
  ])
})

it('shows whole weeks with every day of the month once', () => {
  for (let n = 0; n < 600; n++) {
    const month = addMonths('1999-01', n)
    for (const first of [1, 6, 7]) {
      const all = weeks(month, first)
      expect(all.every((week) => week.length === 7 && weekday(week[0]) === first)).toBe(true)
      const days = all.flat()
      expect(days).toEqual(days.map((_, i) => addDays(days[0], i)))
      expect(days.filter((day) => day.startsWith(month)).length).toBe(new Date(Number(month.slice(0, 4)), Number(month.slice(5)), 0).getDate())
      expect(all.every((week) => week.some((day) => day.startsWith(month)))).toBe(true)
    }
  }
})

it('names days and months in the language of the page, as it is spoken where the person is', () => {
  // Unicode CLDR, as the browser has it.
  document.documentElement.lang = 'en'
  expect([dayWords('2026-12-24'), dayAloud('2026-12-24').replace(',', '')]).toEqual(['Thu, 24 Dec 2026', 'Thursday 24 December 2026'])
  expect([monthNames()[2], weekdayNames(1, 'long')[0], weekdayNames(7, 'long')[0]]).toEqual(['March', 'Monday', 'Sunday'])
  document.documentElement.lang = 'de'
  expect([monthNames()[2], weekdayNames(1, 'long')[6]]).toEqual(['März', 'Sonntag'])
  // CLDR supplemental data, weekData: 1 for Monday. Where the browser does not know, it is Monday too.
  expect([firstWeekday('de-DE'), firstWeekday('sv-SE')]).toEqual([1, 1])
})

it.each([
  ['1:30', 1, 30, 0],
  ['1 h 30 min', 1, 30, 0],
  ['45 min', 0, 45, 0],
  ['2 d 3 h', 51, 0, 0],
  ['90 s', 0, 0, 90],
  ['0:05:30', 0, 5, 30],
])('reads “%s” as a length of time', (text, hours, minutes, seconds) => expect(lengthOf(text)).toEqual({ hours, minutes, seconds }))
it.each(['', ' ', 'soon', '-1 h', '1:75'])('does not read “%s”', (text) => expect(lengthOf(text)).toBeNull())

it('mixes colours as CSS does', () => {
  // CSS Color 4, section 7: hsl(120deg 100% 25%) is #008000; the primary colours from memory.
  expect([hexOf(120, 1, 0.25), hexOf(0, 1, 0.5), hexOf(240, 1, 0.5)]).toEqual(['#008000', '#FF0000', '#0000FF'])
  expect([hexOf(60, 1, 0.5), hexOf(0, 0, 1), hexOf(0, 0, 0)]).toEqual(['#FFFF00', '#FFFFFF', '#000000'])
  expect(new Set(SWATCHES.map((one) => one.hex)).size).toBe(SWATCHES.length)
  expect(new Set(SWATCHES.map((one) => `${one.tone} ${one.name}`)).size).toBe(SWATCHES.length)
})
