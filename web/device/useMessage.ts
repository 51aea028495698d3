import { ref } from 'vue'

const SHOWN = 6000

/** One sentence over the screen: what was done, or why not. */
export function useMessage() {
  const message = ref('')
  const messageIsRefusal = ref(false)
  let silence = 0

  function say(text: string, refusal = false) {
    message.value = text
    messageIsRefusal.value = refusal
    clearTimeout(silence)
    silence = window.setTimeout(() => (message.value = ''), SHOWN)
  }

  return { message, messageIsRefusal, say, dismiss: () => (message.value = '') }
}
