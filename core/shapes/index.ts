export {
  anyId,
  bundleId,
  documentId,
  folderId,
  grantId,
  groupId,
  meaningId,
  orderId,
  personId,
  searchId,
  shareLinkId,
  tagId,
} from './ids'

export { documentIds, documentsToFile, folderIds, isId, NAME_LIMIT, namedDocuments, THINGS_LIMIT } from './many'
