import type { Node, Placing } from '../contracts/view'
import { form } from './form'

function length(size?: string): string | undefined {
  if (!size) return undefined
  if (size === 'content') return 'fit-content'
  return size.endsWith('%') ? size.replace(' ', '') : `${parseInt(size)}px`
}

/** The style of a node's place: its width and height, and whether it stands in the middle. */
export function placed(placing?: Placing): Record<string, string | undefined> {
  if (!placing) return {}
  const width = length((form.value === 'tablet' && placing.tabletWidth) || placing.width)
  return {
    width,
    flex: width ? 'none' : undefined,
    height: length(placing.height),
    minHeight: placing.height ? '0' : undefined,
    marginInline: width && placing.centred ? 'auto' : undefined,
    textAlign: placing.centred ? 'center' : undefined,
  }
}

/** Whether a node says a width of its own: on the page it then begins where the others begin. */
export const narrow = (placing?: Placing): boolean => !!((form.value === 'tablet' && placing?.tabletWidth) || placing?.width)

/** Kinds that look after their own taps. */
const OWN = ['button', 'link', 'iconButton', 'floatingButton', 'menu', 'offer', 'list', 'input', 'addForm', 'changeForm']

export const tappable = (node: Node): boolean => !OWN.includes(node.kind) && 'taps' in node && node.taps === true && node.enabled !== false

/** A quotation mark with which a text begins stands before its edge. */
export const hanging = (node: { hang?: number }) => (node.hang ? { textIndent: `${-node.hang}em` } : undefined)
