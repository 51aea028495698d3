import { ref } from 'vue'
import { entry } from './entry'
import { formNow, platformTold } from './told'

export const form = ref(formNow())
addEventListener('resize', () => (form.value = formNow()))

/** From this width on, in dp, a list may stand beside what it leads to; core/src/Layout/Page has the same. */
const BESIDE = 840
/** A phone that opens like a book (CSS Viewport Segments): each of its pages holds one of the two. */
const book = matchMedia('(horizontal-viewport-segments: 2)')
const hasRoom = () => form.value === 'tablet' && (window.innerWidth >= BESIDE || book.matches)
export const roomy = ref(hasRoom())
addEventListener('resize', () => (roomy.value = hasRoom()))
book.addEventListener('change', () => (roomy.value = hasRoom()))

/** Text so large on a phone that things side by side go one below the other. */
export const large = ref(false)
export const measureText = () => (large.value = form.value === 'phone' && parseFloat(getComputedStyle(document.documentElement).fontSize) >= 24)
measureText()
addEventListener('resize', measureText)

/** Whose habits the app follows; the deck may choose others. */
export const platform = ref<'ios' | 'android' | 'web'>(entry.deck ? 'android' : platformTold())
