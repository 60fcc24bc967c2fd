<script setup lang="ts">
// Another address to sign in with.
import { useForm } from 'vee-validate'
import type { EmailRequest } from '../../../contract/account'
import { emailRequestShape } from '../../../contract/account'
import { useSending } from '../../composables/useSending'

const props = defineProps<{ save: (form: EmailRequest) => Promise<void> }>()

const { defineField, handleSubmit, errors, resetForm } = useForm({
  validationSchema: emailRequestShape,
  initialValues: { email: '', password: '' },
})
const [email] = defineField('email', { validateOnModelUpdate: false })
const [password] = defineField('password', { validateOnModelUpdate: false })
const { busy, refused, send: sendOnce } = useSending()
const send = handleSubmit(async form => {
  if (await sendOnce(() => props.save(form))) resetForm()
})
</script>

<template>
  <form class="form" novalidate @submit="send">
    <v-text-field
      v-model="email"
      type="email"
      label="New e-mail address"
      autocomplete="email"
      :error-messages="errors.email" />
    <v-text-field
      v-model="password"
      type="password"
      label="Your password"
      autocomplete="current-password"
      :error-messages="errors.password" />
    <p v-if="refused" class="warn" role="alert">{{ refused }}</p>
    <v-btn type="submit" class="act main send" :disabled="busy"> Change the address </v-btn>
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
