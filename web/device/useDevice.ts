import { onMounted, type ComputedRef } from 'vue'
import type { Place } from '../contracts/view'
import { deck } from './deck'
import { entry } from './entry'
import { platform } from './form'
import { belongs, listenToOpened, otherPhone } from './notify'
import { Declined, server } from './server'
import { session } from './session'
import { useChosen } from './useChosen'
import { useComing } from './useComing'
import { useMessage } from './useMessage'
import { usePlaces, type Step, type Turn } from './usePlaces'
import { usePulse } from './usePulse'
import { useTap } from './useTap'
import { useTyped } from './useTyped'
import { useValues } from './useValues'
import { useView } from './useView'
import { own } from './own'

/** One device, put together: where it is, what is shown, what was typed, and what a tap does. */
export function useDevice() {
  const values = useValues()
  const typed = useTyped()
  const deckChoice = useChosen()
  const messages = useMessage()
  const places = usePlaces(opened, () => shown.left())
  const shown = useView(places, typed, deckChoice, values.all)
  const coming = useComing({ ...places, begin }, shown, messages.say)
  const taps = useTap({ places, shown, typed, values, coming, say: messages.say })
  usePulse(shown, taps, deckChoice)

  function opened(step: Step, turn: Turn) {
    typed.restore(step.left?.typed)
    taps.clear()
    return shown.open(step, turn)
  }

  /** The first step: as it was left, where the page is loaded anew. */
  function begin(way: Place[]) {
    const step = places.begin(way)
    typed.restore(step.left?.typed)
    return step
  }

  /** What the studio around the device wants of it. */
  async function obey() {
    const [{ begun, listen }, { practise, forgetLeave, locked }] = await Promise.all([import('./inDeck'), import('./practice/practice')])
    practise()
    const { chosen, choose } = deckChoice
    listen({
      refresh: () => shown.load(),
      set(choice) {
        const moved = choice.set !== undefined && choice.set !== chosen.set
        const other = moved || (choice.person !== undefined && choice.person !== chosen.person)
        if (other) session.set('')
        if (other) places.forgetLeft()
        if (moved || (choice.platform && choice.platform !== platform.value)) otherPhone()
        choose(choice)
        if (other) belongs(shown.where())
        return moved ? places.startAt('') : shown.load()
      },
      back: places.back,
      advert: async (place, reward) => (await import('./fullAdvert')).preview(place, reward, shown.where(), messages.say),
      lock: (on) => (locked.value = on),
      open: (screen, args) => {
        forgetLeave()
        otherPhone()
        return places.startAt(screen, args)
      },
      why: (at) =>
        server.why({ ...shown.where(), at }).then(
          (account) => deck.tell({ lanai: 'why', at, account }),
          (error) => messages.say(error instanceof Declined ? error.message : own('There is no connection.'), true),
        ),
    })
    await begun(choose)
  }

  onMounted(async () => {
    if (entry.deck) await obey()
    listenToOpened()
    await coming.comeIn()
  })

  return { ...typed, ...messages, ...places, ...shown, ...coming, ...taps, parts: { places, coming, values, chosen: deckChoice } }
}

export type Device = ReturnType<typeof useDevice> & {
  /** The row that is shown beside this. */
  opened?: ComputedRef<number>
}
