<script setup lang="ts">
// How documents filed in the folder are called: parts that are clicked together, with signs between.
import { computed, nextTick, ref } from 'vue'
import type { FolderId } from '../../../core/ids'
import type { NamePart } from '../../../core/plan/index'
import { isNamePart, NAME_PARTS, PATTERN_TEXT_LIMIT, wrongPattern } from '../../../core/plan/index'
import { useActs } from '../../stores/acts'
import LineField from '../base/LineField.vue'

const props = defineProps<{ id: FolderId; pattern: string | null }>()
const acts = useActs()
const isOpen = ref(false)
const text = ref('')
const field = ref<InstanceType<typeof LineField> | null>(null)

const SAMPLES: Record<NamePart, string> = {
  date: '2026-11-25',
  title: 'Berth lease',
  folder: 'Leases',
  sender: 'Rona Vail',
  name: 'lease',
  number: '07',
}
const wrong = computed(() => (text.value.trim() === '' ? null : wrongPattern(text.value)))
const sample = computed(() =>
  text.value.replace(/\{(\w+)\}/g, (whole, part: string) => (isNamePart(part) ? SAMPLES[part] : whole)),
)

function begin(): void {
  text.value = props.pattern ?? ''
  isOpen.value = true
  void nextTick(() => field.value?.focus())
}

function add(part: NamePart): void {
  const at = field.value?.input()?.selectionStart ?? text.value.length
  const before = text.value.slice(0, at)
  text.value = `${before}${before === '' || /\s$/.test(before) ? '' : ' '}{${part}}${text.value.slice(at)}`
  void nextTick(() => field.value?.focus())
}

async function keep(): Promise<void> {
  if (wrong.value !== null) return
  const pattern = text.value.trim() || null
  if (pattern !== props.pattern && !(await acts.act({ kind: 'folder.names', id: props.id, pattern })).ok) return
  isOpen.value = false
}
</script>

<template>
  <v-btn
    v-if="!isOpen"
    class="note"
    :class="{ quiet: pattern === null }"
    title="How documents filed here are called"
    @click="begin">
    {{ pattern ?? 'as most are called here' }}
  </v-btn>
  <div v-else class="edit">
    <LineField
      ref="field"
      v-model="text"
      class="line-field"
      aria-label="Pattern of names"
      placeholder="{date} {title}"
      :maxlength="PATTERN_TEXT_LIMIT"
      @keydown.enter.prevent="keep"
      @keydown.esc.stop="isOpen = false"
      @keydown.stop />
    <p class="parts">
      <v-btn v-for="part in NAME_PARTS" :key="part" class="place" @click="add(part)">
        {{ part }}
      </v-btn>
    </p>
    <p v-if="wrong" class="warn" role="alert">
      {{ wrong }}
    </p>
    <p v-else-if="text.trim() !== ''" class="quiet">for example: {{ sample }}</p>
    <p class="parts">
      <v-btn class="act" :disabled="wrong !== null" @click="keep"> Keep <span class="key">Enter</span> </v-btn>
      <v-btn class="act" @click="isOpen = false">Leave it</v-btn>
    </p>
  </div>
</template>

<style scoped>
.note {
  padding: 1px 3px;
  margin: -1px -3px;
  overflow-wrap: anywhere;
}
.note:hover {
  background: var(--act-soft);
}
.edit {
  display: grid;
  gap: 4px;
}
.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 9px;
  font-size: 12.5px;
}
.quiet {
  font-size: 12px;
}
</style>
