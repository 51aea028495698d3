<script setup lang="ts">
import { ref, toRef } from 'vue'
import type { ProseLine } from '../../contracts/studio'
import UsedIn from './UsedIn.vue'
import FindingNote from '../findings/FindingNote.vue'
import { useStudio } from '../open/useStudio'
import AddLine from './AddLine.vue'
import BlankButton from './BlankButton.vue'
import LineTools from './LineTools.vue'
import PickedBar from './PickedBar.vue'
import { focusLine, holds } from './places'
import { useAdding } from './useAdding'
import { useKeys } from './useKeys'
import { useMoving } from './useMoving'
import { usePicked } from './usePicked'

/** @prop counts how often lines were tapped, by their places */
const props = defineProps<{ lines: ProseLine[]; root: string; counts?: Record<string, number> }>()
const studio = useStudio()
const seen = [() => props.lines, () => props.root] as const
const adding = useAdding(studio, ...seen)
const moving = useMoving(studio, ...seen)
const picked = usePicked(studio, toRef(props, 'lines'), focusLine)
const keys = useKeys({ studio, lines: seen[0], root: seen[1], picked, adding, moving })
const { adding: added, typed } = adding
/** The sentence of which is shown where it is used; '' for none. */
const used = ref('')

const findings = (line: ProseLine) =>
  [...studio.findingsAt.value.entries()].filter(([at]) => holds(line, at, props.lines, props.root)).flatMap(([, all]) => all)
const times = (count: number) => (count === 1 ? 'once' : `${count.toLocaleString('en')} times`)
const wrong = (at?: string) => !!at && !!studio.findingsAt.value.get(at)?.length

defineExpose({ addAtEnd: adding.atEnd })
</script>

<template>
  <div class="prose">
    <template v-for="(line, i) in lines" :key="`${line.at}:${line.role}:${i}`">
      <div
        class="line"
        data-row
        :data-line="line.role === 'node' ? line.at : undefined"
        tabindex="0"
        :class="{
          picked: picked.isPicked(line),
          pointed: line.role === 'node' && !!studio.pointed.value && studio.pointed.value === line.at,
          gone: studio.gone.value === line.at,
          part: line.role === 'part',
          root: line.at === root && line.role === 'node',
        }"
        :style="{ paddingInlineStart: `${line.indent * 26 + 10}px` }"
        @pointerenter="studio.point(line.at)"
        @pointerleave="studio.point('')"
        @keydown="keys.press($event, line, i)"
        @mousedown="$event.shiftKey && $event.preventDefault()"
        @click="keys.click($event, line)"
      >
        <span class="line-words">
          <template v-for="(part, p) in line.parts" :key="p">
            <template v-if="!part.kind"
              >{{ part.text.startsWith(',') || part.text === ':' ? '' : ' ' }}<span class="words">{{ part.text }}</span></template
            >
            <template v-else
              >{{ ' '
              }}<BlankButton
                :at="part.at ?? ''"
                :kind="part.kind"
                :text="part.text"
                :filled="part.filled"
                :optional="part.optional"
                :label="part.label"
                :words="part.words"
                :wrong="wrong(part.at)"
            /></template>
          </template>
        </span>
        <span v-if="line.role === 'node' && counts?.[line.at]" class="line-count" :title="`Tapped ${times(counts[line.at])} in the last 30 days`">{{
          counts[line.at].toLocaleString('en')
        }}</span>
        <LineTools :line="line" :i="i" :lines="lines" :root="root" :adding="adding" :moving="moving" @used="used = $event" />
      </div>
      <div v-if="findings(line).length" class="line-findings" :style="{ marginInlineStart: `${line.indent * 26 + 10}px` }">
        <FindingNote v-for="finding in findings(line)" :key="finding.id" :finding="finding" />
      </div>
      <AddLine v-if="added && added.under === i" v-bind="added" v-model:typed="typed" @done="adding.done()" />
    </template>
    <PickedBar v-if="picked.picked.value.length > 1" :picked="picked" />
    <UsedIn v-model="used" />
  </div>
</template>
