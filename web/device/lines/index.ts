import type { Component } from 'vue'
import BadgeLine from './BadgeLine.vue'
import ButtonLine from './ButtonLine.vue'
import CountdownLine from './CountdownLine.vue'
import DividerLine from './DividerLine.vue'
import FormLine from './FormLine.vue'
import HeadingLine from './HeadingLine.vue'
import IconLine from './IconLine.vue'
import InputLine from './InputLine.vue'
import ListLine from './ListLine.vue'
import PictureLine from './PictureLine.vue'
import ProgressLine from './ProgressLine.vue'
import RatingLine from './RatingLine.vue'
import SpaceLine from './SpaceLine.vue'
import TextLine from './TextLine.vue'

/** The component of each kind of node; a new kind is registered here. */
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
  list: ListLine,
  button: ButtonLine,
  input: InputLine,
  addForm: FormLine,
  changeForm: FormLine,
}
