<script setup lang="ts">
import { computed } from 'vue'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ station: string }>()
const studio = useStudio()
const findings = computed(() => studio.findings.value.filter((f) => f.station === props.station))
</script>

<template>
  <template v-if="findings.length">
    <h2 class="side-head">Findings</h2>
    <button
      v-for="finding in findings"
      :key="finding.id"
      class="side-finding"
      :class="{ blocks: finding.blocks }"
      @click="studio.goTo(finding.at, finding.station)"
    >
      <span class="finding-mark" aria-hidden="true" />{{ finding.sentence }}
    </button>
  </template>
</template>
