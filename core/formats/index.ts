export type { Format, ReadableFormat } from './catalogue'

export {
  extensionsWhere,
  fileNameOf,
  formatOf,
  hasThumbnail,
  holdsOf,
  mayHoldOf,
  isInlineSafe,
  isOfficeDocument,
  isPacked,
  isPicture,
  isReadable,
  isScanned,
  mediaTypeOf,
  needsServerRendering,
  playedAs,
  READABLE,
  readableFormat,
} from './formats'
export { archiveNames } from './archiveNames'
export { archivePaths } from './archivePaths'
export { sizeText } from './size'
export { readCsv, writeCsv } from './csv'
export { messageOf, rowsOfSheet } from './partText'
export { readOpml, writeOpml } from './opml'
export type { FolderFacts, OutlineNode } from './outlineNode'
export type { Link } from './uriList'
export { addressName, readUriList, webAddress, writeUriList } from './uriList'
export { mailAddressText } from './mailAddress'
