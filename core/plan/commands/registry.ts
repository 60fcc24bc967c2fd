// Every command there is: a new one is its file and a line in this list.

import type * as yup from 'yup'
import type { Definition, Shared } from '../command'
import type { Needs } from '../needs'
import type { Decision, Moment, Slice } from '../slice'
import { documentAdd } from './addDocuments'
import { draftApply } from './applyDraft'
import { folderArrange } from './arrangeFolders'
import { documentColour } from './colourDocuments'
import { folderColour } from './colourFolder'
import { documentCopy } from './copyThings'
import { folderCreate } from './createFolder'
import { folderDescribe } from './describeFolder'
import { bundleDrop } from './dropBundle'
import { meaningDrop } from './dropMeaning'
import { orderDrop } from './dropOrder'
import { searchDrop } from './dropSearch'
import { tagDrop } from './dropTag'
import { folderDuplicate } from './duplicateFolder'
import { documentFile } from './fileDocuments'
import { searchFolder } from './folderOfSearch'
import { folderArea } from './setArea'
import { planAreasOnly } from './giveInAreas'
import { documentArrange } from './arrangeDocuments'
import { documentGather } from './gatherDocuments'
import { documentFirst } from './keepDocumentsFirst'
import { folderFirst } from './keepFolderFirst'
import { searchKeep } from './keepSearch'
import { planTrash } from './keepTrash'
import { planRename } from './renamePlan'
import { versionCurrent } from './makeCurrent'
import { placeHome } from './makeHome'
import { folderMerge } from './mergeFolders'
import { tagMerge } from './mergeTags'
import { move } from './move'
import { folderNumber } from './numberFolder'
import { bundleOrder } from './orderBundle'
import { folderOrder } from './orderFolders'
import { folderNames } from './patternNames'
import { folderPin } from './pinFolder'
import { folderPlace } from './placeFolders'
import { meaningGive } from './giveNewMeaning'
import { meaningPlace } from './placeMeaning'
import { bundlePut } from './putIntoBundle'
import { tagPut } from './putTags'
import { folderRunningNumbers } from './giveRunningNumbers'
import { documentRemark } from './remarkDocument'
import { folderRemark } from './remarkFolder'
import { versionRemark } from './remarkVersion'
import { linkMake } from './makeLink'
import { grantGive } from './give'
import { grantEnd } from './takeBack'
import { groupSet } from './setGroup'
import { groupDrop } from './dropGroup'
import { groupHandOut } from './handOut'
import { placeRemove } from './removePlace'
import { documentRename } from './renameDocument'
import { documentNames } from './renameDocuments'
import { folderRename } from './renameFolder'
import { restore } from './restore'
import { bundleSet } from './setBundle'
import { meaningSet } from './setMeaning'
import { folderNumbering } from './setNumbering'
import { orderSet } from './setOrder'
import { tagSet } from './setTag'
import { star } from './star'
import { folderTag } from './tagOfFolder'
import { bundleTake } from './takeFromBundle'
import { tagTake } from './takeTags'
import { trash } from './trash'
import { documentWrite } from './writeDocument'

export const COMMANDS = [
  folderCreate,
  folderRename,
  folderDescribe,
  folderRemark,
  folderPin,
  folderRunningNumbers,
  folderFirst,
  folderArea,
  folderColour,
  folderNumber,
  folderNumbering,
  folderOrder,
  folderDuplicate,
  folderMerge,
  folderPlace,
  folderArrange,
  draftApply,
  documentRename,
  documentRemark,
  meaningSet,
  meaningGive,
  meaningPlace,
  meaningDrop,
  documentColour,
  folderNames,
  documentFile,
  documentFirst,
  documentArrange,
  documentGather,
  documentNames,
  versionCurrent,
  versionRemark,
  planTrash,
  planRename,
  planAreasOnly,
  orderSet,
  orderDrop,
  placeRemove,
  placeHome,
  documentCopy,
  searchKeep,
  searchDrop,
  searchFolder,
  folderTag,
  bundleSet,
  bundlePut,
  bundleTake,
  bundleOrder,
  bundleDrop,
  tagPut,
  tagTake,
  tagSet,
  tagMerge,
  tagDrop,
  move,
  star,
  trash,
  restore,
  linkMake,
  grantGive,
  grantEnd,
  groupSet,
  groupDrop,
  groupHandOut,
  documentAdd,
  documentWrite,
] as const

type Defined = (typeof COMMANDS)[number]
export type CommandKind = Defined['kind']
type WrittenTo<D> = D extends { readonly whole: (written: infer W) => unknown } ? W : never
type WrittenByKind = { readonly [D in Defined as D['kind']]: WrittenTo<D> }

/** A command of this kind, by default of any. `folderId: null` means the plan's top, for documents the In-tray. */
export type CommandOf<Kind extends CommandKind = CommandKind> = {
  readonly [K in Kind]: { readonly kind: K } & WrittenByKind[K]
}[Kind]
export type Command = CommandOf

/** What a client may ask for; bytes come in by uploads only. */
export type ClientCommand = CommandOf<Exclude<Defined, { readonly shape: null }>['kind']>

type Decides<W> = Pick<
  Definition<CommandKind, W, never, yup.AnyObjectSchema | null>,
  'kind' | 'shape' | 'doc' | 'owners'
> & {
  readonly needs: (written: W) => Partial<Needs>
  readonly decide: (slice: Slice, written: W, moment: Moment) => Decision
  readonly shared: Shared<W> | null
}
type ByKind = { readonly [K in CommandKind]: Decides<WrittenByKind[K]> }
type AnyDefinition = Definition<CommandKind, unknown, unknown, yup.AnyObjectSchema | null>
const asWritten = ({ whole, needs, decide, shared, ...others }: AnyDefinition) => ({
  ...others,
  needs: (written: unknown) => needs(whole(written)),
  decide: (slice: Slice, written: unknown, moment: Moment) => decide(slice, whole(written), moment),
  shared: shared && { ...shared, touches: (written: unknown) => shared.touches(whole(written)) },
})

/** The same by their kinds, taking commands as they are written. */
export const BY_KIND = Object.fromEntries(
  COMMANDS.map(one => [one.kind, asWritten(one as AnyDefinition)]),
) as unknown as ByKind // the list names each kind once

export function isCommandKind(kind: unknown): kind is CommandKind {
  return typeof kind === 'string' && Object.hasOwn(BY_KIND, kind)
}
