<script setup lang="ts">
// Locks documents or a folder with a passphrase, after saying what that means.
import { computed, ref, watch } from 'vue'
import type { LockPreview } from '../../../contract/lock'
import { counted, namedFirst, quoted } from '../../../core/change/index'
import { fileNameOf } from '../../../core/formats/index'
import { useSending } from '../../composables/useSending'
import type { MeantThing } from '../../stores/dialogs'
import { previewLock, useLocks } from '../../stores/locks'
import EnterSends from '../base/EnterSends.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ things: readonly MeantThing[] }>()
const emit = defineEmits<{ close: [] }>()

const locks = useLocks()
const [passphrase, again] = [ref(''), ref('')]
const preview = ref<LockPreview | null>(null)
const { busy, refused } = useSending()
watch(
  () => props.things,
  async things => {
    passphrase.value = again.value = refused.value = ''
    preview.value = null
    if (things.length > 0) preview.value = await previewLock(things)
  },
)
const folder = computed(() => props.things.find(({ kind }) => kind === 'folder'))
const what = computed(() => {
  const [only] = props.things
  return only && props.things.length === 1 ? quoted(only.name) : counted(props.things.length, 'document')
})
const OTHERS_SHOWN = 3
const others = computed(() => {
  const names = (preview.value?.others ?? []).map(({ name, extension }) => quoted(fileNameOf(name, extension)))
  return namedFirst(names, OTHERS_SHOWN)
})
const isSame = computed(() => passphrase.value === again.value)

async function send(): Promise<void> {
  if (busy.value || passphrase.value === '') return
  if (!isSame.value) {
    refused.value = 'The two are not the same. Type the passphrase once more.'
    return
  }
  busy.value = true
  refused.value = await locks.lock(props.things, passphrase.value)
  busy.value = false
  if (refused.value === '') emit('close')
}
</script>

<template>
  <PaperDialog
    :open="things.length > 0"
    :width="520"
    label="Lock"
    help="lock"
    :title="`Lock ${what}`"
    @leave="emit('close')">
    <p>
      Names and places stay visible. Contents, words and small pictures are sealed, for everyone, until the passphrase
      is said.
      <template v-if="folder">What comes into the folder is sealed as it comes.</template>
    </p>
    <p v-if="folder && preview" class="second">{{ counted(preview.count, 'document') }} in it and below.</p>
    <p v-if="others" class="second">{{ others }} hold the very same contents, and are locked as well.</p>
    <p class="warn">
      A forgotten passphrase cannot be mended: then nobody opens this any more, also not who runs this Hembix.
    </p>
    <form class="form" @submit.prevent="send">
      <v-text-field
        v-model="passphrase"
        data-begins
        type="password"
        label="Passphrase"
        hint="A few unrelated words make a good one"
        persistent-hint
        autocomplete="new-password" />
      <v-text-field v-model="again" type="password" label="The same once more" autocomplete="new-password" />
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act main" :disabled="busy || passphrase === '' || again === ''" @click="send">
        Lock {{ things.length === 1 ? 'it' : 'them' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
p {
  margin-bottom: 8px;
}
.form {
  display: grid;
  gap: 12px;
  padding-top: 6px;
}
</style>
