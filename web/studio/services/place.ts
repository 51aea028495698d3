export function pageOf(at: string): string | undefined {
  const place = /^\/services\/(\d+)(?:\/requests\/(\d+))?/.exec(at)
  if (!place) return undefined
  return `s${place[1]}${place[2] === undefined ? '' : `r${place[2]}`}`
}
