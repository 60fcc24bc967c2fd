// Who sent it, or handed it over.

import { textField } from './textField'

export const senderField = textField({
  key: 'sender',
  name: 'Sender',
  property: 'sender',
  column: ({ d }) => `${d}.sender_folded`,
  empty: { key: 'sender', words: 'no sender', text: 'the sender' },
})
