import type { RowChoice } from '../../contracts/view'

/** What choices are called; one that was seen once is known also where a search no longer shows it. */
export function useNames(choices: () => RowChoice[]) {
  const seen = new Map<string, string>()
  return (id: string): string => {
    for (const choice of choices()) seen.set(choice.id, choice.label)
    return seen.get(id) ?? id
  }
}
