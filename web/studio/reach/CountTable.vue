<script setup lang="ts">
import { computed } from 'vue'

/** Things and how often, the most first, each with a bar. */
const props = defineProps<{ title: string; rows: { name: string; count: number; at?: string }[]; none: string }>()
const emit = defineEmits<{ open: [at: string] }>()
const most = computed(() => Math.max(1, ...props.rows.map((row) => row.count)))
</script>

<template>
  <section class="counts">
    <h2 class="people-head">{{ title }}</h2>
    <p v-if="!rows.length" class="small">{{ none }}</p>
    <ol v-else>
      <li v-for="row in rows" :key="row.name">
        <button v-if="row.at" class="link" @click="emit('open', row.at)">{{ row.name }}</button>
        <span v-else>{{ row.name }}</span>
        <span class="count">{{ row.count.toLocaleString('en') }}</span>
        <span class="reach-bar" aria-hidden="true"><span :style="{ width: `${(100 * row.count) / most}%` }" /></span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.counts ol {
  padding: 0;
  list-style: none;
}

.counts li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  padding-block: 5px;
}

.counts .link {
  justify-self: start;
  text-align: start;
}

.count {
  font-variant-numeric: tabular-nums;
}

.reach-bar {
  grid-column: 1 / -1;
  height: 4px;
  border-radius: 2px;
  background: rgb(var(--v-theme-on-surface), 0.08);
}

.reach-bar span {
  display: block;
  height: 100%;
  border-radius: 2px;
  background: rgb(var(--v-theme-primary));
}
</style>
