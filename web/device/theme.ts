import { ref } from 'vue'
import type { Theme } from '../contracts/view'

/** Whether the person wants it dark; the deck may say so for them. */
export const dark = ref(window.matchMedia('(prefers-color-scheme: dark)').matches)
window.matchMedia('(prefers-color-scheme: dark)').addEventListener('change', (event) => (dark.value = event.matches))

/** How it is to be written whatever the language of its words, where the deck says so. */
export const direction = ref<'' | 'ltr' | 'rtl'>('')

/** The document's language, and how that is written. */
export function spoken(theme?: Theme) {
  const root = document.documentElement
  root.lang = theme?.lang ?? (theme ? 'en' : root.lang)
  root.dir = direction.value || (theme ? (theme.dir ?? 'ltr') : root.dir)
}

const gaps = { airy: '20px', comfortable: '14px', compact: '10px' }
const headings = { calm: ['1.125rem', '1.5rem'], balanced: ['1.25rem', '1.625rem'], bold: ['1.5rem', '1.875rem'] }

/** The app's colours, corners, density and headings as the styles read them. */
export function themed(theme?: Theme): Record<string, string> {
  if (!theme) return {}
  const colours = (dark.value && theme.dark) || theme
  const [heading, line] = headings[theme.scale]
  return {
    '--main': colours.main,
    '--on-main': colours.onMain,
    '--ground': colours.background,
    '--surface': colours.surface,
    '--ink': colours.text,
    '--gap': gaps[theme.density],
    '--corner': `${theme.corner}px`,
    '--heading': heading,
    '--heading-line': line,
    'color-scheme': dark.value && theme.dark ? 'dark' : 'light',
  }
}
