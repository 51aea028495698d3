import type { VirtualItem } from '@tanstack/vue-virtual'

const MOST = 20
const kept = new Map<string, VirtualItem[]>()

/** How high the items of long lists were drawn, by step and list. */
export const measures = {
  of: (list: string): VirtualItem[] => kept.get(list) ?? [],
  keep(list: string, items: VirtualItem[]) {
    kept.delete(list)
    kept.set(list, items)
    for (const old of kept.keys()) if (kept.size > MOST) kept.delete(old)
  },
}
