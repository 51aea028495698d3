import { computed, ref } from 'vue'
import type { Offer, Offers, ProseLine } from '../../contracts/studio'
import { api } from '../api'
import type { Studio } from '../open/useStudio'
import { latest } from '../latest'
import { indexOf, isMovable, lastUnder, listOf } from './places'

interface Place {
  under: number
  list: string
  index?: number
  indent: number
}

/** Where a line is being added, and what a sentence can be given more of. */
export function useAdding(studio: Studio, lines: () => ProseLine[], root: () => string) {
  const place = ref<Place | null>(null)
  /** What was typed of the new line. */
  const typed = ref('')
  /** Under the last line at the latest, where lines were taken away meanwhile. */
  const adding = computed(() => place.value && { ...place.value, under: Math.min(place.value.under, lines().length - 1) })
  /** What can be added to the sentence whose menu is open; null while it is asked for. */
  const offers = ref<Offer[] | null>(null)
  const begin = latest()

  function at(now: Place | null) {
    place.value = now
    typed.value = ''
  }

  async function openOffers(line: ProseLine) {
    const isLatest = begin()
    offers.value = null
    try {
      const found = await api.get<Offers>(`apps/${studio.app}/offers?at=${encodeURIComponent(line.at)}`)
      if (isLatest()) offers.value = found.offers
    } catch (error) {
      studio.told(error)
    }
  }

  async function offer(line: ProseLine, i: number, offered: Offer) {
    if (!offered.edit) return into(offered.list, line, i)
    const made = await studio.edit(offered.edit)
    if (made?.next) studio.startFilling(made.next)
  }

  /** Begins a line in a list under a sentence, or under the words that stand over it. */
  function into(list: string, line: ProseLine, i: number) {
    const inner = lines().find((l) => listOf(l.at) === list && l.role === 'node')
    at({ under: lastUnder(lines(), i), list, indent: inner?.indent ?? line.indent + 1 })
  }

  function after(line: ProseLine, i: number) {
    if (!isMovable(line, root())) return
    at({ under: lastUnder(lines(), i), list: listOf(line.at), index: indexOf(line.at) + 1, indent: line.indent })
  }

  const atEnd = (list: string) => at({ under: lines().length - 1, list, indent: 0 })

  return { adding, typed, offers, openOffers, offer, into, after, atEnd, done: () => at(null) }
}

export type Adding = ReturnType<typeof useAdding>
