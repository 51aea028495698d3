import { ref } from 'vue'

const SLOW = 2500

/** The connection as the deck pretends it to be. */
export const network = ref<'good' | 'slow' | 'none'>('good')

/** Waits as long as a slow connection would; throws where there is none. */
export async function travel(): Promise<void> {
  if (network.value === 'none') throw new TypeError('There is no connection.')
  if (network.value === 'slow') await new Promise((done) => setTimeout(done, SLOW))
}
