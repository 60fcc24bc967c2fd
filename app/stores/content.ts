// Where the bytes of documents are, and their texts: not kept in a store, since they are looked at once.

export {
  archiveAddress,
  asPagesAddress,
  contentAddress,
  pageAddress,
  readAgain,
  readBytes,
  readDocument,
  readHits,
  readTagSuggestions,
  readText,
  thumbnailAddress,
} from '../api/documents'
export { readWords } from '../api/reading'
