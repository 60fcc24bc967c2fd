// What a document is called, with the running number before it.

import { textField } from './textField'

export const nameField = textField({ key: 'name', name: 'Name', property: 'folded', column: ({ d }) => `${d}.folded` })
