<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { VTextarea } from 'vuetify/components/VTextarea'
import { VTextField } from 'vuetify/components/VTextField'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ at: string; label: string; value: string; most?: number; short?: boolean; rows?: number }>()
const studio = useStudio()
const typed = ref(props.value)
const trouble = ref('')
const length = computed(() => [...new Intl.Segmenter().segment(typed.value)].length)

watch(
  () => props.value,
  (value) => (typed.value = value),
)

async function save() {
  if (typed.value === props.value) return (trouble.value = '')
  trouble.value = await studio.fill(props.at, typed.value)
}
</script>

<template>
  <component
    :is="rows ? VTextarea : VTextField"
    v-model="typed"
    :label="label"
    :rows="rows"
    :class="{ 'release-short': short }"
    class="release-text"
    :error-messages="trouble"
    :hint="most ? `${length} of ${most}` : ''"
    :persistent-hint="!!most && length > most * 0.8"
    @blur="save"
    @keydown.enter.exact="rows ? undefined : save()"
  />
</template>
