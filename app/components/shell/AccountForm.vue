<script setup lang="ts">
import { useForm } from 'vee-validate'
import type { NewAccount, SignIn } from '../../../contract/account'
import { newAccountShape, signInShape } from '../../../contract/account'

const props = defineProps<{ mode: 'in' | 'new'; busy: boolean }>()
const emit = defineEmits<{ signIn: [form: SignIn]; create: [form: NewAccount] }>()

const { defineField, handleSubmit, errors } = useForm({
  validationSchema: props.mode === 'in' ? signInShape : newAccountShape,
  initialValues: { name: '', email: '', password: '' },
})
const [name] = defineField('name', { validateOnModelUpdate: false })
const [email] = defineField('email', { validateOnModelUpdate: false })
const [password] = defineField('password', { validateOnModelUpdate: false })

const RULE = 'At least 10 characters, not your address, and hard to guess: a few unrelated words are easy to remember.'

const send = handleSubmit(form => {
  if (props.mode === 'in') emit('signIn', form as SignIn)
  else emit('create', form as NewAccount)
})
</script>

<template>
  <form class="form" novalidate @submit="send">
    <v-text-field
      v-if="mode === 'new'"
      v-model="name"
      label="Your name"
      autocomplete="name"
      :error-messages="errors.name" />
    <v-text-field
      v-model="email"
      type="email"
      label="E-mail address"
      autocomplete="username"
      :error-messages="errors.email" />
    <v-text-field
      v-model="password"
      type="password"
      label="Password"
      :autocomplete="mode === 'in' ? 'current-password' : 'new-password'"
      :error-messages="errors.password"
      :hint="mode === 'new' ? RULE : undefined"
      :persistent-hint="mode === 'new'" />
    <v-btn type="submit" class="act full" :disabled="busy">
      {{ mode === 'in' ? 'Sign in' : 'Make the account' }}
    </v-btn>
  </form>
</template>

<style scoped>
.form {
  display: flex;
  flex-direction: column;
  gap: 12px;
  width: 100%;
  align-items: stretch;
}
.form .act {
  align-self: flex-start;
}
</style>
