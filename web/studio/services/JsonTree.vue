<script setup lang="ts">
import { computed, ref } from 'vue'

/** An answer as a tree: each value can be pointed at. */
const props = defineProps<{ value: unknown; name?: string | number; steps: (string | number)[]; picked: string }>()
const emit = defineEmits<{ point: [steps: (string | number)[]] }>()
const MOST = 50
const isList = computed(() => Array.isArray(props.value))
const isObject = computed(() => typeof props.value === 'object' && props.value !== null && !isList.value)
const entries = computed<[string | number, unknown][]>(() => {
  if (isList.value) return (props.value as unknown[]).slice(0, MOST).map((v, i) => [i, v])
  return isObject.value ? Object.entries(props.value as object) : []
})
const open = ref(props.steps.length < 2 || (props.steps.length < 4 && entries.value.length < 8))
const holds = computed(() =>
  isList.value ? `list of ${(props.value as unknown[]).length}` : `${entries.value.length} ${entries.value.length === 1 ? 'part' : 'parts'}`,
)
const here = computed(() => JSON.stringify(props.steps))
const shown = computed(() => (typeof props.value === 'string' ? `“${props.value}”` : String(props.value)))
</script>

<template>
  <div class="tree" :class="{ root: !steps.length }">
    <div class="tree-row">
      <button v-if="isList || isObject" class="tree-fold" :aria-expanded="open" :aria-label="open ? 'Fold' : 'Unfold'" @click="open = !open">
        {{ open ? '▾' : '▸' }}
      </button>
      <button class="tree-value" :class="[typeof value, { picked: picked === here }]" @click="emit('point', steps)">
        <b v-if="name !== undefined">{{ typeof name === 'number' ? name + 1 : name }}</b>{{ ' ' }}
        <span v-if="isList || isObject" class="small">{{ holds }}</span><span v-else class="tree-text">{{ shown }}</span>
      </button>
    </div>
    <slot v-if="picked === here" />
    <template v-if="open">
      <JsonTree
        v-for="[key, inner] in entries"
        :key="key"
        :value="inner"
        :name="key"
        :steps="[...steps, key]"
        :picked="picked"
        @point="(s) => emit('point', s)"
        ><slot
      /></JsonTree>
      <p v-if="isList && (value as unknown[]).length > MOST" class="small tree-more">and {{ (value as unknown[]).length - MOST }} more</p>
    </template>
  </div>
</template>
