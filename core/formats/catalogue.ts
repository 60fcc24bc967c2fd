// Every format that Hembix knows, in one list: what it is called by its extensions and media type, to which kind it
// belongs for people, whether its words are read, and how it is shown. A new one is an entry here, and a reader under
// its key in server/extract/readers where it has one.

export interface Format {
  /** The first is the usual one. */
  readonly extensions: readonly string[]
  /** IANA registry. */
  readonly mediaType: string
  /** Kinds of documents as people tell them apart (core/find/types). */
  readonly group:
    'pdf' | 'writing' | 'table' | 'slides' | 'text' | 'picture' | 'web' | 'mail' | 'sound' | 'archive' | 'other'
  /** There is a reader of its words. */
  readonly read?: true
  /** Its pages are pictures, whose text is recognised; the server can draw them. */
  readonly scanned?: true
  /**
   * How it is shown beside its words: its pages, as a picture, as a picture that the server draws, played, set as HTML,
   * as a link.
   */
  readonly preview?: 'pages' | 'picture' | 'drawn' | 'sound' | 'film' | 'html' | 'link'
  /** An office suite sets it as pages, where one is installed. */
  readonly office?: true
  /** A browser may show it by itself in place; everything else is only ever handed out as a download. */
  readonly inline?: true
  /** A small picture is made of it although its words are not read. */
  readonly thumbnail?: true
  /** What it holds can be made documents of their own. */
  readonly holds?: 'files' | 'messages' | 'attachments'
  /** The same, of the few that do hold something, which reading them tells. */
  readonly mayHold?: 'attachments'
  /** It is packed already: packing it again saves nothing. */
  readonly packed?: true
}

const OOXML = 'application/vnd.openxmlformats-officedocument'
const OPEN_DOCUMENT = 'application/vnd.oasis.opendocument'

export const FORMATS = {
  pdf: {
    extensions: ['pdf'],
    mediaType: 'application/pdf',
    group: 'pdf',
    read: true,
    preview: 'pages',
    inline: true,
    packed: true,
    mayHold: 'attachments',
  },
  docx: {
    extensions: ['docx', 'docm', 'dotx', 'dotm'],
    mediaType: `${OOXML}.wordprocessingml.document`,
    group: 'writing',
    read: true,
    office: true,
    preview: 'html',
    packed: true,
  },
  doc: { extensions: ['doc', 'dot'], mediaType: 'application/msword', group: 'writing', read: true, office: true },
  odt: {
    extensions: ['odt', 'ott'],
    mediaType: `${OPEN_DOCUMENT}.text`,
    group: 'writing',
    read: true,
    office: true,
    packed: true,
  },
  // One file of XML, not packed.
  flatText: {
    extensions: ['fodt'],
    mediaType: `${OPEN_DOCUMENT}.text-flat-xml`,
    group: 'writing',
    read: true,
    office: true,
  },
  rtf: { extensions: ['rtf'], mediaType: 'application/rtf', group: 'writing', read: true, office: true },
  xlsx: {
    extensions: ['xlsx', 'xlsm', 'xltx', 'xltm'],
    mediaType: `${OOXML}.spreadsheetml.sheet`,
    group: 'table',
    read: true,
    office: true,
    packed: true,
  },
  xls: { extensions: ['xls', 'xlt'], mediaType: 'application/vnd.ms-excel', group: 'table', read: true, office: true },
  ods: {
    extensions: ['ods', 'ots'],
    mediaType: `${OPEN_DOCUMENT}.spreadsheet`,
    group: 'table',
    read: true,
    office: true,
    packed: true,
  },
  flatTable: {
    extensions: ['fods'],
    mediaType: `${OPEN_DOCUMENT}.spreadsheet-flat-xml`,
    group: 'table',
    read: true,
    office: true,
  },
  csv: { extensions: ['csv'], mediaType: 'text/csv', group: 'table', read: true },
  tsv: { extensions: ['tsv'], mediaType: 'text/tab-separated-values', group: 'table', read: true },
  pptx: {
    extensions: ['pptx', 'pptm', 'potx', 'potm', 'ppsx', 'ppsm'],
    mediaType: `${OOXML}.presentationml.presentation`,
    group: 'slides',
    read: true,
    office: true,
    packed: true,
  },
  ppt: {
    extensions: ['ppt', 'pps', 'pot'],
    mediaType: 'application/vnd.ms-powerpoint',
    group: 'slides',
    read: true,
    office: true,
  },
  odp: {
    extensions: ['odp', 'otp'],
    mediaType: `${OPEN_DOCUMENT}.presentation`,
    group: 'slides',
    read: true,
    office: true,
    packed: true,
  },
  flatSlides: {
    extensions: ['fodp'],
    mediaType: `${OPEN_DOCUMENT}.presentation-flat-xml`,
    group: 'slides',
    read: true,
    office: true,
  },
  odg: {
    extensions: ['odg', 'otg'],
    mediaType: `${OPEN_DOCUMENT}.graphics`,
    group: 'picture',
    read: true,
    office: true,
    packed: true,
  },
  flatDrawing: {
    extensions: ['fodg'],
    mediaType: `${OPEN_DOCUMENT}.graphics-flat-xml`,
    group: 'picture',
    read: true,
    office: true,
  },
  txt: { extensions: ['txt'], mediaType: 'text/plain', group: 'text', read: true, inline: true },
  md: { extensions: ['md'], mediaType: 'text/markdown', group: 'text', read: true, preview: 'html' },
  png: {
    extensions: ['png'],
    mediaType: 'image/png',
    group: 'picture',
    read: true,
    scanned: true,
    preview: 'picture',
    inline: true,
    packed: true,
  },
  jpeg: {
    extensions: ['jpg', 'jpeg'],
    mediaType: 'image/jpeg',
    group: 'picture',
    read: true,
    scanned: true,
    preview: 'picture',
    inline: true,
    packed: true,
  },
  gif: {
    extensions: ['gif'],
    mediaType: 'image/gif',
    group: 'picture',
    preview: 'picture',
    inline: true,
    thumbnail: true,
    packed: true,
  },
  webp: {
    extensions: ['webp'],
    mediaType: 'image/webp',
    group: 'picture',
    read: true,
    scanned: true,
    preview: 'picture',
    inline: true,
    packed: true,
  },
  tiff: {
    extensions: ['tif', 'tiff'],
    mediaType: 'image/tiff',
    group: 'picture',
    read: true,
    scanned: true,
    preview: 'drawn',
  },
  bmp: { extensions: ['bmp'], mediaType: 'image/bmp', group: 'picture', preview: 'picture', inline: true },
  // As a picture of a page an SVG runs nothing; handed out in place it could.
  svg: { extensions: ['svg'], mediaType: 'image/svg+xml', group: 'picture', preview: 'picture', thumbnail: true },
  heic: { extensions: ['heic'], mediaType: 'image/heic', group: 'picture', packed: true },
  html: { extensions: ['html', 'htm'], mediaType: 'text/html', group: 'web', read: true },
  eml: { extensions: ['eml'], mediaType: 'message/rfc822', group: 'mail', read: true, holds: 'attachments' },
  mbox: { extensions: ['mbox'], mediaType: 'application/mbox', group: 'mail', read: true, holds: 'messages' },
  mp3: { extensions: ['mp3'], mediaType: 'audio/mpeg', group: 'sound', preview: 'sound', packed: true },
  ogg: { extensions: ['ogg'], mediaType: 'audio/ogg', group: 'sound', preview: 'sound', packed: true },
  weba: { extensions: ['weba'], mediaType: 'audio/webm', group: 'sound', preview: 'sound', packed: true },
  wav: { extensions: ['wav'], mediaType: 'audio/wav', group: 'sound', preview: 'sound' },
  m4a: { extensions: ['m4a'], mediaType: 'audio/mp4', group: 'sound', preview: 'sound', packed: true },
  flac: { extensions: ['flac'], mediaType: 'audio/flac', group: 'sound', preview: 'sound', packed: true },
  mp4: { extensions: ['mp4'], mediaType: 'video/mp4', group: 'sound', preview: 'film', packed: true },
  webm: { extensions: ['webm'], mediaType: 'video/webm', group: 'sound', preview: 'film', packed: true },
  mov: { extensions: ['mov'], mediaType: 'video/quicktime', group: 'sound', preview: 'film', packed: true },
  zip: {
    extensions: ['zip'],
    mediaType: 'application/zip',
    group: 'archive',
    read: true,
    packed: true,
    holds: 'files',
  },
  tar: { extensions: ['tar'], mediaType: 'application/x-tar', group: 'archive' },
  gzip: { extensions: ['gz'], mediaType: 'application/gzip', group: 'archive', packed: true },
  sevenZip: { extensions: ['7z'], mediaType: 'application/x-7z-compressed', group: 'archive', packed: true },
  epub: { extensions: ['epub'], mediaType: 'application/epub+zip', group: 'other', read: true, packed: true },
  opml: { extensions: ['opml'], mediaType: 'text/x-opml', group: 'other', read: true },
  uri: { extensions: ['uri'], mediaType: 'text/uri-list', group: 'other', read: true, preview: 'link' },
} as const satisfies Record<string, Format>

export type FormatKey = keyof typeof FORMATS
/** Formats whose words are read: each has a reader under the same key. */
export type ReadableFormat = {
  [K in FormatKey]: (typeof FORMATS)[K] extends { readonly read: true } ? K : never
}[FormatKey]
