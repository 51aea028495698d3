import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import type { ErrandDone, ErrandsDone, Finding, StudioState } from '../../contracts/studio'
import { api, Declined } from '../api'
import { latest } from '../latest'

const PAUSE = 900

/** Errands are done again a moment after every edit, so that what was right stays right; a broken one is a finding. */
export function useErrands(app: string, state: Ref<StudioState | null>) {
  const done = shallowRef<ErrandDone[] | null>(null)
  /** Services of others that would be asked: then they are done by hand alone. */
  const waits = ref<string[]>([])
  const trouble = ref('')
  const busy = ref(false)
  const newest = latest()
  let timer = 0

  async function run(how = '') {
    const isNewest = newest()
    clearTimeout(timer)
    trouble.value = ''
    waits.value = []
    if (!state.value?.errands.length) return void (done.value = [])
    busy.value = true
    try {
      const found = await api.get<ErrandsDone>(`apps/${app}/errands${how}`)
      if (!isNewest()) return
      waits.value = found.waits
      done.value = found.waits.length ? null : found.errands
    } catch (error) {
      if (isNewest()) trouble.value = error instanceof Declined ? error.message : String(error)
    } finally {
      if (isNewest()) busy.value = false
    }
  }

  watch(
    () => state.value?.revision.number,
    () => {
      clearTimeout(timer)
      if (state.value) timer = window.setTimeout(run, done.value === null ? 0 : PAUSE)
    },
  )

  const findings = computed<Finding[]>(() =>
    (done.value ?? [])
      .filter((one) => one.wrong)
      .map((one) => ({
        id: `errand ${one.at}`,
        rule: 'ErrandBroken',
        station: 'brief',
        at: one.steps.length > 0 && one.steps.at(-1)?.said !== 'begin' ? `${one.at}/steps/${one.steps.length - 1}` : one.at,
        sentence: `“${one.name}” does not go any more, at step ${Math.max(1, one.steps.length)}: ${one.wrong}`,
        blocks: false,
        mend: null,
      })),
  )

  return { done, waits, trouble, busy, findings, run: () => run('?by=hand'), onDevices: () => run('?by=hand&devices=1') }
}
