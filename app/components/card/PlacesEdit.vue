<script setup lang="ts">
// All places of a document: which is its home, taken out of one, filed in another as well.
import { computed } from 'vue'
import { quoted } from '../../../core/change/index'
import type { DocumentId, FolderId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { usePlaceNames } from '../../stores/placeNames'
import { useView } from '../../stores/view'

const props = defineProps<{
  id: DocumentId
  name: string
  /** Home first; null is the In-tray. */
  folderIds: readonly (FolderId | null)[]
}>()
const placeNames = usePlaceNames()
const acts = useActs()
const dialogs = useDialogs()
const view = useView()

const places = computed(() =>
  props.folderIds.flatMap(id => {
    const place = placeNames.placeOf(id)
    return place ? [{ id, text: place.text, to: id === null ? '/in-tray' : `/plan/${id}` }] : []
  }),
)

function fileAlso(): void {
  dialogs.place = {
    title: `File ${quoted(props.name)} ${props.folderIds.includes(null) ? 'in' : 'as well in'}`,
    suggested: [],
    answer: folderIds => {
      view.wentTo(folderIds)
      void acts.act({ kind: 'document.file', documents: [{ id: props.id, name: null }], folderIds, tags: [] })
    },
  }
}
</script>

<template>
  <div class="places">
    <p v-for="(place, index) in places" :key="place.to">
      <NuxtLink class="place" :to="place.to">
        {{ place.text }}
      </NuxtLink>
      <span v-if="index === 0 && places.length > 1" class="quiet">home</span>
      <v-btn
        v-else-if="place.id !== null && places.length > 1"
        class="small"
        :title="`Make ${place.text} its home`"
        @click="acts.act({ kind: 'place.home', documentId: id, folderId: place.id })">
        make home
      </v-btn>
      <v-btn
        v-if="place.id !== null"
        class="small"
        :aria-label="`Take it out of ${place.text}`"
        :title="
          places.length > 1
            ? `Take it out of ${place.text}; it stays in the others`
            : `Take it out of ${place.text}; it goes into the In-tray`
        "
        @click="acts.act({ kind: 'place.remove', documentIds: [id], folderId: place.id })">
        ×
      </v-btn>
    </p>
    <v-btn class="small" @click="fileAlso">
      {{ folderIds.includes(null) ? 'file it in…' : 'file also in…' }}
    </v-btn>
  </div>
</template>

<style scoped>
.places {
  display: grid;
  gap: 1px;
  justify-items: start;
}
p {
  display: flex;
  gap: 7px;
  align-items: baseline;
  overflow-wrap: anywhere;
}
.small {
  color: var(--ink-3);
  font-size: 12px;
  flex: none;
}
.small:hover {
  color: var(--act);
  text-decoration: underline;
}
</style>
