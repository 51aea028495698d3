const A_TO_Z = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ']

/** The letter that a name stands under, without accents; what begins with no letter stands under “#”. */
export function initial(name: string): string {
  const first = [...name.normalize('NFD').replace(/[\p{M}\p{P}\p{Z}]/gu, '')][0] ?? ''
  return /\p{L}/u.test(first) ? first.toLocaleUpperCase() : '#'
}

/** The letters of names in their order; where more names follow, those of the alphabet that may follow too. */
export function lettersOf(names: string[], more: boolean): string[] {
  const letters = [...new Set(names.map(initial))]
  const last = letters.at(-1) ?? ''
  return more && (A_TO_Z.includes(last) || last === '#') ? [...letters, ...A_TO_Z.filter((letter) => last === '#' || letter > last)] : letters
}

/** The first name under a letter, or else under the next one that there is; the last one where none follows. */
export function firstOf(names: string[], letter: string): number {
  const order = (one: string) => (one === '#' ? '' : one)
  const at = names.findIndex((name) => initial(name) === letter)
  const next = at < 0 ? names.findIndex((name) => order(initial(name)).localeCompare(order(letter)) > 0) : at
  return next < 0 ? names.length - 1 : next
}
