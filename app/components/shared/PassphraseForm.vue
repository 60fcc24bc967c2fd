<script setup lang="ts">
// A link that asks for a passphrase before it shows anything.
import { useForm } from 'vee-validate'
import { onMounted, ref } from 'vue'
import { unlockRequestShape } from '../../../contract/shared'
import { useSending } from '../../composables/useSending'
import { beginIn } from '../base/begins'
import { useSharedThing } from '../../stores/sharedThing'

const emit = defineEmits<{ unlocked: [] }>()
const thing = useSharedThing()
const { defineField, handleSubmit, errors } = useForm({
  validationSchema: unlockRequestShape,
  initialValues: { passphrase: '' },
})
const [passphrase] = defineField('passphrase', { validateOnModelUpdate: false })
const { busy, refused, send: sendOnce } = useSending()
const send = handleSubmit(async form => {
  if (await sendOnce(() => thing.unlock(form.passphrase))) emit('unlocked')
})

const form = ref<HTMLFormElement | null>(null)
onMounted(() => beginIn(() => form.value))
</script>

<template>
  <form ref="form" class="form" novalidate @submit="send">
    <h1>This link asks for a passphrase</h1>
    <p class="second">Whoever gave it to you knows it.</p>
    <v-text-field
      v-model="passphrase"
      type="password"
      label="Passphrase"
      autocomplete="off"
      data-begins
      :error-messages="errors.passphrase" />
    <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    <v-btn type="submit" class="act main send" :disabled="busy">Open it</v-btn>
  </form>
</template>

<style scoped>
.form {
  max-width: 400px;
  margin: 11vh auto 0;
  padding: 0 20px;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
h1 {
  font-size: 24px;
}
.send {
  align-self: flex-start;
}
</style>
