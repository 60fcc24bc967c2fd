<script setup lang="ts">
import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { openSearchPanel } from '@codemirror/search'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import type { DraftLine } from '../../../core/draft/index'
import { insertLines, indentBranch, moveBranchDown, moveBranchUp, outdentBranch } from './branchCommands'
import { editorExtensions } from './draftEditor'
import type { Identities } from './lineIdentity'
import { identities, setIdentities } from './lineIdentity'
import type { LineNote } from './lineNotes'
import { setNotes } from './lineNotes'

const props = defineProps<{
  /** Put in place of what is there whenever a new object comes. */
  content: { readonly text: string; readonly folderIds: Identities } | null
  notes: readonly LineNote[]
}>()
const emit = defineEmits<{
  write: [text: string, folderIds: Identities]
  /** The line of the cursor, from 0, and its text. */
  at: [line: number, text: string]
  apply: []
}>()

const host = ref<HTMLElement | null>(null)
let view: EditorView | null = null

onMounted(() => {
  if (!host.value) return
  view = new EditorView({ parent: host.value, state: begin() })
  tell()
  view.focus()
})
onBeforeUnmount(() => view?.destroy())

function begin(): EditorState {
  const { text, folderIds } = props.content ?? { text: '', folderIds: [null] }
  const state = EditorState.create({
    doc: text,
    extensions: editorExtensions({
      label: 'Draft: one folder a line, indent to go inside',
      apply: () => emit('apply'),
      changed: update => {
        if (update.docChanged || update.startState.field(identities) !== update.state.field(identities))
          emit('write', update.state.doc.toString(), update.state.field(identities))
        if (update.docChanged || update.selectionSet) tell()
      },
    }),
  })
  return state.update({ effects: setIdentities.of(folderIds) }).state
}

function tell(): void {
  if (!view) return
  const line = view.state.doc.lineAt(view.state.selection.main.head)
  emit('at', line.number - 1, line.text)
}

watch(
  () => props.content,
  content => {
    if (!view || !content) return
    const { main } = view.state.selection
    view.setState(begin())
    view.dispatch({ selection: { anchor: Math.min(main.head, view.state.doc.length) } })
  },
)

watch(
  () => props.notes,
  notes => view?.dispatch({ effects: setNotes.of(notes) }),
)

/** Writes a line anew, keeping its indentation. */
function setLine(index: number, text: string): void {
  if (!view || index >= view.state.doc.lines) return
  const line = view.state.doc.line(index + 1)
  const indent = /^\t*/.exec(line.text)?.[0] ?? ''
  view.dispatch({ changes: { from: line.from + indent.length, to: line.to, insert: text }, userEvent: 'input' })
}

function goTo(index: number): void {
  if (!view || index >= view.state.doc.lines) return
  const line = view.state.doc.line(index + 1)
  view.dispatch({ selection: { anchor: line.to }, effects: EditorView.scrollIntoView(line.from, { y: 'center' }) })
  view.focus()
}

const run = (command: (target: EditorView) => boolean) => () => {
  if (view) {
    command(view)
    view.focus()
  }
}
defineExpose({
  setLine,
  goTo,
  insert: (lines: readonly DraftLine[]) => {
    if (view) {
      insertLines(view, lines)
      view.focus()
    }
  },
  indent: run(indentBranch),
  outdent: run(outdentBranch),
  up: run(moveBranchUp),
  down: run(moveBranchDown),
  search: run(openSearchPanel),
})
</script>

<template>
  <div ref="host" class="editor" />
</template>

<style scoped>
.editor {
  border: 1px solid var(--rule-strong);
  background: var(--sheet);
  min-height: 0;
  overflow: hidden;
}
.editor:focus-within {
  outline: 2px solid var(--act);
  outline-offset: -1px;
}
</style>
