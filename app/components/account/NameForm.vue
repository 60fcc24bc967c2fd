<script setup lang="ts">
// What others call the person who is signed in.
import { useForm } from 'vee-validate'
import type { NameRequest } from '../../../contract/account'
import { nameRequestShape } from '../../../contract/account'
import { useSending } from '../../composables/useSending'

const props = defineProps<{ name: string; save: (form: NameRequest) => Promise<void> }>()

const { defineField, handleSubmit, errors } = useForm({
  validationSchema: nameRequestShape,
  initialValues: { name: props.name },
})
const [typed] = defineField('name', { validateOnModelUpdate: false })
const { busy, refused, send: sendOnce } = useSending()
const send = handleSubmit(form => sendOnce(() => props.save(form)))
</script>

<template>
  <form class="form" novalidate @submit="send">
    <v-text-field
      v-model="typed"
      label="Your name"
      autocomplete="name"
      hint="People to whom you give things, and who give things to you, see it."
      persistent-hint
      :error-messages="errors.name" />
    <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    <v-btn type="submit" class="act main send" :disabled="busy">Be called so</v-btn>
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 6px;
  max-width: 400px;
}
.send {
  align-self: flex-start;
}
</style>
