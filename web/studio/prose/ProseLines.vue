<script setup lang="ts">
import { mdiArrowDown, mdiArrowUp, mdiClose, mdiLinkVariant, mdiPlus } from '@mdi/js'
import { ref, toRef } from 'vue'
import type { Offer, ProseLine } from '../../contracts/studio'
import UsedIn from '../data/UsedIn.vue'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../frame/useStudio'
import AddLine from './AddLine.vue'
import BlankButton from './BlankButton.vue'
import PickedBar from './PickedBar.vue'
import { usePicked } from './usePicked'

const props = defineProps<{ lines: ProseLine[]; root: string }>()
const studio = useStudio()
const adding = ref<{ under: number; list: string; index?: number; kind: string; indent: number } | null>(null)
const kinds: Record<string, string> = { lines: 'line', actions: 'line', fields: 'field', signing: 'signing', requests: 'request' }

const used = ref('')
const usable = (line: ProseLine) => line.role === 'node' && /^\/(tables|screens|pieces|routines|values)\/\d+(\/fields\/\d+)?$/.test(line.at)

const index = (at: string) => (/\/\d+$/.test(at) ? Number(at.split('/').pop()) : -1)
const listOf = (at: string) => at.replace(/\/\d+$/, '')
const isNode = (line: ProseLine) => line.role === 'node' && line.at !== props.root && index(line.at) >= 0
const count = (list: string) => props.lines.filter((l) => l.role === 'node' && listOf(l.at) === list && index(l.at) >= 0).length
const findings = (line: ProseLine) => [...studio.findingsAt.value.entries()].filter(([at]) => props.root === '/theme' && line.role === 'node' ? at === line.at : line.role === 'part' ? props.root === '/theme' && line.parts.some((p) => p.at === at) : (at === line.at || line.parts.some((p) => p.at === at) || (at.startsWith(`${line.at}/`) && !props.lines.some((l) => l !== line && l.at.length > line.at.length && at.startsWith(l.at))))).flatMap(([, all]) => all)
const wrong = (at?: string) => !!at && !!studio.findingsAt.value.get(at)?.length

/** The column that a renamed thing keeps is no concern of the page; the script tells it. */
const shownParts = (line: ProseLine) => line.parts.filter((part, i) => !part.at?.endsWith('/stored') && !line.parts[i + 1]?.at?.endsWith('/stored'))
const shownOffers = (line: ProseLine) => line.offers.filter((offered) => offered.key !== 'stored')

const fresh: Record<string, string> = { shows: 'shows ___ as title', with: 'set ___ = ___', sections: 'section ""', entries: 'entry ""', swipes: 'swiped ""', takes: 'takes ___ is a text', sends: 'sends the query "" = ___', parts: 'New part is a text', prices: 'price with "" is ___ for a call', knowing: 'knowing ___' }
const begins: Record<string, string> = { shows: 'formula', with: 'field', takes: 'name', sends: 'name', parts: 'name', prices: 'amount', knowing: 'table' }

function lastUnder(i: number): number {
  let last = i
  while (last + 1 < props.lines.length && props.lines[last + 1].indent > props.lines[i].indent) last++
  return last
}

async function offer(line: ProseLine, i: number, offered: Offer) {
  if (offered.kind === 'line') {
    const made = fresh[offered.key]
    if (made) {
      const at = count(offered.at)
      if (await studio.edit({ what: 'add', at: offered.at, text: made })) studio.startFilling(`${offered.at}/${at}/${begins[offered.key] ?? 'label'}`)
      return
    }
    const kind = kinds[offered.key] ?? 'effect'
    adding.value = { under: lastUnder(i), list: offered.at, kind, indent: line.indent + (offered.key === 'lines' || offered.key === 'fields' || line.role === 'part' ? 1 : 2) }
    return
  }
  if ((await studio.edit({ what: 'offer', at: offered.at })) && offered.kind !== 'flag') {
    const inner = offered.key === 'alike' ? '/0' : offered.kind === 'series' ? '/0/field' : offered.key === 'asking' || (offered.key === 'with' && offered.kind === 'formula') ? '/0' : ''
    studio.startFilling(offered.key === 'about' ? `${offered.at}/0/one` : offered.at + inner)
  }
}

function addAfter(line: ProseLine, i: number) {
  if (!isNode(line)) return
  const key = listOf(line.at).split('/').pop() ?? ''
  if (fresh[key]) return offer(line, i, { label: '', at: listOf(line.at), key, kind: 'line' })
  adding.value = { under: lastUnder(i), list: listOf(line.at), index: index(line.at) + 1, kind: key === 'lines' || key === 'actions' ? 'line' : key === 'fields' ? 'field' : 'effect', indent: line.indent }
}

async function move(line: ProseLine, by: number) {
  const to = index(line.at) + by
  if (!isNode(line) || to < 0 || to >= count(listOf(line.at))) return
  if (await studio.edit({ what: 'move', at: line.at, index: to })) focusLine(`${listOf(line.at)}/${to}`)
}

async function remove(line: ProseLine) {
  if (isNode(line) && (await studio.edit({ what: 'remove', at: line.at }))) focusLine(line.at)
}

function focusLine(at: string) {
  requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-line="${CSS.escape(at)}"]`)?.focus())
}

const picked = usePicked(studio, toRef(props, 'lines'), focusLine)

/** Shift and a click choose all lines of the list from the one in focus to this one. */
function click(event: MouseEvent, line: ProseLine) {
  if (!event.shiftKey || !isNode(line)) return event.shiftKey || picked.clear()
  event.preventDefault()
  const at = document.activeElement instanceof HTMLElement ? (document.activeElement.closest<HTMLElement>('[data-line]')?.dataset.line ?? line.at) : line.at
  picked.extend(line.at, at)
  focusLine(line.at)
}

function press(event: KeyboardEvent, line: ProseLine, i: number) {
  if (event.target !== event.currentTarget) return
  const key = event.key
  const command = event.ctrlKey || event.metaKey
  const together = picked.picked.value.length > 1 && isNode(line)
  if (command && isNode(line) && ['c', 'x', 'v', 'd', 'g'].includes(key.toLowerCase())) {
    event.preventDefault()
    const letter = key.toLowerCase()
    if (letter === 'c') picked.copy(line.at)
    else if (letter === 'x') picked.copy(line.at).then((done) => (done ? picked.all('remove', line.at) : undefined))
    else if (letter === 'v') picked.paste(line.at)
    else picked.all(letter === 'd' ? 'double' : 'group', line.at)
    return
  }
  if (event.shiftKey && (key === 'ArrowUp' || key === 'ArrowDown') && isNode(line)) {
    event.preventDefault()
    const next = `${listOf(line.at)}/${index(line.at) + (key === 'ArrowUp' ? -1 : 1)}`
    if (!props.lines.some((l) => l.role === 'node' && l.at === next)) return
    picked.extend(next, line.at)
    focusLine(next)
    return
  }
  if (key === 'Escape') picked.clear()
  if (together && event.altKey && (key === 'ArrowUp' || key === 'ArrowDown')) {
    event.preventDefault()
    picked.move(key === 'ArrowUp' ? -1 : 1)
    return
  }
  if (together && (key === 'Delete' || key === 'Backspace')) {
    event.preventDefault()
    picked.all('remove', line.at)
    return
  }
  if (key === 'Enter') {
    event.preventDefault()
    const first = (event.currentTarget as HTMLElement).querySelector<HTMLElement>('[data-blank]')
    if (first) studio.startFilling(first.dataset.blank ?? '')
  } else if (event.altKey && (key === 'ArrowUp' || key === 'ArrowDown')) {
    event.preventDefault()
    move(line, key === 'ArrowUp' ? -1 : 1)
  } else if (key === 'ArrowUp' || key === 'ArrowDown') {
    event.preventDefault()
    const rows = [...document.querySelectorAll<HTMLElement>('.surface [data-row]')]
    rows[rows.indexOf(event.currentTarget as HTMLElement) + (key === 'ArrowUp' ? -1 : 1)]?.focus()
  } else if (key === 'Delete' || key === 'Backspace') {
    event.preventDefault()
    remove(line)
  } else if (key.toLowerCase() === 'n' && !event.ctrlKey && !event.metaKey) {
    event.preventDefault()
    addAfter(line, i)
  }
}

defineExpose({ addAtEnd: (list: string, kind: 'line' | 'effect' | 'field') => (adding.value = { under: props.lines.length - 1, list, kind, indent: 0 }) })
</script>

<template>
  <div class="prose">
    <template v-for="(line, i) in lines" :key="`${line.at}:${line.role}:${i}`">
      <div
        class="line" data-row :data-line="line.role === 'node' ? line.at : undefined" tabindex="0"
        :class="{ picked: picked.isPicked(line), pointed: line.role === 'node' && !!studio.pointed.value && studio.pointed.value === line.at, gone: studio.gone.value === line.at, part: line.role === 'part', root: line.at === root && line.role === 'node' }"
        :style="{ paddingInlineStart: `${line.indent * 26 + 10}px` }"
        @pointerenter="studio.pointed.value = line.at" @pointerleave="studio.pointed.value = ''" @keydown="press($event, line, i)" @mousedown="$event.shiftKey && $event.preventDefault()" @click="click($event, line)"
      >
        <span class="line-words">
          <template v-for="(part, p) in shownParts(line)" :key="p">
            <template v-if="!part.kind">{{ part.text.startsWith(',') || part.text === ':' ? '' : ' ' }}<span class="words">{{ part.text }}</span></template>
            <template v-else>{{ ' ' }}<BlankButton :at="part.at ?? ''" :kind="part.kind" :text="part.text" :filled="part.filled" :optional="part.optional" :label="part.label" :words="part.words" :wrong="wrong(part.at)" /></template>
          </template>
        </span>
        <span class="line-tools">
          <v-menu v-if="shownOffers(line).length">
            <template #activator="{ props: menu }"><v-btn v-bind="menu" :icon="mdiPlus" size="x-small" variant="text" aria-label="Add to this sentence" title="Add to this sentence" /></template>
            <v-list density="compact">
              <v-list-item v-for="offered in shownOffers(line)" :key="offered.key" :title="offered.label" @click="offer(line, i, offered)" />
            </v-list>
          </v-menu>
          <v-btn v-if="usable(line)" :icon="mdiLinkVariant" size="x-small" variant="text" aria-label="Used in" title="Where this is used" @click="used = line.at" />
          <template v-if="isNode(line)">
            <v-btn :icon="mdiArrowUp" size="x-small" variant="text" aria-label="Move up" title="Move up (Alt+Up)" :disabled="index(line.at) === 0" @click="move(line, -1)" />
            <v-btn :icon="mdiArrowDown" size="x-small" variant="text" aria-label="Move down" title="Move down (Alt+Down)" :disabled="index(line.at) >= count(listOf(line.at)) - 1" @click="move(line, 1)" />
            <v-btn :icon="mdiClose" size="x-small" variant="text" aria-label="Remove this line" title="Remove (Delete)" @click="remove(line)" />
          </template>
        </span>
      </div>
      <div v-if="findings(line).length" class="line-findings" :style="{ marginInlineStart: `${line.indent * 26 + 10}px` }">
        <FindingNote v-for="finding in findings(line)" :key="finding.id" :finding="finding" />
      </div>
      <AddLine v-if="adding && adding.under === i" v-bind="adding" @done="adding = null" />
    </template>
    <PickedBar v-if="picked.picked.value.length > 1" :picked="picked" />
    <UsedIn v-model="used" />
  </div>
</template>
