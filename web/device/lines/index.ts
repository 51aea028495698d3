import { defineAsyncComponent, type Component } from 'vue'
import BadgeLine from './BadgeLine.vue'
import ButtonLine from './ButtonLine.vue'
import CardLine from './CardLine.vue'
import ColumnsLine from './ColumnsLine.vue'
import CountdownLine from './CountdownLine.vue'
import DividerLine from './DividerLine.vue'
import FloatingButtonLine from './FloatingButtonLine.vue'
import FoldLine from './FoldLine.vue'
import FormLine from './FormLine.vue'
import FromLine from './FromLine.vue'
import GroupLine from './GroupLine.vue'
import HeadingLine from './HeadingLine.vue'
import IconButtonLine from './IconButtonLine.vue'
import IconLine from './IconLine.vue'
import InputLine from './InputLine.vue'
import LinkLine from './LinkLine.vue'
import ListLine from './ListLine.vue'
import MenuLine from './MenuLine.vue'
import PictureLine from './PictureLine.vue'
import ProgressLine from './ProgressLine.vue'
import RatingLine from './RatingLine.vue'
import RepeatLine from './RepeatLine.vue'
import SectionsLine from './SectionsLine.vue'
import SheetLine from './SheetLine.vue'
import SoundLine from './SoundLine.vue'
import SpaceLine from './SpaceLine.vue'
import TextLine from './TextLine.vue'
import VideoLine from './VideoLine.vue'
import WebPageLine from './WebPageLine.vue'

/** The component of each kind of node; a new kind is registered here. What is heavy comes only where it is used. */
export const lineComponents: Record<string, Component> = {
  heading: HeadingLine,
  text: TextLine,
  picture: PictureLine,
  icon: IconLine,
  badge: BadgeLine,
  progress: ProgressLine,
  rating: RatingLine,
  countdown: CountdownLine,
  divider: DividerLine,
  space: SpaceLine,
  chart: defineAsyncComponent(() => import('./ChartLine.vue')),
  map: defineAsyncComponent(() => import('./MapLine.vue')),
  webPage: WebPageLine,
  video: VideoLine,
  sound: SoundLine,
  list: ListLine,
  button: ButtonLine,
  iconButton: IconButtonLine,
  floatingButton: FloatingButtonLine,
  link: LinkLine,
  menu: MenuLine,
  input: InputLine,
  addForm: FormLine,
  changeForm: FormLine,
  conversation: defineAsyncComponent(() => import('./ConversationLine.vue')),
  from: FromLine,
  group: GroupLine,
  columns: ColumnsLine,
  card: CardLine,
  sections: SectionsLine,
  fold: FoldLine,
  sheet: SheetLine,
  repeat: RepeatLine,
  piece: GroupLine,
}
