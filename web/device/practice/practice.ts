import { reactive, shallowRef } from 'vue'
import { platform } from '../form'
import { practised } from '../system'

/** How the founder has set the phone that the deck shows. */
export const set = reactive({
  /** What a person answers who is asked for leave. */
  leave: 'ask' as 'ask' | 'yes' | 'no',
  location: { latitude: 50.0418, longitude: -5.4402 },
  /** What the founder says the app needs to know it for. */
  reason: '',
  keyboard: false,
})

export type Asked =
  | { of: 'leave'; for: 'camera' | 'location' | 'tracking' | 'messages'; answer: (yes: boolean) => void }
  | { of: 'whence'; what: string; answer: (from: 'camera' | 'library' | null) => void }
  | { of: 'camera' | 'library'; answer: (picture: File | null) => void }

/** The phone is locked: its screen shows the time, and what lies on it. */
export const locked = shallowRef(false)

/** What the system asks the person just now. */
export const asked = shallowRef<Asked | null>(null)
/** Leave that was given or refused since the app was begun. */
const given = new Map<string, boolean>()

function ask<A>(made: (answer: (value: A) => void) => Asked): Promise<A> {
  return new Promise((done) => {
    asked.value = made((value) => {
      asked.value = null
      done(value)
    })
  })
}

async function leave(what: 'camera' | 'location' | 'tracking' | 'messages'): Promise<boolean> {
  if (set.leave !== 'ask') return set.leave === 'yes'
  const said = given.get(what) ?? (await ask<boolean>((answer) => ({ of: 'leave', for: what, answer })))
  given.set(what, said)
  return said
}

export const forgetLeave = () => given.clear()

/** From now on the app asks this phone, and not the browser. */
export function practise() {
  practised.here = async () => {
    if (!(await leave('location'))) throw new Error('Refused.')
    return { ...set.location, accuracy: 30 }
  }
  // Of the two kinds of phones one asks this by its system.
  practised.tracking = async () => (platform.value === 'ios' ? leave('tracking') : null)
  practised.messages = () => leave('messages')
  practised.picture = async (what) => {
    const from = await ask<'camera' | 'library' | null>((answer) => ({ of: 'whence', what, answer }))
    if (from === null || (from === 'camera' && !(await leave('camera')))) return null
    return ask<File | null>((answer) => ({ of: from, answer }))
  }
}
