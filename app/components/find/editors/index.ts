// The control that the row of a rule shows, for each that a field can ask for (core/find/fields).

import type { Component } from 'vue'
import type { Editor } from '../../../../core/find/index'
import ChoicesEditor from './ChoicesEditor.vue'
import EmptyEditor from './EmptyEditor.vue'
import PlaceEditor from './PlaceEditor.vue'
import SizeEditor from './SizeEditor.vue'
import StarEditor from './StarEditor.vue'
import TextEditor from './TextEditor.vue'
import TimeEditor from './TimeEditor.vue'
import WordsEditor from './WordsEditor.vue'

/** Each takes the `rule` and emits `change` with the one that is to take its place. */
export const EDITORS: Readonly<Record<Editor, Component | null>> = {
  words: WordsEditor,
  text: TextEditor,
  time: TimeEditor,
  size: SizeEditor,
  place: PlaceEditor,
  choices: ChoicesEditor,
  star: StarEditor,
  empty: EmptyEditor,
  nothing: null,
}
