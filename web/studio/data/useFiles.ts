import { api } from '../api'
import { useStudio } from '../open/useStudio'

/** Whether what a control asks for is a file that is uploaded. */
export const isUpload = (control: string): boolean => ['picture', 'file', 'video', 'sound'].includes(control)

/** Pictures and files of cells: where one is shown from, and how one is kept. */
export function useFiles() {
  const studio = useStudio()

  async function upload(event: Event, apply: (name: string) => void) {
    const file = (event.target as HTMLInputElement).files?.[0]
    if (!file) return
    const form = new FormData()
    form.append('picture', file)
    try {
      apply((await api.post<{ name: string }>(`apps/${studio.app}/assets`, form)).name)
    } catch (error) {
      studio.told(error)
    }
  }

  return { upload, media: (name: string) => `/media/${studio.app}/${name}` }
}
