import type { ListNode } from '../contracts/view'

const known = new WeakMap<object, boolean>()

/** Whether any item of a list has a picture: then those without keep its room, so that they stand in line. Cards stand by themselves. */
export function pictured(node: ListNode): boolean {
  if (node.layout === 'cards') return false
  const said = known.get(node.items)
  if (said !== undefined) return said
  const has = node.items.some((item) => item.picture)
  known.set(node.items, has)
  return has
}
