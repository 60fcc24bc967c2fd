<script setup lang="ts">
// The versions of a document: fetched, compared, made current again, with a remark each.
import { ref } from 'vue'
import type { DocumentFacts } from '../../../contract/document'
import { timeText } from '../../../core/dates/index'
import { sizeText } from '../../../core/formats/index'
import { useActs } from '../../stores/acts'
import { contentAddress } from '../../stores/content'
import { useDialogs } from '../../stores/dialogs'
import TextEdit from '../common/TextEdit.vue'

defineProps<{ document: DocumentFacts }>()
const acts = useActs()
const dialogs = useDialogs()
const isOpen = ref(false)
const COMPARED = new Set(['txt', 'md', 'csv', 'tsv', 'html', 'htm', 'uri'])
</script>

<template>
  <v-btn class="place" :aria-expanded="isOpen" @click="isOpen = !isOpen">
    {{ document.versions.length }}, the current is {{ document.version }}
  </v-btn>
  <ul v-if="isOpen">
    <li v-for="version in document.versions" :key="version.number">
      <b>{{ version.number }}</b>
      {{ ' ' }}
      <span class="quiet">{{ timeText(version.createdAt) }} · {{ sizeText(version.size) }}</span>
      <span class="acts">
        <a class="place" :href="contentAddress(document.id, { version: version.number })" download>Download</a>
        <template v-if="version.number !== document.version">
          <v-btn
            v-if="COMPARED.has(version.extension) && COMPARED.has(document.extension)"
            class="place"
            @click="
              dialogs.compare = { id: document.id, name: document.name, from: version.number, to: document.version }
            ">
            Compare
          </v-btn>
          <v-btn
            class="place"
            :aria-label="`Make version ${version.number} current`"
            @click="acts.act({ kind: 'version.current', documentId: document.id, number: version.number })">
            Make current
          </v-btn>
        </template>
      </span>
      <TextEdit
        :value="version.remark"
        :label="`Remark on version ${version.number}`"
        empty="remark…"
        @keep="acts.act({ kind: 'version.remark', documentId: document.id, number: version.number, remark: $event })" />
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  display: grid;
  gap: 6px;
  margin-top: 4px;
}
li {
  border-top: 1px solid var(--rule);
  padding-top: 4px;
  font-size: 12.5px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
</style>
