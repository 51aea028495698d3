import { computed, watch } from 'vue'
import { useStudio } from './useStudio'

/** Lines of screens as their sentences: they are fetched for the screens that are asked about. */
export function useSentences(places: () => string[]) {
  const studio = useStudio()
  const screenOf = (at: string) => /^\/screens\/\d+/.exec(at)?.[0] ?? ''
  watch(
    () => [...new Set(places().map(screenOf))].join(' '),
    (screens) => screens.split(' ').forEach((at) => at && void studio.pages.fetch(at)),
    { immediate: true },
  )
  const said = (parts: { text: string }[]) => parts.map((part) => part.text).join(' ').replaceAll(' ,', ',')
  const lines = computed(() => {
    const nodes = Object.values(studio.pages.pages.value).flatMap((page) => page.filter((line) => line.role === 'node'))
    return new Map(nodes.map((line) => [line.at, said(line.parts)] as const))
  })
  return { sentence: (at: string) => lines.value.get(at) }
}
