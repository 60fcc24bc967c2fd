<script setup lang="ts">
// A web address kept beside files; nothing of it is fetched.
import { computed, ref, watch } from 'vue'
import { addressName, webAddress } from '../../../core/formats/index'
import { useDialogs } from '../../stores/dialogs'
import { useKeeping } from '../../stores/keeping'
import { usePlaceNames } from '../../stores/placeNames'
import PaperDialog from '../common/PaperDialog.vue'
import EnterSends from '../base/EnterSends.vue'
import LineField from '../base/LineField.vue'
import NoteField from '../base/NoteField.vue'

const dialogs = useDialogs()
const placeNames = usePlaceNames()
const keeping = useKeeping()
const address = ref('')
const title = ref('')
const remark = ref('')
const refused = ref('')
const request = computed(() => dialogs.link)
const sound = computed(() => webAddress(address.value))

watch(request, () => {
  address.value = request.value?.address ?? ''
  title.value = ''
  remark.value = ''
  refused.value = ''
})

const leave = () => {
  dialogs.link = null
}

async function keep(): Promise<void> {
  if (!request.value) return
  if (!sound.value) {
    refused.value = 'This is no web address. It begins with https:// and holds no spaces.'
    return
  }
  const why = await keeping.link(
    { address: sound.value, title: title.value, remark: remark.value },
    request.value.folderId,
  )
  if (why === null) dialogs.link = null
  else refused.value = why
}
</script>

<template>
  <PaperDialog
    :open="request !== null"
    :width="480"
    label="New link"
    :title="`New link in ${request ? (placeNames.placeOf(request.folderId)?.text ?? '') : ''}`"
    @leave="leave">
    <form class="form-lines" @submit.prevent="keep">
      <label>Address <LineField v-model="address" class="line-field" data-begins placeholder="https://" /></label>
      <label
        >Title
        <LineField
          v-model="title"
          class="line-field"
          :placeholder="sound ? addressName(sound) : 'its address, unless you write one'"
      /></label>
      <label>Remark <NoteField v-model="remark" rows="2" /></label>
      <p v-if="refused" class="warn" role="alert">
        {{ refused }}
      </p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act full" @click="keep">Keep the link <span class="key">Enter</span></v-btn>
      <v-btn class="act" @click="leave">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>
