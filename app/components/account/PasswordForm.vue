<script setup lang="ts">
// A new password; what is wrong with it is said beside it.
import { useForm } from 'vee-validate'
import type { PasswordRequest } from '../../../contract/account'
import { passwordRequestShape } from '../../../contract/account'
import { useSending } from '../../composables/useSending'

const props = defineProps<{ save: (form: PasswordRequest) => Promise<void> }>()

const { defineField, handleSubmit, errors, resetForm } = useForm({
  validationSchema: passwordRequestShape,
  initialValues: { current: '', next: '' },
})
const [current] = defineField('current', { validateOnModelUpdate: false })
const [next] = defineField('next', { validateOnModelUpdate: false })
const { busy, refused, send: sendOnce } = useSending()
const send = handleSubmit(async form => {
  if (await sendOnce(() => props.save(form))) resetForm()
})
</script>

<template>
  <form class="form" novalidate @submit="send">
    <v-text-field
      v-model="current"
      type="password"
      label="Present password"
      autocomplete="current-password"
      :error-messages="errors.current" />
    <v-text-field
      v-model="next"
      type="password"
      label="New password"
      autocomplete="new-password"
      persistent-hint
      :error-messages="errors.next"
      hint="At least 10 characters, hard to guess: a few unrelated words. All other sessions are ended." />
    <p v-if="refused" class="warn" role="alert">
      {{ refused }}
    </p>
    <v-btn type="submit" class="act main send" :disabled="busy"> Change the password </v-btn>
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 12px;
  max-width: 400px;
}
.send {
  align-self: flex-start;
}
</style>
