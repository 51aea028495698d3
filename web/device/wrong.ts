/** Brings the first box that is wrong into view, puts the cursor into it, and says which it is and why. */
export function toFirstWrong(otherwise: string): string {
  const box = document.querySelector<HTMLElement>('.box.wrong')
  if (!box) return otherwise
  box.scrollIntoView({ block: 'center', behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth' })
  box.querySelector<HTMLElement>('input, select, textarea, button')?.focus({ preventScroll: true })
  const label = box.querySelector('label')?.firstChild?.textContent?.trim() ?? ''
  const why = box.querySelector('.box-wrong')?.textContent ?? otherwise
  return label ? `${label}: ${why}` : why
}
