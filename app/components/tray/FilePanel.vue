<script setup lang="ts">
// Name, place, tags: what turns an arrival into a filed document.
import ActKey from '../common/ActKey.vue'
import { computed, ref } from 'vue'
import { quoted } from '../../../core/change/index'
import type { FolderId, TagId } from '../../../core/ids'
import { useTagSuggestions } from '../../composables/useTagSuggestions'
import { useFiling } from '../../stores/filing'
import TagPicker from '../common/TagPicker.vue'
import WideningNote from '../give/WideningNote.vue'
import PlaceLinks from '../common/PlaceLinks.vue'
import LineField from '../base/LineField.vue'
import PlaceCard from './PlaceCard.vue'

const emit = defineEmits<{ file: []; skip: []; trash: []; another: [] }>()

const filing = useFiling()
const nameField = ref<InstanceType<typeof LineField> | null>(null)
const tagPicker = ref<InstanceType<typeof TagPicker> | null>(null)

const suggested = computed(() => filing.suggested.places)
/** Chosen places that are not among the suggestions. */
const others = computed(() => filing.places.filter(id => !suggested.value.some(({ folderId }) => folderId === id)))
/** Of one among several chosen places. */
function roleOf(id: FolderId): string {
  if (filing.places.length < 2 || !filing.places.includes(id)) return ''
  return filing.places[0] === id ? 'home · ' : 'as well · '
}

function press(event: KeyboardEvent): void {
  if (event.key === 'Enter') emit('file')
  else if (event.key === 'Escape') nameField.value?.blur()
  else {
    event.stopPropagation()
    return
  }
  event.preventDefault()
  event.stopPropagation()
}

function takeName(name: string): void {
  filing.name = name
  nameField.value?.focus()
}

const suggestedTags = useTagSuggestions(
  () => filing.only?.id ?? null,
  () => filing.places[0] ?? null,
  () => filing.tags.map(({ id }) => id),
)

defineExpose({
  focusName: () => {
    nameField.value?.focus()
    nameField.value?.select()
  },
  focusTags: () => tagPicker.value?.focus(),
})
</script>

<template>
  <form class="panel" aria-label="File it" @submit.prevent="emit('file')">
    <template v-if="filing.only">
      <h2 class="part-head"><label for="tray-name">Name it</label> <ActKey act="in-tray.name" /></h2>
      <LineField
        id="tray-name"
        ref="nameField"
        v-model="filing.name"
        class="line-field name"
        autocomplete="off"
        @keydown="press" />
      <p v-if="filing.name !== filing.only.name" class="note">was {{ quoted(filing.only.name) }}</p>
      <v-btn
        v-for="suggestion in filing.suggested.names.filter(({ name }) => name !== filing.name)"
        :key="suggestion.name"
        class="offer"
        @click="takeName(suggestion.name)">
        <span>{{ suggestion.name }}</span><span class="quiet">{{ suggestion.from }}</span>
      </v-btn>
    </template>
    <h2 v-else class="part-head">{{ filing.documents.length }} documents together</h2>

    <h2 class="part-head">File {{ filing.only ? 'it' : 'them' }} in</h2>
    <p v-if="filing.suggestions.state === 'loading'" class="note">Looking for a place…</p>
    <p v-else-if="suggested.length === 0 && others.length === 0" class="note">
      {{
        filing.suggestions.state === 'error'
          ? filing.suggestions.reason.message
          : 'No idea: nothing like it is filed yet.'
      }}
    </p>
    <div class="places" role="radiogroup" aria-label="Place">
      <PlaceCard
        v-for="(place, index) in suggested"
        :key="place.folderId"
        :folder-id="place.folderId"
        :number="index + 1"
        :chosen="filing.places.includes(place.folderId)"
        :why="roleOf(place.folderId) + place.reason"
        :share="place.share"
        @choose="filing.choose(place.folderId, $event)" />
      <PlaceCard
        v-for="id in others"
        :key="id"
        :folder-id="id"
        chosen
        why="chosen by you"
        @choose="filing.choose(id, true)" />
    </div>
    <p>
      <v-btn class="act" @click="emit('another')">Another folder… <ActKey act="in-tray.another" /></v-btn>
    </p>

    <WideningNote :before="[null]" :after="filing.places" />
    <h2 class="part-head">Tag {{ filing.only ? 'it' : 'them' }} <ActKey act="in-tray.tags" /></h2>
    <TagPicker
      ref="tagPicker"
      :carried="filing.tags"
      :suggested="suggestedTags"
      @put="filing.tags = [...filing.tags, $event]"
      @take="(id: TagId) => (filing.tags = filing.tags.filter(tag => tag.id !== id))" />

    <p class="acts">
      <v-btn type="submit" class="act full">
        {{ filing.only ? 'File and next' : 'File them' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn v-if="filing.only" class="act" @click="emit('skip')"> Skip <ActKey act="in-tray.after" /> </v-btn>
      <v-btn class="act" @click="emit('trash')">Trash <ActKey act="in-tray.trash" /></v-btn>
    </p>
    <p v-if="filing.refused" class="warn" role="alert">
      {{ filing.refused }}
    </p>
    <div v-if="filing.suggested.same.length > 0" class="same">
      The same file is already there:
      <p v-for="twin in filing.suggested.same" :key="twin.id">
        {{ quoted(twin.name) }} in <PlaceLinks :folder-ids="twin.folderIds" />
      </p>
    </div>
  </form>
</template>

<style scoped>
.panel {
  display: flex;
  flex-direction: column;
  gap: 7px;
}
.part-head {
  margin-top: 12px;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
.part-head:first-child {
  margin-top: 0;
}
.name {
  font-size: 14px;
  padding: 7px 9px;
}
.note {
  font-size: 12px;
  color: var(--ink-2);
}
.offer {
  display: grid;
  padding: 3px 9px 4px;
  border: 1px solid var(--rule);
  background: var(--paper);
  overflow-wrap: anywhere;
}
.offer:hover {
  border-color: var(--act);
  color: var(--act);
}
.offer .quiet {
  font-size: 11.5px;
}
.places {
  display: grid;
  gap: 6px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 6px;
  margin-top: 14px;
}
.same {
  border-top: 1px solid var(--rule);
  margin-top: 10px;
  padding-top: 9px;
  color: var(--ink-2);
  font-size: 12.5px;
}
</style>
