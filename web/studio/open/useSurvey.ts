import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { StudioState, Survey, SurveyedScreen, Ways } from '../../contracts/studio'
import { api } from '../api'

const PAUSE = 500

/** How the screens come out on all devices: computed by the server a moment after each change. */
export function useSurvey(app: string, state: Ref<StudioState | null>, changes: Ref<number>) {
  const screens = shallowRef<SurveyedScreen[]>([])
  const ways = shallowRef<Ways | null>(null)
  const devices = ref(0)
  const reading = ref(false)
  let timer = 0
  let asked = 0

  async function read() {
    const mine = ++asked
    reading.value = true
    try {
      const person = state.value?.people[0]?.id
      const [layout, map] = await Promise.all([api.get<Survey>(`apps/${app}/layout${person ? `?person=${person}` : ''}`), api.get<Ways>(`apps/${app}/ways`)])
      if (mine !== asked) return
      screens.value = layout.screens
      devices.value = layout.devices
      ways.value = map
    } catch {
      // The pictures stay as they were; the edit itself has gone through or has told why not.
    } finally {
      if (mine === asked) reading.value = false
    }
  }

  watch([() => state.value?.revision.number, changes], () => {
    clearTimeout(timer)
    if (state.value) timer = window.setTimeout(read, screens.value.length ? PAUSE : 0)
  })

  /** What stands on several screens, such as the tabs, is told once. */
  const findings = computed(() => [...new Map(screens.value.flatMap((s) => s.findings).map((f) => [f.id, f])).values()])

  return { screens, ways, devices, reading, findings }
}
