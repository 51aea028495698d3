import { intoView } from './into'
import { own } from './own'

/** Where one types into a box, or chooses in it. */
export function entryOf(box: Element | null | undefined): HTMLElement | null {
  return box?.querySelector('label')?.control ?? box?.querySelector<HTMLElement>('input, select, textarea, button') ?? null
}

/** Brings the first box that is wrong into view, puts the cursor into it, and says which it is. */
export function toFirstWrong(otherwise: string): string {
  const box = document.querySelector<HTMLElement>('.box.wrong')
  if (!box) return otherwise
  intoView(box)
  entryOf(box)?.focus({ preventScroll: true })
  const label = box.querySelector('label')?.firstChild?.textContent?.trim() ?? ''
  // Why it is wrong stands at the box itself.
  return label ? own('Please look at “{0}”.', label) : otherwise
}
