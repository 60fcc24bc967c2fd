// What somebody remarked on a document.

import { textField } from './textField'

export const remarkField = textField({
  key: 'remark',
  name: 'Remark',
  property: 'remark',
  column: ({ d }) => `${d}.remark_folded`,
  empty: { key: 'remark', words: 'no remark', text: 'the remark' },
})
