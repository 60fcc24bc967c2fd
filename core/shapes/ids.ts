import * as yup from 'yup'
import type {
  BundleId,
  DocumentId,
  FolderId,
  GrantId,
  GroupId,
  MeaningId,
  OrderId,
  PersonId,
  SearchId,
  ShareLinkId,
  TagId,
} from '../ids'
import { UUID_PATTERN } from '../ids'

const message = 'this is not an id'

export const folderId = () => yup.string<FolderId>().matches(UUID_PATTERN, message).defined()
export const documentId = () => yup.string<DocumentId>().matches(UUID_PATTERN, message).defined()
export const meaningId = () => yup.string<MeaningId>().matches(UUID_PATTERN, message).defined()
export const tagId = () => yup.string<TagId>().matches(UUID_PATTERN, message).defined()
export const orderId = () => yup.string<OrderId>().matches(UUID_PATTERN, message).defined()
export const searchId = () => yup.string<SearchId>().matches(UUID_PATTERN, message).defined()
export const bundleId = () => yup.string<BundleId>().matches(UUID_PATTERN, message).defined()
export const shareLinkId = () => yup.string<ShareLinkId>().matches(UUID_PATTERN, message).defined()
export const groupId = () => yup.string<GroupId>().matches(UUID_PATTERN, message).defined()
export const grantId = () => yup.string<GrantId>().matches(UUID_PATTERN, message).defined()
export const personId = () => yup.string<PersonId>().matches(UUID_PATTERN, message).defined()
export const anyId = () => yup.string().matches(UUID_PATTERN, message).required()
