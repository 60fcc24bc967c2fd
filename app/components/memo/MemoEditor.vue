<script setup lang="ts">
import { EditorState } from '@codemirror/state'
import { EditorView } from '@codemirror/view'
import { onBeforeUnmount, onMounted, ref } from 'vue'
import { isTyping } from '../../composables/useShortcuts'
import { insert, memoExtensions, prefix, wrap } from './memoEditor'
import FileChooser from '../base/FileChooser.vue'

const props = defineProps<{
  /** As it begins; later changes come from here only. */
  text: string
  tagNames: readonly string[]
  /** Keeps a picture in the plan and gives its address; null when it was refused. */
  picture: (file: File) => Promise<string | null>
}>()
const emit = defineEmits<{ write: [text: string]; keep: []; tag: [name: string] }>()

const host = ref<HTMLElement | null>(null)
let view: EditorView | null = null

onMounted(() => {
  if (!host.value) return
  view = new EditorView({
    parent: host.value,
    state: EditorState.create({
      doc: props.text,
      selection: { anchor: props.text.length },
      extensions: memoExtensions({
        label: 'Memo',
        changed: () => {
          emit('write', view?.state.doc.toString() ?? '')
        },
        keep: () => emit('keep'),
        tagNames: () => props.tagNames,
        tag: name => emit('tag', name),
      }),
    }),
  })
  // Who is typing the name already goes on with it.
  if (!isTyping(document.activeElement)) view.focus()
})
onBeforeUnmount(() => view?.destroy())

const TABLE = '\n| what | who | when |\n| --- | --- | --- |\n|  |  |  |\n'
const TOOLS: readonly { readonly name: string; readonly sign: string; readonly run: (view: EditorView) => boolean }[] =
  [
    { name: 'Heading', sign: 'H', run: target => prefix(target, '## ') },
    { name: 'Bold (Ctrl+B)', sign: 'B', run: target => wrap(target, '**') },
    { name: 'Slanted (Ctrl+I)', sign: 'I', run: target => wrap(target, '_') },
    { name: 'List', sign: '•', run: target => prefix(target, '- ') },
    { name: 'Check list', sign: '☐', run: target => prefix(target, '- [ ] ') },
    { name: 'Table', sign: '▦', run: target => insert(target, TABLE) },
    {
      name: 'Link',
      sign: '↗',
      run: target => {
        const { from, to } = target.state.selection.main
        return insert(target, `[${target.state.sliceDoc(from, to) || 'words'}](https://)`)
      },
    },
    { name: 'Tag: type @@', sign: '@@', run: target => insert(target, '@@') },
  ]
const picker = ref<InstanceType<typeof FileChooser> | null>(null)

/** Pictures become documents beside the memo, and are shown in it. */
async function put(files: readonly File[]): Promise<void> {
  for (const file of files) {
    const address = await props.picture(file)
    if (address !== null && view)
      insert(view, `![${file.name.replace(/\.[^.]*$/, '').replace(/[[\]]/g, '')}](${address})`)
  }
  view?.focus()
}

function pasted(event: ClipboardEvent): void {
  const files = [...(event.clipboardData?.files ?? [])].filter(file => file.type.startsWith('image/'))
  if (files.length === 0) return
  event.preventDefault()
  event.stopPropagation()
  void put(files)
}

function use(run: (view: EditorView) => boolean): void {
  if (!view) return
  run(view)
  view.focus()
}
</script>

<template>
  <div class="memo">
    <div class="tools" role="toolbar" aria-label="Forms of text">
      <v-btn
        v-for="tool in TOOLS"
        :key="tool.name"
        class="tool"
        :title="tool.name"
        :aria-label="tool.name"
        @click="use(tool.run)">
        {{ tool.sign }}
      </v-btn>
      <v-btn class="tool" title="Picture, or paste one" aria-label="Picture" @click="picker?.open()"> Picture </v-btn>
      <FileChooser ref="picker" label="Pictures for the memo" several accept="image/*" @picked="put" />
    </div>
    <div ref="host" class="host" @paste.capture="pasted" />
  </div>
</template>

<style scoped>
.memo {
  display: flex;
  flex-direction: column;
  min-height: 0;
  flex: 1;
  border: 1px solid var(--rule-strong);
  background: var(--on-paper);
}
.tools {
  display: flex;
  gap: 2px;
  border-bottom: 1px solid var(--rule);
  background: var(--sheet);
  padding: 3px 8px;
  flex: none;
}
.tool {
  min-width: 30px;
  padding: 2px 7px;
  font-weight: 600;
  text-align: center;
}
.tool:hover {
  background: var(--act-soft);
  color: var(--act);
}
.host {
  flex: 1;
  min-height: 0;
  overflow: hidden;
}
</style>
