// Every table has its model; the test of the models compares each with the database.

import { accessRequests } from './accessRequest'
import { accounts } from './account'
import { attempts } from './attempt'
import { blobs } from './blob'
import { blobChunks } from './blobChunk'
import { bundles } from './bundle'
import { bundleItems } from './bundleItem'
import { changes } from './change'
import { documents } from './document'
import { drafts } from './draft'
import { folders } from './folder'
import { handovers } from './handover'
import { keptSearches } from './keptSearch'
import { laidAside } from './laidAside'
import { locks } from './lock'
import { longActs } from './longAct'
import { mails } from './mail'
import { meanings } from './meaning'
import { mutedGivers } from './mutedGiver'
import { nameTokens } from './nameToken'
import { nameWords } from './nameWord'
import { openings } from './opening'
import { orderLooks } from './orderLook'
import { pageLexemes } from './pageLexeme'
import { pageTexts } from './pageText'
import { pageWords } from './pageWords'
import { placements } from './placement'
import { plans } from './plan'
import { readings } from './reading'
import { recentSearches } from './recentSearch'
import { scanPages } from './scanPage'
import { scannedPages } from './scannedPage'
import { sealedTexts } from './sealedText'
import { searchRows } from './searchRow'
import { serials } from './serial'
import { sessions } from './session'
import { grants } from './grant'
import { grantUses } from './grantUse'
import { groupMembers } from './groupMember'
import { personGroups } from './personGroup'
import { shareLinks } from './shareLink'
import { shareLinkUses } from './shareLinkUse'
import { skeletons } from './skeleton'
import { standingOrders } from './standingOrder'
import { stars } from './star'
import { tags } from './tag'
import { taggings } from './tagging'
import { textWords } from './textWord'
import { thumbnails } from './thumbnail'
import { uploads } from './upload'
import { versions } from './version'
import { visits } from './visit'

export const MODELS = [
  accessRequests,
  accounts,
  attempts,
  blobs,
  blobChunks,
  bundles,
  bundleItems,
  changes,
  documents,
  drafts,
  folders,
  handovers,
  keptSearches,
  laidAside,
  locks,
  longActs,
  mails,
  mutedGivers,
  meanings,
  nameTokens,
  nameWords,
  openings,
  orderLooks,
  pageLexemes,
  pageTexts,
  pageWords,
  placements,
  plans,
  readings,
  recentSearches,
  scanPages,
  scannedPages,
  sealedTexts,
  searchRows,
  serials,
  sessions,
  grants,
  grantUses,
  groupMembers,
  personGroups,
  shareLinks,
  shareLinkUses,
  skeletons,
  standingOrders,
  stars,
  tags,
  taggings,
  textWords,
  thumbnails,
  uploads,
  versions,
  visits,
] as const
