import { nextTick, watch } from 'vue'
import { useRouter } from 'vue-router'
import { first, stations } from '../stations'
import { pathOf } from './pathOf'
import type { Studio } from '../open/useStudio'

/** Goes where somebody wants to be: opens the page on which a place is written, and puts the focus on its line. */
export function useGoing(studio: Studio) {
  const router = useRouter()

  watch(studio.going, async (to) => {
    const state = studio.state.value
    if (!to || !state) return
    await router.push(`/apps/${studio.app}/${pathOf(to.at, state, stations, first, to.station)}`)
    await studio.pages.fetch(/^\/screens\/\d+/.exec(to.at)?.[0] ?? '')
    await nextTick()
    if (studio.going.value === to) studio.arrived(focusOn(to.at))
  })
}

/** The innermost line that holds a place gets the focus. */
function focusOn(at: string): string {
  for (let place = at; place; place = place.slice(0, place.lastIndexOf('/'))) {
    const line = document.querySelector<HTMLElement>(`[data-line="${CSS.escape(place)}"]`)
    if (!line) continue
    line.focus()
    return place
  }
  return ''
}
