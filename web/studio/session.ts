import { ref } from 'vue'
import { api } from './api'

export interface Session {
  founder: { id: number; name: string; email: string } | null
  demo: { email: string; password: string } | null
  /** Who may sign up. */
  registration: 'open' | 'invitation' | 'closed'
  /** Whether others than this computer are answered. */
  open: boolean
  /** Where a phone in the same network reaches this computer. */
  network: string
}

export const session = ref<Session | null>(null)

export async function readSession(): Promise<Session> {
  session.value ??= await api.get<Session>('session')
  return session.value
}
