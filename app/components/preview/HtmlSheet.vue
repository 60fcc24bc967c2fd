<script setup lang="ts">
// Markdown and DOCX as clean HTML: made here, stripped of everything that could act or fetch.
import { ref, watch } from 'vue'
import { readBytes } from '../../stores/content'

const props = defineProps<{ id: string; version: number; extension: string }>()
const emit = defineEmits<{ failed: [] }>()
const html = ref('')

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
      if (id === props.id) emit('failed') // a converter's reasons are for programmers; the text that was read is shown instead
    }
  },
  { immediate: true },
)

async function htmlOf(bytes: ArrayBuffer): Promise<string> {
  if (props.extension === 'docx') {
    const { default: mammoth } = await import('mammoth')
    return (await mammoth.convertToHtml({ arrayBuffer: bytes })).value
  }
  const { marked } = await import('marked')
  return marked.parse(new TextDecoder().decode(bytes), { async: true, gfm: true })
}
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- sanitised just above; documents may hold hostile markup -->
  <div class="sheet-html" v-html="html" />
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
