import { onMounted, onUnmounted, ref } from 'vue'
import type { ReleaseState } from '../../contracts/studio'
import { api, Declined } from '../api'
import type { Studio } from '../open/useStudio'

const OPEN = ['queued', 'running', 'received', 'processing', 'in review', 'appealed']

/** Packages and submissions, asked for again while something is under way. */
export function useRelease(studio: Studio) {
  const release = ref<ReleaseState | null>(null)
  const trouble = ref('')
  const reasons = ref<string[]>([])
  let timer = 0

  async function act(call: () => Promise<unknown>) {
    trouble.value = ''
    reasons.value = []
    try {
      release.value = (await call()) as ReleaseState
    } catch (error) {
      trouble.value = error instanceof Declined ? error.message : String(error)
      reasons.value = error instanceof Declined ? (error.answer.reasons ?? []) : []
    }
    follow()
  }

  function follow() {
    clearTimeout(timer)
    const underWay = release.value && [...release.value.builds, ...release.value.submissions].some((one) => OPEN.includes(one.state))
    if (underWay) timer = window.setTimeout(look, 700)
  }

  async function look() {
    try {
      const before = JSON.stringify(release.value?.submissions.map((s) => s.state))
      release.value = await api.get<ReleaseState>(`apps/${studio.app}/release`)
      // An approval changes what the checks say of the build number.
      if (before !== JSON.stringify(release.value.submissions.map((s) => s.state))) await studio.load()
    } catch {
      // Asked again below.
    }
    follow()
  }

  onMounted(() => act(() => api.get<ReleaseState>(`apps/${studio.app}/release`)))
  onUnmounted(() => clearTimeout(timer))

  return { release, trouble, reasons, act }
}
