import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { Finding, StudioState } from '../../contracts/studio'
import { api } from '../api'

export interface PicturePart {
  kind: 'surface' | 'room' | 'picture' | 'button' | 'heading' | 'text'
  x: number
  y: number
  width: number
  height: number
  media?: string
}

export interface ScreenPicture {
  width: number
  height: number
  theme: Record<string, string>
  parts: PicturePart[]
}

interface SurveyedScreen {
  at: string
  slug: string
  problem: string
  args: number[]
  picture: ScreenPicture | null
  findings: Finding[]
}

export interface Ways {
  screens: { at: string; slug: string; name: string; step: number | null; x: number; y: number }[]
  ways: { from: string; to: string; at: string }[]
  width: number
  height: number
}

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
      const [layout, map] = await Promise.all([api.get<{ devices: number; screens: SurveyedScreen[] }>(`apps/${app}/layout${person ? `?person=${person}` : ''}`), api.get<Ways>(`apps/${app}/ways`)])
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

  return { screens, ways, devices, reading, findings: computed(() => screens.value.flatMap((s) => s.findings)) }
}
