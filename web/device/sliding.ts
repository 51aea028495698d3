import { shallowRef, type Component, type ShallowRef } from 'vue'

const found = shallowRef<Component | null>(null)
let asked = false

/** What lets an item slide comes with the first list that has it; until then its items stand still. */
export function sliding(): ShallowRef<Component | null> {
  if (!asked) {
    asked = true
    void import('./lines/SlidingItem.vue').then(
      (module) => (found.value = module.default),
      () => (asked = false),
    )
  }
  return found
}
