// What is known of a file from its extension.

/** Media types (IANA registry) of the formats that people keep. Anything else is an octet stream. */
const MEDIA_TYPES: Readonly<Record<string, string>> = {
  pdf: 'application/pdf',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  pptx: 'application/vnd.openxmlformats-officedocument.presentationml.presentation',
  odt: 'application/vnd.oasis.opendocument.text',
  ods: 'application/vnd.oasis.opendocument.spreadsheet',
  odp: 'application/vnd.oasis.opendocument.presentation',
  rtf: 'application/rtf',
  txt: 'text/plain',
  md: 'text/markdown',
  csv: 'text/csv',
  tsv: 'text/tab-separated-values',
  html: 'text/html',
  htm: 'text/html',
  eml: 'message/rfc822',
  uri: 'text/uri-list',
  png: 'image/png',
  jpg: 'image/jpeg',
  jpeg: 'image/jpeg',
  gif: 'image/gif',
  webp: 'image/webp',
  bmp: 'image/bmp',
  svg: 'image/svg+xml',
  tif: 'image/tiff',
  tiff: 'image/tiff',
  epub: 'application/epub+zip',
  zip: 'application/zip',
  mp3: 'audio/mpeg',
  ogg: 'audio/ogg',
  wav: 'audio/wav',
  m4a: 'audio/mp4',
  flac: 'audio/flac',
  mp4: 'video/mp4',
  webm: 'video/webm',
  mov: 'video/quicktime',
}

export function mediaTypeOf(extension: string): string {
  return MEDIA_TYPES[extension] ?? 'application/octet-stream'
}

/** Formats whose words are read. */
export const READABLE = [
  'pdf', 'docx', 'odt', 'rtf', 'xlsx', 'ods', 'pptx', 'odp', 'epub', 'txt', 'md', 'csv', 'tsv', 'html', 'htm', 'uri', 'eml', 'zip',
  'png', 'jpg', 'jpeg', 'webp', 'tif', 'tiff',
] as const
export type Readable = (typeof READABLE)[number]

export function isReadable(extension: string): extension is Readable {
  return (READABLE as readonly string[]).includes(extension)
}

/** Pictures whose pages are recognised, and drawn on the server. */
const SCANNED = ['png', 'jpg', 'jpeg', 'webp', 'tif', 'tiff'] as const

export function isScanned(extension: string): boolean {
  return (SCANNED as readonly string[]).includes(extension)
}

/** Pictures that browsers do not show by themselves: the server draws their pages. */
const DRAWN = ['tif', 'tiff'] as const

export function needsServerRendering(extension: string): boolean {
  return (DRAWN as readonly string[]).includes(extension)
}

/** Whether a small picture of it can be made. */
export function hasThumbnail(extension: string): boolean {
  return isReadable(extension) || extension === 'gif' || extension === 'svg'
}

export const PICTURES = ['png', 'jpg', 'jpeg', 'gif', 'webp', 'bmp'] as const

export function isPicture(extension: string): boolean {
  return (PICTURES as readonly string[]).includes(extension)
}

/** Whether it is played: sound, film, or neither. */
export function playedAs(extension: string): 'sound' | 'film' | null {
  const type = mediaTypeOf(extension)
  return type.startsWith('audio/') ? 'sound' : type.startsWith('video/') ? 'film' : null
}

/** What a browser may show by itself in place; everything else is only ever handed out as a download. */
export function isInlineSafe(extension: string): boolean {
  return extension === 'pdf' || extension === 'txt' || isPicture(extension)
}

/** The name under which a document is handed out: "Minutes.pdf". */
export function fileNameOf(name: string, extension: string): string {
  return extension === '' ? name : `${name}.${extension}`
}
