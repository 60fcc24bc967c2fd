import type { BundleId, DocumentId, FolderId, GroupId, MeaningId, PersonId, ShareLinkId, TagId } from '../ids'

/** Folded: a name, and what stands before the count of its namesakes ("minutes" of "Minutes (2)"). */
export interface Namesakes {
  readonly folderId: FolderId
  readonly name: string
  readonly stem: string
}

/** Which documents a command has to see; all folders, meanings and the plan itself are always there. */
export interface Needs {
  readonly documentIds: readonly DocumentId[]
  /** All documents of this folder, for their names. */
  readonly inFolder: FolderId | null
  /** Documents of a folder that a name could meet there, also once it is counted up. */
  readonly namesakes: readonly Namesakes[]
  /** Documents that lie in a folder with this one, under this folded name. */
  readonly besides: readonly { readonly id: DocumentId; readonly name: string }[]
  /** All documents that lie in these folders themselves. */
  readonly inFolders: readonly FolderId[]
  /** All documents of these folders and of everything below them. */
  readonly inBranches: readonly FolderId[]
  /** All documents that carry this meaning themselves. */
  readonly meaningId: MeaningId | null
  /** All taggings of these tags. */
  readonly tagIds: readonly TagId[]
  /** All taggings of these folders and documents. */
  readonly taggedIds: readonly string[]
  /** All versions of these documents. */
  readonly versionsOf: readonly DocumentId[]
  /** The stars of these things. */
  readonly starIds: readonly string[]
  /** All tags, all standing orders of the plan. */
  readonly tags: boolean
  readonly orders: boolean
  /** All kept searches; all bundles, with what is in the one named. */
  readonly searches: boolean
  readonly bundleId: BundleId | null
  /** These links, with the documents that they give. */
  readonly linkIds: readonly ShareLinkId[]
  /** All groups with their members, and everything that was given, to people and by links. */
  readonly access: boolean
  /** The names of these people. */
  readonly personIds: readonly PersonId[]
  /** And of everybody in this group. */
  readonly membersOf: GroupId | null
  /** All documents in the Trash that came there with one of these ids. */
  readonly trashRoots: readonly string[]
}

export const NO_NEEDS: Needs = {
  documentIds: [],
  inFolder: null,
  inFolders: [],
  namesakes: [],
  besides: [],
  meaningId: null,
  inBranches: [],
  trashRoots: [],
  tagIds: [],
  taggedIds: [],
  versionsOf: [],
  starIds: [],
  tags: false,
  orders: false,
  searches: false,
  bundleId: null,
  linkIds: [],
  access: false,
  personIds: [],
  membersOf: null,
}
