import type { Component } from 'vue'
import ButtonLine from './ButtonLine.vue'
import FormLine from './FormLine.vue'
import HeadingLine from './HeadingLine.vue'
import InputLine from './InputLine.vue'
import ListLine from './ListLine.vue'
import PictureLine from './PictureLine.vue'
import TextLine from './TextLine.vue'

/** The component of each kind of node; a new kind is registered here. */
export const lineComponents: Record<string, Component> = {
  heading: HeadingLine,
  text: TextLine,
  picture: PictureLine,
  list: ListLine,
  button: ButtonLine,
  input: InputLine,
  addForm: FormLine,
  changeForm: FormLine,
}
