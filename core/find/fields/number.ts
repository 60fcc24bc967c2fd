// The running number that its folder gave it.

import { textField } from './textField'

export const numberField = textField({
  key: 'number',
  name: 'Number',
  property: 'number',
  column: ({ d }) => `${d}.number_folded`,
  empty: { key: 'number', words: 'no number', text: 'the number' },
})
