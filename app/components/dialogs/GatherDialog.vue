<script setup lang="ts">
// Documents of a folder go into a new one below it: its name.
import { computed, ref, watch } from 'vue'
import { counted } from '../../../core/change/index'
import { newId } from '../../../contract/newId'
import { commonName } from '../../../core/filing/index'
import type { FolderId } from '../../../core/ids'
import { useActs } from '../../stores/acts'
import { useDialogs } from '../../stores/dialogs'
import { useDocumentList } from '../../stores/documentList'
import { usePlaceNames } from '../../stores/placeNames'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import PaperDialog from '../common/PaperDialog.vue'

const [acts, dialogs, placeNames, list] = [useActs(), useDialogs(), usePlaceNames(), useDocumentList()]
const request = computed(() => dialogs.gather)
const name = ref('')
const refused = ref('')
/** A folder of that name stands there: a second Enter makes one more. */
const isTwin = ref(false)
const where = computed(() => (request.value ? (placeNames.placeOf(request.value.folderId)?.text ?? '') : ''))

watch(request, now => {
  const ids = new Set<string>(now?.documentIds)
  name.value = commonName(list.rows.filter(({ id }) => ids.has(id)).map(row => row.name))
  refused.value = ''
  isTwin.value = false
})
watch(name, () => {
  isTwin.value = false
})

const leave = () => {
  dialogs.gather = null
}

async function send(): Promise<void> {
  const { value } = request
  if (!value || name.value.trim() === '') return
  const outcome = await acts.act(
    {
      kind: 'document.gather',
      id: newId<FolderId>(),
      parentId: value.folderId,
      name: name.value,
      documentIds: [...value.documentIds],
      allowTwin: isTwin.value,
    },
    { quiet: true },
  )
  if (outcome.ok) return leave()
  refused.value = outcome.reason.message
  isTwin.value = outcome.reason.code === 'name.twin'
}
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="460"
    label="New folder for documents"
    :title="`New folder in ${where}`"
    @leave="leave">
    <form class="form-lines" @submit.prevent="send">
      <label
        >Its name
        <LineField v-model="name" class="line-field" data-begins aria-label="Name of the folder" autocomplete="off" />
      </label>
      <p class="quiet">{{ counted(request?.documentIds.length ?? 0, 'document') }} move into it.</p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act full" :disabled="name.trim() === ''" @click="send">
        {{ isTwin ? 'Make one more' : 'Make the folder' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="leave">Leave them here <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
