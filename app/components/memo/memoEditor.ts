// The editor of memos: Markdown with the keys of a text editor. "@@" offers tags without leaving the text.

import type { CompletionContext, CompletionResult } from '@codemirror/autocomplete'
import { autocompletion, completionKeymap } from '@codemirror/autocomplete'
import { defaultKeymap, history, historyKeymap, indentWithTab } from '@codemirror/commands'
import { insertNewlineContinueMarkup, markdown, markdownLanguage } from '@codemirror/lang-markdown'
import { HighlightStyle, syntaxHighlighting } from '@codemirror/language'
import { highlightSelectionMatches, search, searchKeymap } from '@codemirror/search'
import type { Extension } from '@codemirror/state'
import { EditorView, drawSelection, keymap } from '@codemirror/view'
import { tags } from '@lezer/highlight'

const look = EditorView.theme({
  '&': { height: '100%', fontSize: '15px', background: '#fff', color: '#1d272b' },
  '&.cm-focused': { outline: 'none' },
  '.cm-scroller': { fontFamily: 'var(--sans)', lineHeight: '1.6', padding: '28px 40px' },
  '.cm-cursor': { borderLeft: '2px solid #0b4f5a' },
  '.cm-tooltip': { background: 'var(--sheet)', color: 'var(--ink)', border: '1px solid var(--ink)' },
  '.cm-tooltip-autocomplete > ul > li[aria-selected]': { background: 'var(--act-soft)', color: 'var(--ink)' },
  '.cm-panels': { background: 'var(--strip)', color: 'var(--ink)' },
})

const written = HighlightStyle.define([
  { tag: tags.heading1, fontFamily: 'var(--serif)', fontSize: '1.5em', fontWeight: '600' },
  { tag: tags.heading2, fontFamily: 'var(--serif)', fontSize: '1.25em', fontWeight: '600' },
  { tag: tags.heading3, fontFamily: 'var(--serif)', fontWeight: '600' },
  { tag: tags.strong, fontWeight: '700' },
  { tag: tags.emphasis, fontStyle: 'italic' },
  { tag: tags.strikethrough, textDecoration: 'line-through' },
  { tag: tags.link, color: '#0b4f5a' },
  { tag: tags.url, color: '#5b6361' },
  { tag: tags.quote, color: '#4c585c', fontStyle: 'italic' },
  { tag: tags.processingInstruction, color: '#8b8f86' },
  { tag: tags.monospace, fontFamily: 'monospace' },
])

export interface MemoSettings {
  readonly label: string
  readonly changed: () => void
  readonly keep: () => void
  /** Names of tags that there are. */
  readonly tagNames: () => readonly string[]
  readonly tag: (name: string) => void
}

export function memoExtensions({ label, changed, keep, tagNames, tag }: MemoSettings): Extension {
  return [
    history(),
    drawSelection(),
    highlightSelectionMatches(),
    search({ top: true }),
    EditorView.lineWrapping,
    markdown({ base: markdownLanguage, addKeymap: true }),
    syntaxHighlighting(written),
    look,
    autocompletion({ override: [context => offerTags(context, tagNames(), tag)], icons: false }),
    keymap.of([
      {
        key: 'Mod-s',
        run: () => {
          keep()
          return true
        },
        preventDefault: true,
      },
      { key: 'Mod-b', run: view => wrap(view, '**') },
      { key: 'Mod-i', run: view => wrap(view, '_') },
      { key: 'Enter', run: insertNewlineContinueMarkup },
      ...completionKeymap,
      ...searchKeymap,
      ...historyKeymap,
      ...defaultKeymap,
      indentWithTab,
    ]),
    EditorView.contentAttributes.of({ 'aria-label': label, spellcheck: 'true', tabindex: '0' }),
    EditorView.updateListener.of(update => {
      if (update.docChanged) changed()
    }),
  ]
}

/** After "@@" the tags; what is chosen, or typed to its end, goes onto the memo and out of the text. */
function offerTags(
  context: CompletionContext,
  names: readonly string[],
  tag: (name: string) => void,
): CompletionResult | null {
  const word = context.matchBefore(/@@[\p{L}\p{N} -]*$/u)
  if (!word) return null
  const typed = word.text.slice(2).trim()
  const apply = (name: string) => (view: EditorView, _: unknown, from: number, to: number) => {
    view.dispatch({ changes: { from: from - 2, to, insert: '' } })
    tag(name)
  }
  const known = names.map(name => ({ label: name, apply: apply(name) }))
  const made =
    typed === '' || names.some(name => name.toLowerCase() === typed.toLowerCase())
      ? []
      : [{ label: typed, detail: 'new tag', apply: apply(typed), boost: -1 }]
  return { from: word.from + 2, options: [...known, ...made], validFor: undefined }
}

/** Puts signs around what is selected, or takes them away. */
export function wrap(view: EditorView, sign: string): boolean {
  const { from, to } = view.state.selection.main
  const text = view.state.sliceDoc(from, to)
  const isWrapped = text.startsWith(sign) && text.endsWith(sign) && text.length >= 2 * sign.length
  const insert = isWrapped ? text.slice(sign.length, -sign.length) : `${sign}${text}${sign}`
  view.dispatch({
    changes: { from, to, insert },
    selection: {
      anchor: from + (text === '' ? sign.length : 0),
      head: from + (text === '' ? sign.length : insert.length),
    },
  })
  return true
}

/** Puts a sign before each selected line, or takes it away where all have it. */
export function prefix(view: EditorView, sign: string): boolean {
  const { from, to } = view.state.selection.main
  const lines = []
  for (let number = view.state.doc.lineAt(from).number; number <= view.state.doc.lineAt(to).number; number++)
    lines.push(view.state.doc.line(number))
  const all = lines.every(line => line.text.startsWith(sign))
  view.dispatch({
    changes: lines.map(line =>
      all ? { from: line.from, to: line.from + sign.length } : { from: line.from, insert: sign },
    ),
  })
  return true
}

export function insert(view: EditorView, text: string): boolean {
  const { from, to } = view.state.selection.main
  view.dispatch({ changes: { from, to, insert: text }, selection: { anchor: from + text.length } })
  return true
}
