import { entry } from './entry'
import { server } from './server'

const KEY = `lanai-words:${entry.base}`

/** The words of a language: at once where they are kept on the phone, and as they are now a moment later. */
export async function learn(language: string, put: (language: string, said: Record<string, string>) => void): Promise<void> {
  const kept = read(language)
  const fresh = server.words(language).then(
    ({ words: said }) => {
      put(language, said)
      write(language, said)
    },
    () => kept ?? put(language, {}),
  )
  if (kept) return put(language, kept)
  await fresh
}

function read(language: string): Record<string, string> | null {
  try {
    const kept = JSON.parse(localStorage.getItem(KEY) ?? 'null')
    return kept?.language === language ? kept.said : null
  } catch {
    return null
  }
}

function write(language: string, said: Record<string, string>) {
  try {
    if (!entry.deck) localStorage.setItem(KEY, JSON.stringify({ language, said }))
  } catch {
    // Then they are asked for each time.
  }
}
