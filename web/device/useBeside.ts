import { computed, shallowRef, watch } from 'vue'
import type { View } from '../contracts/view'
import type { Step } from './usePlaces'
import type { Device } from './useDevice'
import { useTap } from './useTap'
import { useTyped } from './useTyped'
import { useView } from './useView'

const leadsTo = (view: View | null, screen = ''): boolean => !!view && !!screen && JSON.stringify(view.nodes).includes(`"leads":"${screen}"`)

/**
 * The step that led to the one that is shown, beside it: a device like any other, only that what it opens comes in the place of what is
 * shown beside it. What is typed and searched there is found again on going back.
 */
export function useBeside(device: Device, beside: Step) {
  const { places, coming, values, chosen } = device.parts
  const step = shallowRef(beside)
  const place = computed(() => ({ screen: beside.screen, args: beside.args }))
  const typed = useTyped()
  typed.restore(beside.left?.typed)
  const shown = useView({ step, place, first: places.first }, typed, chosen, values.all)
  shown.view.value = beside.left?.view ?? null
  shown.shown.value = beside.id
  const taps = useTap({ places: { ...places, step, place, go: places.swap }, shown, typed, values, coming, say: device.say })
  /** A list of it leads to what is shown. */
  const stands = computed(() => leadsTo(shown.view.value, device.view.value?.screen))

  watch([shown.view, typed.copy], ([view, now]) => {
    beside.left = { scroll: 0, aside: {}, ...beside.left, view, typed: now }
  })
  // What is done on either side is seen on the other.
  watch([device.view, device.shown], ([, now], [, before]) => now === before && stands.value && void shown.load())
  async function tap(...how: Parameters<typeof taps.tap>) {
    const done = await taps.tap(...how)
    if (done) void device.load()
    return done
  }

  const opened = computed(() => Number(device.place.value.args[0]))
  return { stands, opened, device: { ...device, ...typed, ...shown, ...taps, tap, step, place, opened } satisfies Device & { opened: unknown } }
}
