<script setup lang="ts">
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'
import BlankButton from '../prose/BlankButton.vue'

/**
 * A blank in a sentence about the release.
 *
 * @prop most characters that stores take
 * @prop optional whether nothing need be said there
 * @prop empty what stands there then
 */
const props = withDefaults(
  defineProps<{ at: string; label: string; value: string; most?: number; kind?: 'plain' | 'number' | 'colour'; optional?: boolean; empty?: string }>(),
  { most: 0, kind: 'plain', empty: '' },
)
const studio = useStudio()
const length = computed(() => [...new Intl.Segmenter().segment(props.value)].length)
const text = computed(() => (props.kind === 'plain' ? JSON.stringify(props.value) : props.value))
const wrong = computed(() => !!studio.findingsAt.value.get(props.at)?.length)
</script>

<template>
  <BlankButton
    :at="at"
    :kind="kind"
    :text="text"
    :filled="value !== ''"
    :optional="optional && value !== ''"
    :label="label"
    :empty="empty"
    :wrong="wrong"
    :class="{ calm: optional && !value }"
  /><span
    v-if="most && value"
    class="small count"
    :class="{ over: length > most }"
  >&nbsp;{{ length.toLocaleString('en') }} of {{ most.toLocaleString('en') }}</span>
</template>

<style scoped>
.count {
  white-space: nowrap;
}

.calm :deep(.unfilled) {
  background: none;
  border-block-end-color: color-mix(in srgb, rgb(var(--v-theme-on-background)) 35%, transparent);
  color: var(--soft);
}

.count.over {
  color: var(--fault);
}
</style>
