<script setup lang="ts">
import { nextTick, reactive, ref } from 'vue'
import type { BadCell, FieldState, LinkChoice } from '../../contracts/studio'
import BusyButton from '../BusyButton.vue'
import { hint } from './hint'
import LinkPicker from './LinkPicker.vue'
import { isUpload, useFiles } from './useFiles'
import type { Change, Rows } from './useRows'

/** The row that is written next, below all others. */
const props = defineProps<{
  fields: FieldState[]
  columns: string
  rows: Rows
  path: string
  write: (changes: Change[]) => Promise<BadCell[] | null>
}>()
const emit = defineEmits<{ added: [] }>()
const { upload, media } = useFiles()
const draft = reactive<Record<string, string>>({})
const errors = ref<Record<string, string>>({})
const adding = ref(false)
/** The link that is being chosen. */
const choosing = ref('')
const place = ref<HTMLElement>()

async function add() {
  adding.value = true
  errors.value = {}
  const bad = await props.write([{ id: null, values: { ...draft } }])
  if (bad?.length) errors.value = Object.fromEntries(bad.map((c) => [c.field, c.sentence]))
  else if (bad) {
    for (const key of Object.keys(draft)) delete draft[key]
    await nextTick()
    emit('added')
    place.value?.querySelector<HTMLElement>('input:not([type=file]), select')?.focus()
  }
  adding.value = false
}

const words = (field: FieldState) =>
  (draft[field.key] ?? '')
    .split(/,\s*/)
    .filter(Boolean)
    .map((id) => props.rows.labels.value[field.key]?.[id] ?? id)
    .join(', ')

function take(field: FieldState, value: string, chosen: LinkChoice[]) {
  draft[field.key] = value
  props.rows.mergeLabels({ [field.key]: Object.fromEntries(chosen.map((one) => [one.id, one.label])) })
  choosing.value = ''
}
</script>

<template>
  <div ref="place" class="grid-new" role="row" :style="{ gridTemplateColumns: columns }">
    <div class="grid-id" role="rowheader">+</div>
    <div v-for="f in fields" :key="f.key" class="grid-draft" role="gridcell" :class="{ wrong: errors[f.key], num: f.numeric }">
      <span v-if="!f.asked" class="small">{{ f.formula ? 'computed' : 'by itself' }}</span>
      <template v-else-if="f.linksTo">
        <button class="grid-link" :aria-label="`New ${f.name}`" @click="choosing = f.key">{{ words(f) || 'choose' }}</button>
        <LinkPicker
          v-if="choosing === f.key"
          :path="path"
          :field="f"
          :value="draft[f.key] ?? ''"
          :labels="rows.labels.value[f.key] ?? {}"
          :name="`New ${f.name}`"
          @take="(value, chosen) => take(f, value, chosen)"
          @cancel="choosing = ''"
        />
      </template>
      <label v-else-if="isUpload(f.control)" class="grid-picture">
        <img v-if="f.control === 'picture' && draft[f.key]" :src="media(draft[f.key])" alt="" /><span v-else class="small">{{
          draft[f.key] ? 'file' : 'add'
        }}</span>
        <input type="file" class="sr" :aria-label="`New ${f.name}`" @change="upload($event, (name) => (draft[f.key] = name))" />
      </label>
      <select v-else-if="f.control === 'choice' || f.control === 'switch'" v-model="draft[f.key]" :aria-label="`New ${f.name}`" @keydown.enter="add">
        <option value="" />
        <option v-for="option in f.control === 'switch' ? ['yes', 'no'] : f.options" :key="option" :value="option">{{ option }}</option>
      </select>
      <input v-else v-model="draft[f.key]" :placeholder="hint(f)" :aria-label="`New ${f.name}`" spellcheck="false" @keydown.enter="add" />
      <p v-if="errors[f.key]" class="grid-wrong" role="alert">{{ errors[f.key] }}</p>
    </div>
    <div role="gridcell"><BusyButton size="x-small" color="primary" :busy="adding" @click="add">Add</BusyButton></div>
  </div>
</template>
