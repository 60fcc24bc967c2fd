import type { Command } from './command'
import { applyDraft } from './commands/applyDraft'
import { duplicate } from './commands/duplicate'
import { merge } from './commands/merge'
import { dropMeaning, placeMeaning } from './commands/arrangeMeanings'
import { arrange, place } from './commands/arrange'
import { addDocuments } from './commands/addDocuments'
import { createFolder } from './commands/createFolder'
import { colourDocuments, remarkDocument, renameDocument } from './commands/editDocument'
import { colourFolder, describeFolder, keepFirst, nameBelow, numberFolder, orderFolders, pinFolder, remarkFolder, renameFolder, setNumbering } from './commands/editFolder'
import { move } from './commands/move'
import { registerFolder } from './commands/registerFolder'
import { setMeaning } from './commands/setMeaning'
import { dropSearch, folderOfSearch, keepSearch, tagOfFolder } from './commands/searches'
import { star } from './commands/star'
import { dropBundle, orderBundle, putIntoBundle, setBundle, takeFromBundle } from './commands/bundles'
import { copyThings } from './commands/copy'
import { fileDocuments, makeHome, removePlace } from './commands/file'
import { dropOrder, setOrder } from './commands/orders'
import { dropTag, mergeTags, putTags, setTag, takeTags } from './commands/tags'
import { makeCurrent, remarkVersion, writeDocument } from './commands/versions'
import { renameMany } from './commands/renameMany'
import { keepTrash, restore, trash } from './commands/trash'
import { withRunningNumbers } from './runningNumbers'
import type { Decision, Moment, Slice } from './slice'

/** The Change that a command makes of the slice, or the reason why there is none. */
export function decide(slice: Slice, command: Command, moment: Moment): Decision {
  const decision = decideAlone(slice, command, moment)
  return decision.ok ? { ...decision, rows: withRunningNumbers(slice, decision.rows, moment.locale) } : decision
}

function decideAlone(slice: Slice, command: Command, moment: Moment): Decision {
  switch (command.kind) {
    case 'folder.create': return createFolder(slice, command, moment)
    case 'folder.rename': return renameFolder(slice, command, moment)
    case 'folder.describe': return describeFolder(slice, command, moment)
    case 'folder.remark': return remarkFolder(slice, command, moment)
    case 'folder.first': return keepFirst(slice, command, moment)
    case 'folder.pin': return pinFolder(slice, command, moment)
    case 'folder.register': return registerFolder(slice, command, moment)
    case 'folder.colour': return colourFolder(slice, command, moment)
    case 'folder.number': return numberFolder(slice, command, moment)
    case 'folder.numbering': return setNumbering(slice, command, moment)
    case 'folder.order': return orderFolders(slice, command, moment)
    case 'folder.duplicate': return duplicate(slice, command, moment)
    case 'folder.merge': return merge(slice, command, moment)
    case 'folder.place': return place(slice, command, moment)
    case 'folder.arrange': return arrange(slice, command, moment)
    case 'draft.apply': return applyDraft(slice, command, moment)
    case 'document.add': return addDocuments(slice, command, moment)
    case 'document.rename': return renameDocument(slice, command, moment)
    case 'document.remark': return remarkDocument(slice, command, moment)
    case 'meaning.set': return setMeaning(slice, command)
    case 'meaning.place': return placeMeaning(slice, command)
    case 'meaning.drop': return dropMeaning(slice, command)
    case 'document.colour': return colourDocuments(slice, command, moment)
    case 'folder.names': return nameBelow(slice, command, moment)
    case 'document.file': return fileDocuments(slice, command, moment)
    case 'document.names': return renameMany(slice, command)
    case 'document.write': return writeDocument(slice, command, moment)
    case 'version.current': return makeCurrent(slice, command, moment)
    case 'version.remark': return remarkVersion(slice, command, moment)
    case 'plan.trash': return keepTrash(slice, command)
    case 'order.set': return setOrder(slice, command)
    case 'order.drop': return dropOrder(slice, command)
    case 'place.remove': return removePlace(slice, command, moment)
    case 'place.home': return makeHome(slice, command, moment)
    case 'document.copy': return copyThings(slice, command, moment)
    case 'search.keep': return keepSearch(slice, command, moment)
    case 'search.drop': return dropSearch(slice, command)
    case 'search.folder': return folderOfSearch(slice, command, moment)
    case 'folder.tag': return tagOfFolder(slice, command, moment)
    case 'bundle.set': return setBundle(slice, command, moment)
    case 'bundle.put': return putIntoBundle(slice, command, moment)
    case 'bundle.take': return takeFromBundle(slice, command)
    case 'bundle.order': return orderBundle(slice, command)
    case 'bundle.drop': return dropBundle(slice, command)
    case 'tag.put': return putTags(slice, command, moment)
    case 'tag.take': return takeTags(slice, command)
    case 'tag.set': return setTag(slice, command)
    case 'tag.merge': return mergeTags(slice, command)
    case 'tag.drop': return dropTag(slice, command)
    case 'move': return move(slice, command, moment)
    case 'star': return star(slice, command, moment)
    case 'trash': return trash(slice, command, moment)
    case 'restore': return restore(slice, command, moment)
  }
}
