// What History, the bottom line and the drag hint say about an act. Names are set in typographic
// quotes, places are named with their code.

const COUNTED = {
  address: ['address', 'addresses'],
  message: ['message', 'messages'],
  attachment: ['attachment', 'attachments'],
  folder: ['folder', 'folders'],
  document: ['document', 'documents'],
  file: ['file', 'files'],
  page: ['page', 'pages'],
  tag: ['tag', 'tags'],
  thing: ['thing', 'things'],
  number: ['number', 'numbers'],
  change: ['change', 'changes'],
  hint: ['hint', 'hints'],
  colour: ['new colour', 'new colours'],
  more: ['more folder', 'more folders'],
  link: ['link', 'links'],
  time: ['time', 'times'],
  person: ['person', 'people'],
  other: ['other', 'others'],
} as const

export function counted(count: number, noun: keyof typeof COUNTED): string {
  return `${count.toLocaleString('en-GB')} ${COUNTED[noun][count === 1 ? 0 : 1]}`
}

/** "Per Aske, Odo Lind and 4 others": the first of them by name. */
export function namedFirst(names: readonly string[], shown: number): string {
  const [first, rest] = [names.slice(0, shown).join(', '), names.length - shown]
  return rest > 0 ? `${first} and ${counted(rest, 'other')}` : first
}

export function quoted(name: string): string {
  return `“${name}”`
}

/** "“Minutes”" for one, "3 documents", "2 folders", "2 folders and 3 documents" for several. */
export function nameThings(folders: readonly { name: string }[], documents: readonly { name: string }[]): string {
  const [first] = [...folders, ...documents]
  if (first && folders.length + documents.length === 1) return quoted(first.name)
  const parts = []
  if (folders.length > 0) parts.push(counted(folders.length, 'folder'))
  if (documents.length > 0) parts.push(counted(documents.length, 'document'))
  return parts.join(' and ')
}
