import * as yup from 'yup'

/** E-mail address and password, as the form and the route check them. */
export const signInShape = yup.object({
  email: yup.string().trim().email('This does not look like an e-mail address.').max(200).required('Type your e-mail address.'),
  password: yup.string().max(200).required('Type your password.'),
})
export type SignIn = yup.InferType<typeof signInShape>

export const newAccountShape = yup.object({
  email: yup.string().trim().email('This does not look like an e-mail address.').max(200).required('Type your e-mail address.'),
  password: yup.string().min(10, 'Use at least 10 characters; a few words are easy to remember.').max(200, 'Use at most 200 characters.').required('Choose a password.'),
})
export type NewAccount = yup.InferType<typeof newAccountShape>

export const sessionShape = yup.object({
  /** null when nobody is signed in. */
  account: yup.object({ email: yup.string().required() }).nullable().defined(),
  /** True where a demo plan was seeded, which opens without a password. */
  demo: yup.boolean().required(),
})
export type SessionState = yup.InferType<typeof sessionShape>
