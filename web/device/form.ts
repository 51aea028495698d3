import { ref } from 'vue'
import { entry } from './entry'

/** A tablet begins at 600 dp on its shorter side. */
const now = () => (Math.min(window.innerWidth, window.innerHeight) >= 600 ? 'tablet' : 'phone')

export const form = ref<'phone' | 'tablet'>(now())
addEventListener('resize', () => (form.value = now()))

/** From this width on, in dp, a list may stand beside what it leads to; core/src/Layout/Page has the same. */
const BESIDE = 840
const hasRoom = () => form.value === 'tablet' && window.innerWidth >= BESIDE
export const roomy = ref(hasRoom())
addEventListener('resize', () => (roomy.value = hasRoom()))

const told = () => {
  const agent = navigator.userAgent
  if (/Android/i.test(agent)) return 'android'
  return /iPhone|iPad|iPod/.test(agent) ? 'ios' : 'web'
}

/** Text so large on a phone that things side by side go one below the other. */
export const large = ref(false)
export const measureText = () => (large.value = form.value === 'phone' && parseFloat(getComputedStyle(document.documentElement).fontSize) >= 24)
measureText()
addEventListener('resize', measureText)

/** Whose habits the app follows; the deck may choose others. */
export const platform = ref<'ios' | 'android' | 'web'>(entry.deck ? 'android' : told())
