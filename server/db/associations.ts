// What the rows of each table belong to: every foreign key of the database, and what no key holds because it may be
// gone. A test compares them with the database. Ids of a plan's own things are looked up within the plan.

import type { IncludeOptions, Model, ModelStatic, WhereOptions } from 'sequelize'
import { col, Op } from 'sequelize'
import { accessRequests } from './models/accessRequest'
import { accounts } from './models/account'
import { blobs } from './models/blob'
import { blobChunks } from './models/blobChunk'
import { bundles } from './models/bundle'
import { bundleItems } from './models/bundleItem'
import { changes } from './models/change'
import { documents } from './models/document'
import { drafts } from './models/draft'
import { folders } from './models/folder'
import { grants } from './models/grant'
import { grantUses } from './models/grantUse'
import { groupMembers } from './models/groupMember'
import { handovers } from './models/handover'
import { keptSearches } from './models/keptSearch'
import { laidAside } from './models/laidAside'
import { locks } from './models/lock'
import { mails } from './models/mail'
import { meanings } from './models/meaning'
import { mutedGivers } from './models/mutedGiver'
import { nameTokens } from './models/nameToken'
import { nameWords } from './models/nameWord'
import { openings } from './models/opening'
import { orderLooks } from './models/orderLook'
import { pageLexemes } from './models/pageLexeme'
import { pageTexts } from './models/pageText'
import { pageWords } from './models/pageWords'
import { personGroups } from './models/personGroup'
import { placements } from './models/placement'
import { plans } from './models/plan'
import { readings } from './models/reading'
import { recentSearches } from './models/recentSearch'
import { scannedPages } from './models/scannedPage'
import { scanPages } from './models/scanPage'
import { sealedTexts } from './models/sealedText'
import { searchRows } from './models/searchRow'
import { serials } from './models/serial'
import { sessions } from './models/session'
import { shareLinks } from './models/shareLink'
import { shareLinkUses } from './models/shareLinkUse'
import { skeletons } from './models/skeleton'
import { standingOrders } from './models/standingOrder'
import { stars } from './models/star'
import { tags } from './models/tag'
import { taggings } from './models/tagging'
import { textWords } from './models/textWord'
import { thumbnails } from './models/thumbnail'
import { uploads } from './models/upload'
import { versions } from './models/version'
import { visits } from './models/visit'

type AnyModel = () => ModelStatic<Model>

export interface Association {
  readonly of: AnyModel
  /** By which it is read, and the attribute of the rows that it is read into. */
  readonly as: string
  readonly to: AnyModel
  readonly by: string
  readonly inPlan: boolean
  /** No foreign key holds it. */
  readonly loose: boolean
}

const belongs = (of: AnyModel, as: string, to: AnyModel, by = `${as}Id`): Association => {
  return { of, as, to, by, inPlan: false, loose: false }
}
const inPlan = (of: AnyModel, as: string, to: AnyModel, by?: string): Association => ({
  ...belongs(of, as, to, by),
  inPlan: true,
})
const loosely = (association: Association): Association => ({ ...association, loose: true })

// prettier-ignore
const OF_A_PLAN = [
  accessRequests, blobs, bundleItems, bundles, changes, documents, drafts, folders, grants, grantUses, handovers,
  keptSearches, laidAside, locks, meanings, nameWords, personGroups, placements, recentSearches, scannedPages, serials,
  sessions, shareLinks, shareLinkUses, skeletons, standingOrders, stars, taggings, tags, textWords, uploads, versions,
  visits,
]
// prettier-ignore
const OF_BYTES = [
  blobChunks, documents, openings, pageLexemes, pageTexts, pageWords, readings, scanPages, sealedTexts, thumbnails,
  uploads, versions,
]
const OF_A_DOCUMENT = [bundleItems, nameTokens, orderLooks, placements, searchRows, versions, visits]
const OF_A_PERSON = [accessRequests, changes, grantUses, mails, mutedGivers, plans, sessions]

export const ASSOCIATIONS: readonly Association[] = [
  ...OF_A_PLAN.map(of => belongs(of, 'plan', plans)),
  ...OF_BYTES.map(of => belongs(of, 'blob', blobs)),
  ...OF_A_PERSON.map(of => belongs(of, 'account', accounts)),
  ...OF_A_DOCUMENT.map(of => inPlan(of, 'document', documents)),
  belongs(blobs, 'lock', locks),
  inPlan(bundleItems, 'bundle', bundles),
  inPlan(changes, 'undone', changes, 'undoes'),
  inPlan(changes, 'undoing', changes, 'undoneBy'),
  inPlan(documents, 'meaning', meanings),
  inPlan(folders, 'meaning', meanings),
  inPlan(folders, 'parent', folders),
  inPlan(groupMembers, 'group', personGroups),
  belongs(handovers, 'person', accounts),
  inPlan(keptSearches, 'folder', folders),
  inPlan(locks, 'folder', folders),
  belongs(mutedGivers, 'giver', accounts),
  inPlan(placements, 'folder', folders),
  inPlan(tags, 'meaning', meanings),
  inPlan(taggings, 'tag', tags),
  loosely(belongs(groupMembers, 'person', accounts)),
  loosely(inPlan(accessRequests, 'document', documents, 'targetId')),
]

const columnOf = (model: ModelStatic<Model>, attribute: string) => model.getAttributes()[attribute]?.field ?? attribute

export interface Belonging {
  readonly attributes: readonly string[]
  readonly where?: WhereOptions
  /** Rows without it are left out; so they are where this is not said. */
  readonly required?: boolean
}

/** What a row belongs to, read with it by one statement: `include: [belonging(sessions, 'account', { … })]`. */
export function belonging(of: AnyModel, as: string, { attributes, where, required = true }: Belonging): IncludeOptions {
  const association = ASSOCIATIONS.find(one => one.of === of && one.as === as)
  if (!association) throw new Error(`${of().name} has no association "${as}".`)
  const [model, target] = [of(), association.to()]
  if (!(as in model.associations))
    model.belongsTo(target, { as, foreignKey: association.by, targetKey: 'id', constraints: false })
  // A condition of ours is taken as it is: by columns.
  const own = (attribute: string) => ({ [Op.eq]: col(`${model.name}.${columnOf(model, attribute)}`) })
  const on = { id: own(association.by), ...(association.inPlan ? { [columnOf(target, 'planId')]: own('planId') } : {}) }
  return { model: target, as, attributes: [...attributes], required, on, ...(where ? { where } : {}) }
}
