/** One thing that is done on an errand, by the words on the screen. */
export interface ErrandStep {
  does: string
  what: string
  into: string
}

/** Steps and one more: what is typed into a box once more takes the place of what was typed there. */
export function stepped(steps: ErrandStep[], step: ErrandStep): ErrandStep[] {
  const last = steps.at(-1)
  return last?.does === 'type' && step.does === 'type' && last.into === step.into ? [...steps.slice(0, -1), step] : [...steps, step]
}

export const stepSaid = (one: ErrandStep) => `${one.does} “${one.what}”${one.into ? ` into “${one.into}”` : ''}`

const LONGEST_NAME = 60
const quoted = (text: string) => `"${text.replaceAll('\\', '').replaceAll('"', '”')}"`

/** An errand as it stands in the script. @param who nobody for '' */
export function errandText(name: string, who: string, steps: ErrandStep[]): string {
  const lines = steps.map((one) => `  then ${one.does} ${quoted(one.what)}${one.into ? `, into ${quoted(one.into)}` : ''}`)
  return [`errand ${quoted(name.trim().slice(0, LONGEST_NAME))}${who ? `, as ${quoted(who)}` : ''}`, ...lines].join('\n')
}
