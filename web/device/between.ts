import type { ListNode } from '../contracts/view'

/** Whether an advert stands after an item of a list: not after the last one, where it would stand alone. */
export const advertAfter = (node: ListNode, index: number): boolean =>
  node.adverts !== undefined && (index + 1) % node.adverts.every === 0 && index + 1 < node.items.length
