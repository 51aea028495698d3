import { reactive } from 'vue'

const NOTHING = () => ({
  inputs: {} as Record<string, unknown>,
  /** What is searched for in each list, how far each is read, in which order, and what was chosen of it. */
  finds: {} as Record<string, string>,
  pages: {} as Record<string, number>,
  orders: {} as Record<string, string>,
  chips: {} as Record<string, Record<string, string>>,
  /** Folds that were opened or closed, and the sections chosen, by their places. */
  opens: {} as Record<string, boolean | number>,
})

export type WasTyped = ReturnType<typeof NOTHING>

/** What was typed, searched, chosen and opened on the step that is shown. */
export function useTyped() {
  const typed = reactive(NOTHING())
  const { inputs } = typed

  function forgetInputs(names = Object.keys(inputs)) {
    for (const name of names) delete inputs[name]
  }

  /** Takes over what was typed on another step; nothing for one that is new. */
  function restore(was: WasTyped = NOTHING()) {
    for (const key of Object.keys(typed) as (keyof WasTyped)[]) {
      for (const name of Object.keys(typed[key])) delete typed[key][name]
      Object.assign(typed[key], was[key])
    }
  }

  const copy = (): WasTyped => JSON.parse(JSON.stringify(typed))

  return { ...typed, forgetInputs, restore, copy }
}

export type Typed = ReturnType<typeof useTyped>
