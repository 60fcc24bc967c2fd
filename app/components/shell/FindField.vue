<script setup lang="ts">
// The find field: folders by code or name, documents by name, each with its place, while typing.
// Enter goes there, Alt+Enter shows it in the plan, Shift+Enter searches the words inside as well.
import { watchDebounced } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { ListedDocument } from '../../../contract/document'
import { findFolders } from '../../../core/find/index'
import type { FolderId, TagId } from '../../../core/ids'
import type { KeptSearch } from '../../../contract/plan'
import { foldedText, suggest } from '../../../core/text/index'
import { useNames } from '../../stores/names'
import { useOpenPlace } from '../../composables/useOpenPlace'
import { useLately } from '../../stores/lately'
import { usePlan } from '../../stores/plan'
import { usePlaceNames } from '../../stores/placeNames'
import { useTagList } from '../../stores/tagList'
import { useSearches } from '../../stores/searches'
import ColourStripe from '../common/ColourStripe.vue'
import TypeMark from '../common/TypeMark.vue'
import LineField from '../base/LineField.vue'

const plan = usePlan()
const placeNames = usePlaceNames()
const tagList = useTagList()
const names = useNames()
const openPlace = useOpenPlace()
const [lately, searches] = [useLately(), useSearches()]
const FEW = 5
const opened = computed(() => (lately.loaded.state === 'ready' ? lately.loaded.value.opened.slice(0, FEW) : []))

function focused(): void {
  isOpen.value = true
  at.value = 0
  if (typed.value === '') void lately.load()
}
const router = useRouter()
const typed = ref('')
const at = ref(0)
const isOpen = ref(false)
const field = ref<InstanceType<typeof LineField> | null>(null)

defineExpose({
  focus: () => {
    field.value?.focus()
    field.value?.select()
  },
})

watchDebounced(typed, text => names.look(text), { debounce: 60 })

interface Answer {
  readonly key: string
  readonly kind: 'folder' | 'document' | 'tag' | 'kept' | 'search'
  readonly name: string
  readonly code: string
  readonly row?: ListedDocument
  readonly folderId: FolderId | null
}

const answers = computed<readonly Answer[]>(() => {
  // Before the first letter: what was opened last, and kept searches.
  if (typed.value.trim() === '')
    return [...opened.value.map(documentAnswer), ...searches.pinned.slice(0, FEW).map(keptAnswer)]
  const folders = findFolders(placeNames.findable, typed.value, 6).map((folder): Answer => ({
    key: folder.id,
    kind: 'folder',
    name: folder.name,
    code: folder.code,
    folderId: folder.id,
  }))
  const tags = suggest(tagList.tags, typed.value, 2)
    .filter(({ isNear }) => !isNear)
    .map(({ item }): Answer => ({ key: item.id, kind: 'tag', name: item.name, code: '', folderId: null }))
  const kept = suggest(
    searches.kept.map(search => ({ ...search, folded: foldedText(search.name), count: 0 })),
    typed.value,
    2,
  )
    .filter(({ isNear }) => !isNear)
    .map(({ item }) => keptAnswer(item))
  return [
    ...folders,
    ...tags,
    ...kept,
    ...names.documents.map(documentAnswer),
    {
      key: 'search',
      kind: 'search',
      name: `Search for “${typed.value.trim()}” inside documents as well`,
      code: '',
      folderId: null,
    },
  ]
})

function documentAnswer(row: ListedDocument): Answer {
  return { key: row.id, kind: 'document', name: row.name, code: '', row, folderId: row.folderIds[0] ?? null }
}

function keptAnswer({ id, name }: Pick<KeptSearch, 'id' | 'name'>): Answer {
  return { key: id, kind: 'kept', name, code: '', folderId: null }
}

function placeOf(answer: Answer): string {
  if (answer.kind === 'kept')
    return `kept search${searches.countText(answer.key) === '' ? '' : `, finds ${searches.countText(answer.key)}`}`
  if (answer.kind === 'document') return placeNames.placeOf(answer.folderId)?.text ?? ''
  if (answer.kind === 'tag') return `tag on ${tagList.tagById.get(answer.key as TagId)?.count ?? 0}`
  const parent = answer.folderId ? plan.tree.byId.get(answer.folderId)?.parentId : null
  return parent ? `in ${placeNames.placeOf(parent)?.text ?? ''}` : ''
}

async function take(answer: Answer | undefined, show: boolean): Promise<void> {
  if (!answer) return
  if (answer.kind === 'search') {
    await search()
    return
  }
  isOpen.value = false
  field.value?.blur()
  // Gone there: what stayed in the field would look as if it narrowed something.
  typed.value = ''
  if (answer.kind === 'folder') await router.push(`/plan/${answer.folderId}`)
  else if (answer.kind === 'tag') await router.push({ path: '/find', query: { tags: answer.key } })
  else if (answer.kind === 'kept')
    await router.push({ path: '/find', query: { ...searches.byId.get(answer.key)?.query, kept: answer.key } })
  else if (show)
    await router.push({
      path: answer.folderId === null ? '/in-tray' : `/plan/${answer.folderId}`,
      query: { doc: answer.key },
    })
  else await router.push(`/document/${answer.key}`)
}

function search(): Promise<unknown> {
  isOpen.value = false
  return router.push({ path: '/find', query: { q: typed.value.trim(), near: openPlace.value ?? undefined } })
}

function press(event: KeyboardEvent): void {
  if (event.key === 'ArrowDown') at.value = Math.min(answers.value.length - 1, at.value + 1)
  else if (event.key === 'ArrowUp') at.value = Math.max(0, at.value - 1)
  else if (event.key === 'Enter' && event.shiftKey) void search()
  else if (event.key === 'Enter') void take(answers.value[at.value], event.altKey)
  else if (event.key === 'Escape') {
    if (typed.value === '') field.value?.blur()
    typed.value = ''
    isOpen.value = false
  } else return
  event.preventDefault()
  event.stopPropagation()
}

function input(): void {
  at.value = 0
  isOpen.value = true
}
</script>

<template>
  <div class="find-field" role="search">
    <LineField
      ref="field"
      v-model="typed"
      class="line-field"
      data-find
      placeholder="Go to a number, or find a name…"
      aria-label="Find"
      role="combobox"
      aria-autocomplete="list"
      aria-controls="find-answers"
      :aria-expanded="isOpen && answers.length > 0"
      :aria-activedescendant="isOpen && answers.length > 0 ? `answer-${at}` : undefined"
      autocomplete="off"
      @input="input"
      @focus="focused"
      @blur="isOpen = false"
      @keydown="press" />
    <span v-if="typed === ''" class="key slash" aria-hidden="true">/</span>
    <div v-if="isOpen && answers.length > 0" id="find-answers" class="answers" role="listbox" aria-label="Found">
      <p v-if="names.corrected" class="corrected">Showing {{ names.corrected.to }} for “{{ names.corrected.typed }}”</p>
      <div
        v-for="(answer, index) in answers"
        :id="`answer-${index}`"
        :key="answer.key"
        role="option"
        class="answer"
        :class="{ at: index === at, search: answer.kind === 'search' }"
        :aria-selected="index === at"
        @mousedown.prevent="take(answer, $event.altKey)"
        @mousemove="at = index">
        <template v-if="answer.kind !== 'search'">
          <ColourStripe :ink="placeNames.placeOf(answer.folderId)?.laid ?? null" />
          <span class="mark"
            ><TypeMark v-if="answer.row" :extension="answer.row.extension" /><b v-else-if="answer.kind === 'folder'">{{
              answer.code || '–'
            }}</b
            ><span v-else class="quiet">{{ answer.kind === 'kept' ? 'kept' : 'tag' }}</span></span
          >
        </template>
        <span class="cut name">{{ answer.name }}</span>
        <span class="cut where">{{ placeOf(answer) }}</span>
      </div>
      <p class="foot">
        <span class="key">Enter</span> opens <span class="key">Alt+Enter</span> shows it in the plan
        <span class="key">Shift+Enter</span> searches inside
      </p>
    </div>
  </div>
</template>

<style scoped>
.find-field {
  position: relative;
}
.line-field {
  height: 33px;
  padding-right: 34px;
}
.slash {
  position: absolute;
  right: 9px;
  top: 8px;
}
.answers {
  position: absolute;
  z-index: 30;
  top: 100%;
  left: 0;
  width: min(560px, 92vw);
  background: var(--sheet);
  border: 1px solid var(--rule-strong);
  margin-top: 2px;
}
.corrected {
  padding: 5px 10px;
  color: var(--warn);
  border-bottom: 1px solid var(--rule);
}
.answer {
  display: flex;
  align-items: center;
  gap: 8px;
  height: 29px;
  padding-right: 10px;
  cursor: default;
}
.answer.at {
  background: var(--act-soft);
}
.answer.search {
  border-top: 1px solid var(--rule);
  padding-left: 10px;
  color: var(--act);
  font-weight: 600;
}
.mark {
  width: 44px;
  flex: none;
  text-align: center;
}
.name {
  flex: 1;
}
.where {
  color: var(--act);
  max-width: 42%;
  font-size: 12.5px;
}
.foot {
  border-top: 1px solid var(--rule);
  padding: 5px 10px;
  font-size: 11.5px;
  color: var(--ink-3);
}
</style>
