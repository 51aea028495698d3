import { computed, ref, type Ref } from 'vue'
import type { ProseLine } from '../../contracts/studio'
import { api } from '../api'
import type { Studio } from '../open/useStudio'
import { indexOf as index, listOf } from './places'

/** Lines of one list that were chosen together, and what can be done with all of them. */
export function usePicked(studio: Studio, lines: Ref<ProseLine[]>, focus: (at: string) => void) {
  const from = ref('')
  const to = ref('')
  const picked = computed(() => {
    if (!from.value || listOf(from.value) !== listOf(to.value)) return []
    const [a, b] = [index(from.value), index(to.value)].sort((x, y) => x - y)
    return lines.value.filter((l) => l.role === 'node' && listOf(l.at) === listOf(from.value) && index(l.at) >= a && index(l.at) <= b).map((l) => l.at)
  })
  const isPicked = (line: ProseLine) => picked.value.length > 1 && picked.value.some((at) => line.at === at || line.at.startsWith(`${at}/`))
  /** What they are made into is being named: that stays while the lines around them come anew. */
  const naming = ref(false)
  const clear = () => {
    from.value = to.value = ''
    naming.value = false
  }

  /** Chooses from the line that was first to this one; a line of another list begins anew. */
  function extend(at: string, begin: string) {
    if (index(at) < 0) return
    if (!from.value || listOf(from.value) !== listOf(at)) from.value = listOf(begin) === listOf(at) ? begin : at
    to.value = at
  }

  const places = (at: string) => (picked.value.includes(at) ? picked.value : [at])

  async function copy(at: string): Promise<boolean> {
    try {
      const { text } = await api.post<{ text: string }>(`apps/${studio.app}/copied`, { places: places(at) })
      await navigator.clipboard.writeText(text)
      return true
    } catch (error) {
      studio.told(error)
      return false
    }
  }

  async function paste(at: string) {
    const text = await navigator.clipboard.readText().catch(() => '')
    if (text.trim()) await pasteText(at, text)
  }

  async function pasteText(at: string, text: string) {
    const trouble = await studio.tryEdit({ do: 'write', list: listOf(at), index: index(at) + 1, text })
    if (trouble) studio.say(trouble)
    else focus(`${listOf(at)}/${index(at) + 1}`)
  }

  async function all(how: 'copy' | 'remove' | 'group', at: string) {
    const these = places(at)
    if (await studio.edit({ do: how, places: these })) {
      focus(how === 'copy' ? `${listOf(at)}/${index(these[these.length - 1]) + 1}` : these[0])
      clear()
    }
  }

  async function move(by: number) {
    const these = picked.value
    if (await studio.edit({ do: 'move', places: these, index: index(these[0]) + by })) {
      from.value = `${listOf(from.value)}/${index(from.value) + by}`
      to.value = `${listOf(to.value)}/${index(to.value) + by}`
      focus(to.value)
    }
  }

  async function extract(name: string): Promise<string> {
    const trouble = await studio.tryEdit({ do: 'extract', places: picked.value, name })
    if (!trouble) clear()
    return trouble
  }

  return {
    picked,
    naming,
    isPicked,
    extend,
    clear,
    copy,
    paste,
    pasteText,
    all,
    move,
    extract,
    isEffects: computed(() => !/\/(lines|actions)$/.test(listOf(from.value))),
  }
}
