import { ref } from 'vue'
import { api } from './api'

export interface Session {
  founder: { id: number; name: string; email: string } | null
  demo: { email: string; password: string } | null
  /** Where a phone in the same network reaches this computer. */
  network: string
}

export const session = ref<Session | null>(null)

export async function readSession(): Promise<Session> {
  session.value ??= await api.get<Session>('session')
  return session.value
}
