<script setup lang="ts">
// Opens a lock for a while in this browser, or takes it off for good.
import { computed, ref, watch } from 'vue'
import { quoted } from '../../../core/change/index'
import { useSending } from '../../composables/useSending'
import type { MeantThing } from '../../stores/dialogs'
import { lockIdOf, useLocks } from '../../stores/locks'
import EnterSends from '../base/EnterSends.vue'
import PaperDialog from '../common/PaperDialog.vue'

const props = defineProps<{ thing: MeantThing | null }>()
const emit = defineEmits<{ close: [] }>()

const locks = useLocks()
const passphrase = ref('')
const forGood = ref(false)
const lockId = ref<string | null>(null)
const { busy, refused } = useSending()
watch(
  () => props.thing,
  async thing => {
    passphrase.value = refused.value = ''
    forGood.value = false
    lockId.value = null
    if (thing === null) return
    looking = thing.kind === 'folder' ? Promise.resolve(locks.ofFolder(thing.id)?.id ?? null) : lockIdOf(thing.id)
    lockId.value = await looking
    if (lockId.value === null) refused.value = `${quoted(thing.name)} is not locked.`
  },
)
// Who types fast says the passphrase before it is known which lock it is of.
let looking: Promise<string | null> = Promise.resolve(null)
const lock = computed(() => locks.all.find(({ id }) => id === lockId.value))
const name = computed(() => (props.thing ? quoted(props.thing.name) : ''))
const together = computed(() => {
  if (!lock.value || props.thing === null) return ''
  if (lock.value.folderId !== null && props.thing.kind === 'document')
    return 'It was locked with its folder: all of that is unlocked.'
  return lock.value.folderId === null && lock.value.count > 1
    ? `${lock.value.count} documents were locked together: all of them are unlocked.`
    : ''
})

async function send(): Promise<void> {
  if (busy.value || passphrase.value === '') return
  busy.value = true
  const id = await looking
  if (id !== null) refused.value = await (forGood.value ? locks.takeOff : locks.open)(id, passphrase.value)
  busy.value = false
  passphrase.value = ''
  if (refused.value === '') emit('close')
}
</script>

<template>
  <PaperDialog
    :open="thing !== null"
    :width="480"
    label="Unlock"
    help="lock"
    :title="`Unlock ${name}`"
    @leave="emit('close')">
    <form class="form" @submit.prevent="send">
      <v-text-field
        v-model="passphrase"
        data-begins
        type="password"
        label="Passphrase"
        autocomplete="current-password" />
      <v-radio-group v-model="forGood" class="radio-field" aria-label="For how long">
        <v-radio :value="false" density="compact" label="For a quarter of an hour, in this browser alone" />
        <v-radio :value="true" density="compact" label="For good: the lock is taken off" />
      </v-radio-group>
      <p v-if="together" class="second">{{ together }}</p>
      <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
      <EnterSends />
    </form>
    <template #acts>
      <v-btn class="act main" :disabled="busy || passphrase === ''" @click="send">
        {{ forGood ? 'Take the lock off' : 'Unlock it' }} <span class="key">Enter</span>
      </v-btn>
      <v-btn class="act" @click="emit('close')">Leave it <span class="key">Esc</span></v-btn>
    </template>
  </PaperDialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: 12px;
  padding-top: 6px;
}
</style>
