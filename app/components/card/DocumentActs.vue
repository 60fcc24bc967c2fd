<script setup lang="ts">
// What can be done with the document on the card.
import { computed } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { holdsOf } from '../../../core/formats/index'
import { TAKE_OUT } from '../../composables/useThings'
import { useActs } from '../../stores/acts'
import { contentAddress } from '../../stores/content'
import { useHand } from '../../stores/hand'

const props = defineProps<{ document: DocumentFacts; canShow?: boolean; inReader?: boolean }>()
const emit = defineEmits<{ open: []; show: []; move: [] }>()
const [acts, hand] = [useActs(), useHand()]
const holds = computed(() => (props.document.trashedAt ? null : holdsOf(props.document.extension)))

function pickUp(): void {
  const { id, name, folderIds } = props.document
  hand.pick([{ kind: 'document', id, name, fromFolderId: folderIds[0] ?? null }], 'move')
}
</script>

<template>
  <div class="acts">
    <v-btn v-if="!inReader" class="act main" @click="emit('open')"> Open <span class="key">Enter</span> </v-btn>
    <NuxtLink v-if="document.extension === 'md' && !document.trashedAt" class="act" :to="`/memo/${document.id}`">
      Write
    </NuxtLink>
    <a class="act" :href="contentAddress(document.id)" download>Download</a>
    <v-btn v-if="canShow" class="act" @click="emit('show')"> Show in plan <span class="key">G</span> </v-btn>
    <v-btn class="act" @click="emit('move')">Move to… <span class="key">M</span></v-btn>
    <v-btn class="act" @click="pickUp">Pick up <span class="key">X</span></v-btn>
    <v-btn v-if="holds" variant="text" class="act" @click="acts.takeOut(document.id)">
      {{ TAKE_OUT[holds] }} <span class="key take">K</span>
    </v-btn>
    <v-btn
      class="act"
      @click="acts.act({ kind: 'star', folderIds: [], documentIds: [document.id], on: !document.starred })">
      {{ document.starred ? 'Take star off' : 'Star' }} <span class="key">S</span>
    </v-btn>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  margin-top: 14px;
}
.take {
  margin-left: 6px;
}
</style>
