import * as yup from 'yup'

export {
  anyId,
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
} from '../core/shapes/index'
/** ISO 8601 in UTC. */
export const time = () => yup.string().datetime({ message: 'a time is written as ISO 8601 in UTC' }).required()
