<script setup lang="ts">
// Two versions of a text side by side, line by line.
import { diffLines } from 'diff'
import { computed, ref, watch } from 'vue'
import type { CompareRequest } from '../../stores/dialogs'
import { readBytes } from '../../stores/content'
import { refusalOf } from '../../stores/remote'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ request: CompareRequest | null }>()
const emit = defineEmits<{ close: [] }>()
const texts = ref<readonly [string, string] | null>(null)
const refused = ref('')

watch(
  () => props.request,
  async request => {
    texts.value = null
    refused.value = ''
    if (!request) return
    try {
      const [from, to] = await Promise.all([readBytes(request.id, request.from), readBytes(request.id, request.to)])
      if (props.request === request) texts.value = [new TextDecoder().decode(from), new TextDecoder().decode(to)]
    } catch (error) {
      refused.value = refusalOf(error).message
    }
  },
)

interface Line {
  readonly left: string | null
  readonly right: string | null
}
const LINES = 4000

const lines = computed<readonly Line[]>(() => {
  if (!texts.value) return []
  const made: Line[] = []
  let left: string[] = []
  let right: string[] = []
  const flush = () => {
    for (let index = 0; index < Math.max(left.length, right.length); index++)
      made.push({ left: left[index] ?? null, right: right[index] ?? null })
    left = []
    right = []
  }
  for (const part of diffLines(texts.value[0], texts.value[1])) {
    const some = part.value.replace(/\n$/, '').split('\n')
    if (part.removed) left.push(...some)
    else if (part.added) right.push(...some)
    else {
      flush()
      made.push(...some.map(line => ({ left: line, right: line })))
    }
  }
  flush()
  return made.slice(0, LINES)
})
const differing = computed(() => lines.value.filter(line => line.left !== line.right).length)
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="960"
    label="Compare versions"
    :title="request ? `${request.name}: version ${request.from} beside version ${request.to}` : ''"
    @leave="emit('close')">
    <p v-if="refused" class="warn" role="alert">
      {{ refused }}
    </p>
    <p v-else-if="texts" class="second">
      {{
        differing === 0 ? 'They read the same.' : `${differing} ${differing === 1 ? 'line differs' : 'lines differ'}.`
      }}
    </p>
    <div class="sides" role="table" aria-label="Lines of both versions">
      <div
        v-for="(line, index) in lines"
        :key="index"
        class="line"
        role="row"
        :class="{ differs: line.left !== line.right }">
        <span role="cell" :class="{ gone: line.left !== line.right && line.left !== null }">{{ line.left }}</span><span
          role="cell"
          :class="{ come: line.left !== line.right && line.right !== null }"
          >{{ line.right }}</span
        >
      </div>
    </div>
    <template #acts>
      <v-btn class="act main" data-begins @click="emit('close')"> Close <span class="key">Esc</span> </v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.sides {
  max-height: 55vh;
  overflow-y: auto;
  border: 1px solid var(--rule);
  margin-top: 8px;
  font-size: 12.5px;
}
.line {
  display: grid;
  grid-template-columns: 1fr 1fr;
}
.line span {
  white-space: pre-wrap;
  overflow-wrap: anywhere;
  padding: 1px 8px;
  min-height: 18px;
  border-right: 1px solid var(--rule);
}
.gone {
  background: color-mix(in srgb, var(--warn) 16%, transparent);
  text-decoration: line-through;
  text-decoration-color: var(--ink-3);
}
.come {
  background: var(--act-soft);
  font-weight: 600;
}
</style>
