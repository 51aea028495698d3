import { computed, ref } from 'vue'
import { api, Declined } from '../api'
import { latest } from '../latest'

/** Letters of the paragraph. */
export type Letters = [number, number]

/** One thing that was understood, by its name, with what can be put right in it. */
export interface Item {
  at: string
  of: 'data' | 'screens' | 'people' | 'sold' | 'not'
  says: string
  from: Letters
  parts: { at: string; name: string; /** '' for what it leads to */ type: string; says: string; from: Letters }[]
}

export interface Correction {
  at: string
  do: 'leave out' | 'call' | 'type' | 'add'
  to?: string
  as?: string
}

interface Understood {
  /** In English; empty for English. */
  language: string
  items: Item[]
  /** Sentences of which nothing was understood. */
  missed: Letters[]
  marks: { from: number; to: number; of: Item['of'] }[]
  questions: { asks: string; answers: string[]; about: string }[]
}

/** Reads a paragraph while it is written, with what was answered and put right. */
export function useUnderstood(text: () => string) {
  const understood = ref<Understood>()
  const trouble = ref('')
  const answers = ref<Record<string, string>>({})
  const corrections = ref<Correction[]>([])
  const newest = latest()

  async function read() {
    const isNewest = newest()
    trouble.value = ''
    if (!text().trim()) return (understood.value = undefined)
    try {
      const found = await api.post<Understood>('read', { text: text(), answers: answers.value, corrections: corrections.value })
      if (isNewest()) understood.value = found
    } catch (error) {
      if (isNewest()) trouble.value = error instanceof Declined ? error.message : String(error)
    }
  }

  function answer(asks: string, said: string) {
    answers.value = { ...answers.value, [asks]: said }
    void read()
  }

  /** Puts something right. What is left out takes along what was put right in it before. */
  function correct(...more: Correction[]) {
    corrections.value = [...corrections.value, ...more]
    void read()
  }

  function undo() {
    corrections.value = corrections.value.slice(0, -1)
    void read()
  }

  function anew() {
    answers.value = {}
    corrections.value = []
  }

  /** The paragraph in pieces, those that were understood with the station to which they belong. */
  const pieces = computed(() => {
    const letters = [...text()]
    const found: { text: string; of: string; from: number; to: number }[] = []
    let at = 0
    for (const mark of understood.value?.marks ?? []) {
      if (mark.from < at || mark.to > letters.length) continue
      found.push({ text: letters.slice(at, mark.from).join(''), of: '', from: at, to: mark.from })
      found.push({ text: letters.slice(mark.from, mark.to).join(''), of: mark.of, from: mark.from, to: mark.to })
      at = mark.to
    }
    return [...found, { text: letters.slice(at).join(''), of: '', from: at, to: letters.length }]
  })
  const missed = computed(() => {
    const letters = [...text()]
    return (understood.value?.missed ?? []).slice(0, 3).map(([from, to]) => letters.slice(from, to).join('').trim())
  })

  return { understood, trouble, answers, corrections, pieces, missed, read, answer, correct, undo, anew }
}
