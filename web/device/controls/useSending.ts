import { onUnmounted, ref } from 'vue'
import { BrokenOff, server } from '../server'
import { own } from '../own'

/** What is sent in the end, and for a film the picture that stands for it. */
type Ready = (file: File) => Promise<[File, (Blob | null)?]>

/** Sends a file that was chosen, and says what went wrong. */
export function useSending(sent: (name: string) => void, trouble: (text: string) => void, ready: Ready = async (file) => [file]) {
  const sending = ref(false)
  /** How much of it has gone, from 0 to 1. */
  const went = ref(0)
  let under = new AbortController()
  const cancel = () => under.abort()
  // Whoever goes elsewhere waits for nothing here.
  onUnmounted(cancel)

  async function send(event: Event) {
    const input = event.target as HTMLInputElement
    const file = input.files?.[0]
    // The same file can be chosen again.
    if (file) await sendFile(file).finally(() => (input.value = ''))
  }

  async function sendFile(file: File) {
    sending.value = true
    went.value = 0
    under = new AbortController()
    trouble('')
    try {
      const [made, poster] = await ready(file)
      sent(await server.picture(made, poster, (part) => (went.value = part), under.signal))
    } catch (error) {
      if (!(error instanceof BrokenOff)) trouble((error instanceof Error && error.message) || own('It could not be sent. Please try again.'))
    } finally {
      sending.value = false
    }
  }

  return { sending, went, send, sendFile, cancel }
}
