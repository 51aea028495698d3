<script setup lang="ts">
import { computed, ref } from 'vue'
import type { BuildState } from '../../contracts/studio'
import { useStudio } from '../open/useStudio'

const props = defineProps<{ build: BuildState }>()
defineEmits<{ cancel: [id: number] }>()
const studio = useStudio()
const showLog = ref(false)
const underWay = computed(() => ['queued', 'running'].includes(props.build.state))
const words = { queued: 'waiting', running: 'being built', done: 'ready', failed: 'failed', cancelled: 'cancelled' }
</script>

<template>
  <div class="build" :class="build.state" :data-state="build.state">
    <div class="build-head">
      <span
        >Version {{ build.version }}, build {{ build.number }}: <strong>{{ words[build.state] }}</strong></span
      >
      <span v-if="build.here" class="small">for this computer</span>
      <span v-if="build.state === 'done'" class="small">{{ Math.round(build.size / 1024) }} kB</span>
      <span class="grow" />
      <button class="link" :aria-expanded="showLog" @click="showLog = !showLog">{{ showLog ? 'Hide the log' : 'Log' }}</button>
      <a v-if="build.state === 'done'" :href="`/api/apps/${studio.app}/builds/${build.id}/file`">Save</a>
      <button v-if="underWay" class="link" @click="$emit('cancel', build.id)">Cancel</button>
    </div>
    <v-progress-linear
      v-if="underWay"
      :model-value="build.progress"
      :indeterminate="build.state === 'queued'"
      color="primary"
      height="6"
      rounded
      :aria-label="`${build.progress} percent built`"
    />
    <pre v-if="showLog || build.state === 'failed'" class="log">{{ build.log || 'Nothing yet.' }}</pre>
  </div>
</template>
