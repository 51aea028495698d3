import { defineAsyncComponent, type Component } from 'vue'

type Load = () => Promise<Component>

/** What is heavy comes only where it is used. */
const late = import.meta.glob<Component>(['./ChartLine.vue', './MapLine.vue', './ConversationLine.vue'], { import: 'default' })
const soon = import.meta.glob<Component>(['./*Line.vue', '!./ChartLine.vue', '!./MapLine.vue', '!./ConversationLine.vue'], { import: 'default', eager: true })

/** “./IconButtonLine.vue” draws the kind “iconButton”. */
const kind = (path: string) => path[2].toLowerCase() + path.slice(3, -'Line.vue'.length)

const own = Object.fromEntries([
  ...Object.entries(soon).map(([path, component]) => [kind(path), component]),
  ...Object.entries(late).map(([path, load]) => [kind(path), defineAsyncComponent(load as Load)]),
]) as Record<string, Component>

/** The component of each kind of node: the one that has its name, or one that draws several kinds. */
export const lineComponents: Record<string, Component> = { ...own, addForm: own.form, changeForm: own.form, piece: own.group }
