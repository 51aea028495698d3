// Lays trees out with yoga-layout (a well-known flexbox engine from the registry): reads a JSON list of trees, writes their frames.
import Yoga, { Align, Direction, Edge, FlexDirection, Gutter, Justify, MeasureMode, PositionType, Wrap } from 'yoga-layout'
import { readFileSync } from 'node:fs'

const config = Yoga.Config.create()
config.setUseWebDefaults(true)
config.setPointScaleFactor(0)
const aligns = { stretch: Align.Stretch, start: Align.FlexStart, center: Align.Center, end: Align.FlexEnd }
const justifies = { start: Justify.FlexStart, center: Justify.Center, end: Justify.FlexEnd, between: Justify.SpaceBetween }
const sides = { top: Edge.Top, right: Edge.Right, bottom: Edge.Bottom, left: Edge.Left }
const size = (value) => (value.unit === '%' ? `${value.amount}%` : value.amount)

function build(box) {
  const node = Yoga.Node.create(config)
  node.setFlexDirection(box.flow === 'row' ? FlexDirection.Row : FlexDirection.Column)
  node.setFlexWrap(box.wraps ? Wrap.Wrap : Wrap.NoWrap)
  node.setAlignContent(Align.Stretch)
  node.setAlignItems(aligns[box.align])
  node.setJustifyContent(justifies[box.justify])
  node.setGap(Gutter.All, box.gap)
  for (const side in sides) {
    node.setPadding(sides[side], box.padding[side])
    node.setMargin(sides[side], box.margin[side])
    if (box.pins && box.pins[side] !== null) node.setPosition(sides[side], box.pins[side])
  }
  if (box.pins) node.setPositionType(PositionType.Absolute)
  if (box.alignSelf) node.setAlignSelf(aligns[box.alignSelf])
  if (box.width) node.setWidth(size(box.width))
  if (box.height) node.setHeight(size(box.height))
  if (box.minWidth) node.setMinWidth(box.minWidth)
  if (box.minHeight) node.setMinHeight(box.minHeight)
  if (box.maxWidth) node.setMaxWidth(size(box.maxWidth))
  if (box.aspect) node.setAspectRatio(box.aspect)
  node.setFlexGrow(box.grow)
  node.setFlexShrink(box.shrink)
  if (box.basis) node.setFlexBasis(size(box.basis))
  box.children.forEach((child, i) => node.insertChild(build(child), i))
  return node
}

function frame(node) {
  const { left, top, width, height } = node.getComputedLayout()
  return { left, top, width, height, children: Array.from({ length: node.getChildCount() }, (_, i) => frame(node.getChild(i))) }
}

const trees = JSON.parse(readFileSync(0, 'utf8'))
console.log(JSON.stringify(trees.map(({ box, width, height }) => {
  const root = build(box)
  root.setWidth(width)
  if (height !== null) root.setHeight(height)
  root.calculateLayout(undefined, undefined, Direction.LTR)
  const found = frame(root)
  root.freeRecursive()
  return found
})))
