// The editor of a draft: a text editor that knows lines with what is below them.

import { defaultKeymap, history, historyKeymap, insertNewlineKeepIndent } from '@codemirror/commands'
import { codeFolding, foldGutter, foldKeymap, foldService } from '@codemirror/language'
import { highlightSelectionMatches, search, searchKeymap } from '@codemirror/search'
import type { Extension } from '@codemirror/state'
import { EditorState } from '@codemirror/state'
import type { DecorationSet, ViewUpdate } from '@codemirror/view'
import {
  Decoration,
  drawSelection,
  EditorView,
  highlightActiveLine,
  keymap,
  lineNumbers,
  MatchDecorator,
  ViewPlugin,
} from '@codemirror/view'
import { indentBranch, moveBranchDown, moveBranchUp, outdentBranch, pasteOutline } from './branchCommands'
import { dragLines } from './dragLines'
import { lineIdentity } from './lineIdentity'
import { lineNotes } from './lineNotes'

/** Lines deeper than this one fold with it. */
const branches = foldService.of((state, from) => {
  const line = state.doc.lineAt(from)
  const depth = indentOf(line.text)
  let end = line.number
  for (let number = line.number + 1; number <= state.doc.lines; number++) {
    const { text } = state.doc.line(number)
    if (text.trim() === '') continue
    if (indentOf(text) <= depth) break
    end = number
  }
  return end > line.number ? { from: line.to, to: state.doc.line(end).to } : null
})

const indentOf = (text: string) => /^\t*/.exec(text)?.[0].length ?? 0

const NUMBER = /(^\t*#(?:-|[\p{L}\p{N}]+)(?=\s|$))/u
const MEANING = /(\s\[(?:[^[\]\\]|\\.)+\](?=\s*$|\s+--\s))/u
const PURPOSE = /((?:\s|^)--\s.*$)/u
const PATTERN = /((?<!\\)\{[^}]*\})/u

const PIECES = new MatchDecorator({
  regexp: new RegExp([NUMBER, MEANING, PURPOSE, PATTERN].map(({ source }) => source).join('|'), 'gmu'),
  decoration: match =>
    Decoration.mark({
      class: match[1] ? 'piece-number' : match[2] ? 'piece-meaning' : match[3] ? 'piece-purpose' : 'piece-pattern',
    }),
})

const pieces = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet
    constructor(view: EditorView) {
      this.decorations = PIECES.createDeco(view)
    }
    update(update: ViewUpdate) {
      this.decorations = PIECES.updateDeco(update, this.decorations)
    }
  },
  { decorations: plugin => plugin.decorations },
)

const look = EditorView.theme({
  '&': { height: '100%', fontSize: '13.5px', background: 'var(--sheet)', color: 'var(--ink)' },
  '&.cm-focused': { outline: 'none' },
  '.cm-scroller': { fontFamily: 'var(--sans)', lineHeight: '27px' },
  '.cm-content': { caretColor: 'var(--act)', padding: '6px 0' },
  '.cm-cursor': { borderLeft: '2px solid var(--act)' },
  '.cm-gutters': { background: 'var(--sheet)', color: 'var(--ink-3)', border: '0', fontSize: '11.5px' },
  '.cm-lineNumbers .cm-gutterElement': { minWidth: '34px', padding: '0 8px 0 6px' },
  '.cm-activeLine': { background: 'var(--act-soft)' },
  '.cm-activeLineGutter': { background: 'none' },
  '&.cm-focused > .cm-scroller > .cm-selectionLayer .cm-selectionBackground, .cm-selectionBackground': {
    background: 'color-mix(in srgb, var(--act) 24%, transparent) !important',
  },
  '.cm-selectionMatch': { background: 'var(--hit)' },
  '.cm-searchMatch': { background: 'var(--hit)' },
  '.cm-searchMatch-selected': { background: 'var(--hit-on)' },
  '.cm-panels': { background: 'var(--strip)', color: 'var(--ink)', fontFamily: 'var(--sans)' },
  '.cm-panels-top': { borderBottom: '1px solid var(--rule-strong)' },
  '.cm-panel.cm-search': { padding: '6px 10px', fontSize: '12.5px' },
  '.cm-textfield': {
    border: '1px solid var(--rule-strong)',
    background: 'var(--sheet)',
    color: 'var(--ink)',
    borderRadius: '0',
    fontSize: '13px',
    padding: '3px 6px',
  },
  '.cm-button': {
    border: '1px solid var(--ink)',
    background: 'var(--sheet)',
    backgroundImage: 'none',
    color: 'var(--act)',
    borderRadius: '0',
    fontWeight: '600',
    fontSize: '12.5px',
  },
  '.cm-foldPlaceholder': { background: 'none', border: '0', color: 'var(--ink-3)' },
  '.piece-number': { color: 'var(--ink-2)', fontWeight: '600' },
  '.piece-meaning': { color: 'var(--ink-3)' },
  '.piece-purpose': { color: 'var(--ink-2)', fontStyle: 'italic' },
  '.piece-pattern': { color: 'var(--act)', fontWeight: '600' },
})

const WORDS = EditorState.phrases.of({
  Find: 'Find in the draft',
  Replace: 'Put in its place',
  next: 'Next',
  previous: 'Previous',
  all: 'Mark all',
  replace: 'Replace',
  'replace all': 'Replace all',
  close: 'Close',
  'match case': 'capitals count',
  'by word': 'whole words',
  regexp: 'pattern',
})

export interface EditorSettings {
  readonly label: string
  readonly changed: (update: ViewUpdate) => void
  readonly apply: () => void
}

export function editorExtensions({ label, changed, apply }: EditorSettings): Extension {
  return [
    lineIdentity,
    lineNumbers(),
    dragLines,
    branches,
    codeFolding({ placeholderText: '…' }),
    foldGutter({ openText: '▾', closedText: '▸' }),
    history(),
    drawSelection(),
    highlightActiveLine(),
    highlightSelectionMatches({ minSelectionLength: 3 }),
    search({ top: true }),
    // A long purpose goes on below; scrolled sideways, the beginnings of names would be out of sight.
    EditorView.lineWrapping,
    EditorState.tabSize.of(7),
    EditorState.allowMultipleSelections.of(false),
    WORDS,
    pieces,
    lineNotes,
    look,
    keymap.of([
      {
        key: 'Mod-Enter',
        run: () => {
          apply()
          return true
        },
      },
      { key: 'Tab', run: indentBranch, shift: outdentBranch },
      { key: 'Enter', run: insertNewlineKeepIndent },
      { key: 'Alt-ArrowUp', run: moveBranchUp },
      { key: 'Alt-ArrowDown', run: moveBranchDown },
      { key: 'Alt-ArrowRight', run: indentBranch },
      { key: 'Alt-ArrowLeft', run: outdentBranch },
      // Without it the Tab key would hold the keyboard here: Esc, then Tab, goes on to the next field.
      {
        key: 'Escape',
        run: view => {
          view.contentDOM.blur()
          return true
        },
      },
      ...searchKeymap.filter(binding => binding.key !== 'Escape'),
      ...historyKeymap,
      ...foldKeymap,
      ...defaultKeymap,
    ]),
    EditorView.domEventHandlers({
      paste: (event, view) => {
        const taken = pasteOutline(view, event.clipboardData?.getData('text/plain') ?? '')
        if (taken) event.preventDefault()
        return taken
      },
    }),
    EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'true', tabindex: '0' }),
    EditorView.updateListener.of(changed),
  ]
}
