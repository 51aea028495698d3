import type { ListNode, Node, View } from '../contracts/view'
import { keep, recall } from './kept'
import { server } from './server'
import { session } from './session'

/** So many items of a list are read ahead, and none again that was read within this time, in ms. */
const MOST = 5
const FRESH = 10 * 60_000
let busy = false

interface Parts {
  nodes?: Node[]
  items?: { nodes?: Node[] }[]
  sections?: { nodes: Node[] }[]
  pages?: { nodes: Node[] }[]
}

/** The lists on a page that lead to screens about their items, those inside of other lines too. */
export function leading(nodes: Node[]): ListNode[] {
  return nodes.flatMap((node) => {
    const { nodes: inside = [], items = [], sections = [], pages = [] } = node as unknown as Parts
    const own = node.kind === 'list' && node.leads ? [node] : []
    return [...own, ...leading([...inside, ...[...items, ...sections, ...pages].flatMap((part) => part.nodes ?? [])])]
  })
}

/**
 * Reads what a list leads to before it is tapped, so that it is there without a network, too.
 *
 * @param where what is told of this device with every view
 */
export async function readAhead(view: View, placeKey: (screen: string, args: (number | string)[]) => string, where: () => object): Promise<void> {
  const { saveData } = (navigator as Navigator & { connection?: { saveData?: boolean } }).connection ?? {}
  if (busy || saveData || document.hidden) return
  busy = true
  try {
    const token = session.token()
    for (const list of leading(view.nodes)) {
      for (const item of list.items.slice(0, MOST)) {
        const place = placeKey(list.leads!, [item.id])
        if (recall(place, FRESH)) continue
        const answer = await server.view({ ...where(), screen: list.leads, args: [item.id], inputs: {}, finds: {}, pages: {}, orders: {}, chips: {} })
        // Somebody else may have come in meanwhile.
        if (session.token() !== token) return
        if (answer.view && !answer.view.problem) keep(place, answer.view)
      }
    }
  } catch {
    // What could not be read ahead is read when it is wanted.
  } finally {
    busy = false
  }
}
