import { defineAsyncComponent, h, type Component } from 'vue'
import type { Box } from '../../contracts/view'

/** What every control is given, and what it tells. */
export interface Control {
  id: string
  box: Box
  modelValue: string
  wrong: boolean
  /** Under this name its choices are searched where they are more than the device has; '' where they are not. */
  searched: string
}

type Load = () => Promise<Component>
const soon = import.meta.glob<Component>(['./{Text,LongText,Switch,Choice}Control.vue'], { import: 'default', eager: true })
const late = import.meta.glob<Component>(['./*Control.vue', '!./{Text,LongText,Switch,Choice}Control.vue'], { import: 'default' })

/** “./LongTextControl.vue” is the control “longText”. */
const kind = (path: string) => path[2].toLowerCase() + path.slice(3, -'Control.vue'.length)

/** Until it has come, its room is kept. */
const loadingComponent = () => h('span', { class: 'line-control' })

const own: Record<string, Component> = Object.fromEntries([
  ...Object.entries(soon).map(([path, control]) => [kind(path), control]),
  ...Object.entries(late).map(([path, load]) => [kind(path), defineAsyncComponent({ loader: load as Load, loadingComponent, delay: 0 })]),
])
const others: Record<string, Component> = { row: own.choice, rows: own.choices, video: own.recording, sound: own.recording }

/** The component that asks for it: the one of its name, or a line of text. */
export const controlOf = (control: string): Component => own[control] ?? others[control] ?? own.text
