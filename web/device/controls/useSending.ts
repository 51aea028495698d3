import { ref } from 'vue'
import { server } from '../server'
import { smaller } from '../smaller'

/** Sends a file that was chosen, and says what went wrong. */
export function useSending(sent: (name: string) => void, trouble: (text: string) => void) {
  const sending = ref(false)

  async function send(event: Event, picture: boolean) {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    if (!file) return
    sending.value = true
    trouble('')
    try {
      sent(await server.picture(picture ? await smaller(file) : file))
    } catch (error) {
      trouble((error instanceof Error && error.message) || 'It could not be sent. Please try again.')
    } finally {
      sending.value = false
      // The same file can be chosen again.
      input.value = ''
    }
  }

  return { sending, send }
}
