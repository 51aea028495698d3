<script setup lang="ts">
import {
  mdiAccountOutline,
  mdiArrowLeft,
  mdiBellOutline,
  mdiCalendarBlankOutline,
  mdiChatOutline,
  mdiChevronDown,
  mdiChevronLeft,
  mdiChevronRight,
  mdiClose,
  mdiCrosshairsGps,
  mdiDotsHorizontal,
  mdiFormatListBulleted,
  mdiHeartOutline,
  mdiHomeOutline,
  mdiMagnify,
  mdiMapMarkerOutline,
  mdiMenu,
  mdiMinus,
  mdiPlus,
  mdiSendOutline,
  mdiSort,
  mdiStarOutline,
  mdiWaves,
} from '@mdi/js'

const paths: Record<string, string> = {
  back: mdiArrowLeft,
  backSlim: mdiChevronLeft,
  chevron: mdiChevronRight,
  order: mdiSort,
  send: mdiSendOutline,
  close: mdiClose,
  down: mdiChevronDown,
  more: mdiDotsHorizontal,
  menu: mdiMenu,
  home: mdiHomeOutline,
  list: mdiFormatListBulleted,
  calendar: mdiCalendarBlankOutline,
  person: mdiAccountOutline,
  here: mdiCrosshairsGps,
  place: mdiMapMarkerOutline,
  heart: mdiHeartOutline,
  star: mdiStarOutline,
  plus: mdiPlus,
  minus: mdiMinus,
  search: mdiMagnify,
  waves: mdiWaves,
  bell: mdiBellOutline,
  chat: mdiChatOutline,
}
defineProps<{ name: string }>()
</script>

<template>
  <svg viewBox="0 0 24 24" width="24" height="24" aria-hidden="true"><path :d="paths[name] ?? ''" fill="currentColor" /></svg>
</template>
