// Kinds of documents as people tell them apart, each with the file extensions that belong to it.

export const TYPE_GROUPS = {
  pdf: { name: 'PDF', extensions: ['pdf'] },
  writing: { name: 'Written document', extensions: ['docx', 'doc', 'odt', 'rtf'] },
  table: { name: 'Table', extensions: ['xlsx', 'xls', 'ods', 'csv', 'tsv'] },
  slides: { name: 'Slides', extensions: ['pptx', 'ppt', 'odp'] },
  text: { name: 'Plain text', extensions: ['txt', 'md'] },
  picture: { name: 'Picture or scan', extensions: ['png', 'jpg', 'jpeg', 'gif', 'webp', 'tif', 'tiff', 'bmp', 'svg', 'heic'] },
  web: { name: 'Web page', extensions: ['html', 'htm'] },
  mail: { name: 'Mail', extensions: ['eml'] },
  sound: { name: 'Sound or film', extensions: ['mp3', 'ogg', 'wav', 'm4a', 'flac', 'mp4', 'webm', 'mov'] },
  archive: { name: 'Archive', extensions: ['zip', 'tar', 'gz', '7z'] },
  other: { name: 'Anything else', extensions: [] },
} as const

export type TypeGroup = keyof typeof TYPE_GROUPS
export const TYPE_GROUP_NAMES = Object.keys(TYPE_GROUPS) as readonly TypeGroup[]

const BY_EXTENSION = new Map<string, TypeGroup>(
  TYPE_GROUP_NAMES.flatMap(group => TYPE_GROUPS[group].extensions.map(extension => [extension, group] as const)),
)
export const KNOWN_EXTENSIONS: readonly string[] = [...BY_EXTENSION.keys()]

export function typeGroupOf(extension: string): TypeGroup {
  return BY_EXTENSION.get(extension) ?? 'other'
}

export function isTypeGroup(text: string): text is TypeGroup {
  return Object.hasOwn(TYPE_GROUPS, text)
}
