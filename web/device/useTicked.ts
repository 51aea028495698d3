import { computed, inject, provide, shallowRef, watch, type InjectionKey } from 'vue'
import type { ListNode } from '../contracts/view'
import { hand } from './hand'

/** As many as the core takes at a time. */
const MOST = 200

function ticking(node: () => ListNode) {
  /** Null while nothing is ticked off. */
  const ids = shallowRef<number[] | null>(null)
  const on = computed(() => ids.value !== null)
  const all = () => node().items.slice(0, MOST).map((item) => item.id)

  // What is not in the list any more is not ticked any more.
  watch(
    () => node().items,
    (items) => {
      if (ids.value) ids.value = ids.value.filter((id) => items.some((item) => item.id === id))
    },
  )

  return {
    ids,
    on,
    most: MOST,
    has: (id: number) => ids.value?.includes(id) ?? false,
    full: computed(() => (ids.value?.length ?? 0) >= Math.min(MOST, node().items.length)),
    begin(id?: number) {
      if (!node().chosen || on.value) return
      ids.value = id === undefined ? [] : [id]
      hand.tick()
    },
    toggle(id: number) {
      if (!ids.value) return
      ids.value = ids.value.includes(id) ? ids.value.filter((one) => one !== id) : [...ids.value, id].slice(0, MOST)
    },
    all: () => (ids.value = ids.value?.length === all().length ? [] : all()),
    end: () => (ids.value = null),
  }
}

const KEY: InjectionKey<ReturnType<typeof ticking>> = Symbol('ticked')

/** Items of a list that are ticked, so that something is done with all of them. */
export function useTicking(node: () => ListNode) {
  const made = ticking(node)
  provide(KEY, made)
  return made
}

/** The list that an item stands in. */
export const useTicked = () => inject(KEY, null)
