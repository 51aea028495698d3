<script setup lang="ts">
import { ref, watch } from 'vue'
import type { RowDetail, TableState } from '../../contracts/studio'
import { api } from '../api'
import { useStudio } from '../open/useStudio'
import { latest } from '../latest'

const props = defineProps<{ table: TableState; set: string }>()
const id = defineModel<number | null>({ required: true })
const emit = defineEmits<{ open: [stored: string, id: number] }>()
const studio = useStudio()
const detail = ref<RowDetail | null>(null)

const begin = latest()
watch(
  [id, () => studio.changes.value],
  async () => {
    const isLatest = begin()
    if (id.value === null) return (detail.value = null)
    const told = await api
      .get<RowDetail>(`apps/${studio.app}/rows/${props.set}/${props.table.stored}/${id.value}`)
      .catch((error) => (studio.told(error), (id.value = null), null))
    if (isLatest()) detail.value = told
  },
  { immediate: true },
)

const links = (key: string) => (detail.value?.row.values[key] ?? '').split(/,\s*/).filter(Boolean)
</script>

<template>
  <v-dialog :model-value="id !== null" max-width="640" :aria-label="`One ${table.singular}`" @update:model-value="id = null">
    <v-card class="dialog">
      <v-progress-linear v-if="!detail" indeterminate color="primary" aria-label="Loading the row" />
      <template v-else>
        <h2>{{ detail.label }}</h2>
        <dl class="detail">
          <template v-for="f in table.fields" :key="f.key">
            <dt>{{ f.name }}</dt>
            <dd v-if="f.linksTo">
              <button v-for="other in links(f.key)" :key="other" class="link" @click="emit('open', f.linksTo, Number(other))">
                {{ detail.labels[f.key]?.[other] ?? other }}
              </button>
            </dd>
            <dd v-else-if="f.control === 'picture' && detail.row.values[f.key]">
              <img class="detail-picture" :src="`/media/${studio.app}/${detail.row.values[f.key]}`" alt="" />
            </dd>
            <dd v-else class="detail-text">{{ detail.row.values[f.key] || '–' }}</dd>
          </template>
        </dl>
        <section v-for="list in detail.linked" :key="list.name" class="detail-list">
          <h3>
            {{ list.name }} <span class="small">{{ list.count }}</span>
          </h3>
          <p v-if="!list.count" class="small">None link here.</p>
          <p>
            <button v-for="row in list.rows" :key="row.id" class="link" @click="emit('open', list.table, row.id)">{{ row.label }}</button
            ><span v-if="list.count > list.rows.length" class="small"> and {{ list.count - list.rows.length }} more</span>
          </p>
        </section>
      </template>
      <div class="dialog-end"><v-btn variant="text" @click="id = null">Close</v-btn></div>
    </v-card>
  </v-dialog>
</template>
