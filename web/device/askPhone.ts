import { know, known, phone, type Leave } from './notify'
import { entry } from './entry'
import { server } from './server'
import { shell } from './shell'
import { practised } from './system'
import { own } from './own'

const away = () => own('Messages cannot be turned on just now. Please try again in a moment.')

const bytes = (written: string) => Uint8Array.from(atob(written.replaceAll('-', '+').replaceAll('_', '/')), (sign) => sign.charCodeAt(0))
const written = (key: ArrayBuffer | null) =>
  btoa(String.fromCharCode(...new Uint8Array(key ?? new ArrayBuffer(0)))).replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '')

/** The browser's own question, and where its push service is (Push API of the W3C). Null where it has none, or says no. */
async function subscribed(): Promise<object | null> {
  if (!('serviceWorker' in navigator) || !('PushManager' in window) || !('Notification' in window)) return null
  if ((await Notification.requestPermission()) !== 'granted') return null
  const worker = await navigator.serviceWorker.ready
  const { key } = await server.messagesKey()
  const made = await worker.pushManager.subscribe({ userVisibleOnly: true, applicationServerKey: bytes(key) })
  return { endpoint: made.endpoint, p256dh: written(made.getKey('p256dh')), auth: written(made.getKey('auth')) }
}

/** In a package for Android the phone asks, and the package fetches its messages itself. Null where there is no such package. */
async function byPackage(where: object, handle: string): Promise<boolean | null> {
  let said = shell('notify', 'ask')
  if (!said) return null
  if (said === 'asked') {
    said = await new Promise<string>((answer) => {
      ;(window as { lanaiLeave?: (yes: boolean) => void }).lanaiLeave = (yes) => answer(yes ? 'allowed' : 'refused')
    })
  }
  if (said !== 'allowed') return false
  await server.notify({ ...where, handle, allowed: true, fetches: true })
  shell('notify', `${entry.base}/notify/fetch\n${JSON.stringify({ handle })}`)
  return true
}

/** Asks the phone. Where it says yes and then cannot be reached, nothing is taken for said. */
export async function askPhone(where: object, say: (text: string, refusal?: boolean) => void): Promise<Leave | null> {
  try {
    const { handle } = known()
    if (practised.messages) {
      const allowed = await practised.messages()
      if (allowed) await server.notify({ ...where, handle, allowed })
      phone.value = allowed ? handle : null
      know(allowed ? 'allowed' : 'refused')
      return allowed ? 'allowed' : 'refused'
    }
    const packaged = await byPackage(where, handle)
    if (packaged !== null) {
      know(packaged ? 'allowed' : 'refused')
      return packaged ? 'allowed' : 'refused'
    }
    const subscription = await subscribed()
    if (subscription) await server.notify({ ...where, handle, allowed: true, subscription })
    know(subscription ? 'allowed' : 'refused')
    return subscription ? 'allowed' : 'refused'
  } catch {
    say(away(), true)
    return null
  }
}
