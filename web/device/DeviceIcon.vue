<script setup lang="ts">
import { mdiAccountOutline, mdiArrowLeft, mdiBellOutline, mdiCalendarBlankOutline, mdiChatOutline, mdiChevronRight, mdiFormatListBulleted, mdiHeartOutline, mdiHomeOutline, mdiMagnify, mdiMapMarkerOutline, mdiPlus, mdiStarOutline, mdiWaves } from '@mdi/js'

const paths: Record<string, string> = {
  back: mdiArrowLeft, chevron: mdiChevronRight, home: mdiHomeOutline, list: mdiFormatListBulleted, calendar: mdiCalendarBlankOutline, person: mdiAccountOutline, place: mdiMapMarkerOutline,
  heart: mdiHeartOutline, star: mdiStarOutline, plus: mdiPlus, search: mdiMagnify, waves: mdiWaves, bell: mdiBellOutline, chat: mdiChatOutline,
}
defineProps<{ name: string }>()
</script>

<template>
  <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true"><path :d="paths[name] ?? ''" fill="currentColor" /></svg>
</template>
