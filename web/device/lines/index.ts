import { defineAsyncComponent, type Component } from 'vue'

type Load = () => Promise<Component>

/** What is heavy or rare comes only where it is used; what is asked on most screens but the first comes when there is nothing else to do. */
const late = import.meta.glob<Component>(
  ['./{Chart,Map,Conversation,Video,Sound,WebPage}Line.vue', './{Inbox,Channels,LanguageChoice,NewerVersion}Line.vue'],
  { import: 'default' },
)
const next = import.meta.glob<Component>(['./{Form,Input,Offer,Sheet,Pages,Sections,Menu}Line.vue'], { import: 'default' })
const soon = import.meta.glob<Component>(
  [
    './*Line.vue',
    '!./{Chart,Map,Conversation,Video,Sound,WebPage}Line.vue',
    '!./{Inbox,Channels,LanguageChoice,NewerVersion}Line.vue',
    '!./{Form,Input,Offer,Sheet,Pages,Sections,Menu}Line.vue',
  ],
  { import: 'default', eager: true },
)

/** “./IconButtonLine.vue” draws the kind “iconButton”. */
const kind = (path: string) => path[2].toLowerCase() + path.slice(3, -'Line.vue'.length)

const own = Object.fromEntries([
  ...Object.entries(soon).map(([path, component]) => [kind(path), component]),
  ...Object.entries({ ...late, ...next }).map(([path, load]) => [kind(path), defineAsyncComponent(load as Load)]),
]) as Record<string, Component>

/** The component of each kind of node: the one that has its name, or one that draws several kinds. */
export const lineComponents: Record<string, Component> = { ...own, addForm: own.form, changeForm: own.form, piece: own.group }

/** So that a form or a question is there as soon as it is wanted. */
export function fetchNext(): void {
  const idle = window.requestIdleCallback ?? ((work: () => void) => setTimeout(work, 1000))
  idle(() => void Promise.all([...Object.values(next).map((load) => load()), import('../AskedBox.vue'), import('../EntryList.vue')]).catch(() => undefined))
}
