/** A length of time as the server writes it, “1 h 30 min”, or as it is typed, “1:30”; null for anything else. */
export function lengthOf(text: string): { hours: number; minutes: number; seconds: number } | null {
  const [, h, m, s] = /^(\d{1,5}):([0-5]\d)(?::([0-5]\d))?$/.exec(text) ?? []
  if (h !== undefined) return { hours: Number(h), minutes: Number(m), seconds: Number(s ?? 0) }
  const parts = /^(?:(\d+) d)? ?(?:(\d+) h)? ?(?:(\d+) min)? ?(?:(\d+) s)?$/.exec(text.trim())
  if (!text.trim() || !parts) return null
  const [days, hours, minutes, seconds] = parts.slice(1).map((part) => Number(part ?? 0))
  return { hours: days * 24 + hours, minutes, seconds }
}
