<script setup lang="ts">
// Markdown and DOCX as clean HTML: made here, stripped of everything that could act or fetch.
import { ref, watch } from 'vue'
import { ticksIn } from '../../../core/text/index'
import { takeKey } from '../../composables/useShortcuts'
import { readBytes } from '../../stores/content'
import { tickLine } from '../../stores/ticking'

const props = defineProps<{ id: string; version: number; extension: string }>()
const emit = defineEmits<{ failed: [] }>()
const html = ref('')
const sheet = ref<HTMLElement | null>(null)
/** How many lines of the memo can be ticked. */
const ticks = ref(0)

watch(
  () => [props.id, props.version],
  async () => {
    const { id } = props
    try {
      const [{ default: purify }, made] = await Promise.all([
        import('dompurify'),
        htmlOf(await readBytes(id, props.version)),
      ])
      if (id === props.id)
        html.value = purify.sanitize(made, {
          USE_PROFILES: { html: true },
          FORBID_TAGS: ['style', 'form', 'input', 'button', 'iframe'],
          FORBID_ATTR: ['style'],
          ALLOWED_URI_REGEXP:
            /^(?:https?:|mailto:|data:image\/|#|\/api\/documents\/[0-9a-f-]{36}\/content\?inline=1$)/i,
        })
    } catch {
      // A converter's reasons are for programmers; the text that was read is shown instead.
      if (id === props.id) emit('failed')
    }
  },
  { immediate: true },
)

async function htmlOf(bytes: ArrayBuffer): Promise<string> {
  if (props.extension === 'docx') {
    const { default: mammoth } = await import('mammoth')
    return (await mammoth.convertToHtml({ arrayBuffer: bytes })).value
  }
  const { Marked } = await import('marked')
  const text = new TextDecoder().decode(bytes)
  ticks.value = ticksIn(text).length
  // A box of the browser would be taken out with all else that can act.
  const checkbox = ({ checked }: { checked: boolean }) =>
    `<span class="tick" role="checkbox" aria-checked="${checked}" aria-label="done"></span> `
  return new Marked({ renderer: { checkbox } }).parse(text, { async: true, gfm: true })
}

/** Those of the memo; none where the text's own markup looks like some, so that the wrong one is never ticked. */
function ticksShown(): readonly HTMLElement[] {
  const shown = [...(sheet.value?.querySelectorAll<HTMLElement>('.tick') ?? [])]
  return shown.length === ticks.value ? shown : []
}
watch(
  html,
  () => {
    for (const one of ticksShown()) one.tabIndex = 0
  },
  { flush: 'post' },
)

/** Ticks what was clicked, or has the keys. */
function tick({ target }: Event): boolean {
  const index = ticksShown().findIndex(one => one === target)
  if (index < 0 || !(target instanceof HTMLElement)) return false
  const isDone = target.getAttribute('aria-checked') !== 'true'
  target.setAttribute('aria-checked', String(isDone)) // at once; what was kept is shown when it comes back
  void tickLine(props.id, index, ticks.value, isDone)
  return true
}

function press(event: KeyboardEvent): void {
  if ((event.key === ' ' || event.key === 'Enter') && tick(event)) takeKey(event)
}
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- sanitised just above; documents may hold hostile markup -->
  <div ref="sheet" class="sheet-html" @click="tick" @keydown="press" v-html="html" />
</template>

<style scoped>
.sheet-html {
  overflow-wrap: anywhere;
  line-height: 1.5;
}
/* Each paragraph runs the way of its own script. */
.sheet-html :deep(:is(p, li, td, th, h1, h2, h3, h4, pre)) {
  unicode-bidi: plaintext;
  text-align: start;
}
.sheet-html :deep(h1) {
  font-size: 1.5em;
  margin: 0.2em 0 0.4em;
}
.sheet-html :deep(h2) {
  font-size: 1.25em;
  margin: 0.8em 0 0.3em;
}
.sheet-html :deep(h3) {
  font-size: 1.08em;
  margin: 0.7em 0 0.3em;
}
.sheet-html :deep(p) {
  margin-bottom: 0.7em;
}
.sheet-html :deep(ul),
.sheet-html :deep(ol) {
  padding-left: 1.5em;
  margin-bottom: 0.7em;
}
.sheet-html :deep(.tick) {
  display: inline-block;
  width: 15px;
  height: 15px;
  margin: 0 6px 0 -1.4em;
  border: 1.5px solid var(--ink-2);
  vertical-align: -2px;
  cursor: pointer;
}
.sheet-html :deep(.tick[aria-checked='true']) {
  background: linear-gradient(45deg, transparent 30%, var(--act) 30% 70%, transparent 70%);
  border-color: var(--act);
}
.sheet-html :deep(li:has(> .tick, > p > .tick)) {
  list-style: none;
}
.sheet-html :deep(table) {
  border-collapse: collapse;
  margin-bottom: 0.8em;
}
.sheet-html :deep(td),
.sheet-html :deep(th) {
  border: 1px solid var(--rule-strong);
  padding: 3px 8px;
}
.sheet-html :deep(img) {
  max-width: 100%;
}
.sheet-html :deep(pre) {
  white-space: pre-wrap;
}
</style>
