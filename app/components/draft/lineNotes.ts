// What the comparison says of a line, behind its words: how many folders it makes, what is wrong, what to think of.

import type { Range } from '@codemirror/state'
import { StateEffect, StateField } from '@codemirror/state'
import type { DecorationSet } from '@codemirror/view'
import { Decoration, EditorView, WidgetType } from '@codemirror/view'

export interface LineNote {
  /** From 0. */
  readonly line: number
  readonly text: string
  readonly kind: 'makes' | 'fault' | 'hint'
}

export const setNotes = StateEffect.define<readonly LineNote[]>()

class NoteWidget extends WidgetType {
  constructor(readonly note: LineNote) {
    super()
  }
  override eq(other: NoteWidget): boolean {
    return other.note.text === this.note.text && other.note.kind === this.note.kind
  }
  toDOM(): HTMLElement {
    const element = document.createElement('span')
    element.className = `note note-${this.note.kind}`
    element.textContent = this.note.text
    return element
  }
}

export const lineNotes = [
  StateField.define<DecorationSet>({
    create: () => Decoration.none,
    update(set, transaction) {
      const effect = transaction.effects.find(candidate => candidate.is(setNotes))
      if (!effect) return set.map(transaction.changes)
      const doc = transaction.newDoc
      const ranges = (effect.value as readonly LineNote[])
        .filter(note => note.line < doc.lines)
        .map((note): Range<Decoration> =>
          Decoration.widget({ widget: new NoteWidget(note), side: 1 }).range(doc.line(note.line + 1).to),
        )
      return Decoration.set(ranges, true)
    },
    provide: field => EditorView.decorations.from(field),
  }),
  EditorView.theme({
    '.note': {
      marginLeft: '18px',
      fontSize: '12px',
      color: 'var(--ink-3)',
      fontStyle: 'normal',
      pointerEvents: 'none',
    },
    '.note-fault': { color: 'var(--warn)', fontWeight: '600' },
    '.note-hint': { color: 'var(--ink-2)' },
  }),
]
