// The words of History: each act by its key, in the notation of ICU MessageFormat. What stands in braces is a value
// of the act; names are set in typographic quotes, places are named with their code. Another language is another file
// of the same keys. A key that was written once is stored, so it stays.

export const MESSAGES = {
  // What others are made of.
  top: 'the top of the plan',
  inTray: 'the In-tray',
  topAndInTray: 'the top of the plan and the In-tray',
  wholePlan: 'the plan',
  named: '“{name}”',
  folders: '{count, plural, one {# folder} other {# folders}}',
  documents: '{count, plural, one {# document} other {# documents}}',
  foldersWith: '{folders} with {documents}',
  // Undoing.
  undid: 'Undid: {act}',
  didAgain: 'Did again: {act}',
  // Folders.
  'folder.create': 'New folder “{name}” in {place}',
  'folder.rename': 'Renamed “{before}” to “{name}” in {place}',
  'folder.place': 'Placed {things} in {place}',
  'folder.placeAs': 'Placed “{name}” as {code} in {place}',
  'folder.colour':
    'Gave {place} the colour “{colour}”{below, plural, =0 {} one { and to # folder below it} other { and to # folders below it}}',
  'folder.colourOfParent':
    'Let {place} take the colour of its parent{below, plural, =0 {} one { and to # folder below it} other { and to # folders below it}}',
  'folder.purpose': 'Wrote the purpose of {place}',
  'folder.purposeOff': 'Took the purpose off {place}',
  'folder.remark': 'Wrote the remark of {place}',
  'folder.remarkOff': 'Took the remark off {place}',
  'folder.numberOut': 'Left {place} out of the numbers',
  'folder.numberText': 'Numbered {place} with “{text}”',
  'folder.numberNext': 'Let {place} take the next number in order',
  'folder.number': 'Gave {place} the number {number}',
  'folder.numberLoose': 'Gave {place} the number {number}, not held fixed',
  'folder.numberNone': 'Numbered the folders in {place} not at all',
  'folder.numberNoneTop': 'Numbered the top folders not at all',
  'folder.numbering':
    'Numbered the folders in {place} {sample}{way, select, alone { without the code above} dot {} other {, joined by “{joint}”}}',
  'folder.numberingTop':
    'Numbered the top folders {sample}{way, select, alone { without the code above} dot {} other {, joined by “{joint}”}}',
  'folder.numberingInherited': 'Let the folders in {place} be numbered as it is itself',
  'folder.order':
    'Ordered the folders in {place} {order, select, number {by number} name {by name} hand {by hand} other {by last change}}',
  'folder.orderTop':
    'Ordered the top folders {order, select, number {by number} name {by name} hand {by hand} other {by last change}}',
  'folder.arrange':
    'Arranged the folders in {place}{way, select, keep {: numbers written down as they are} close {: gaps closed} spread {: spread with gaps} name {: in the order of the names} dates {: in the order of the dates} other {}}{changed, plural, =0 {} one {; # number changed} other {; # numbers changed}}',
  'folder.first': 'Kept {place} first in its place',
  'folder.inOrder': 'Let {place} stand in order again',
  'folder.pin': 'Pinned {place} to the short list',
  'folder.unpin': 'Took {place} off the short list',
  'folder.pattern': 'Set the names in {place} to “{pattern}”',
  'folder.patternInherited': 'Let names in {place} be made as above',
  'folder.duplicate':
    'Made {place} from “{name}”{documents, plural, =0 {} one {, with # document filed there as well} other {, with # documents filed there as well}}',
  'folder.merge': 'Merged “{name}” into {place}: {what}',
  'folder.ofSearch':
    'Made {place} of a search, {documents} {way, select, move {moved into it} other {filed there as well}}',
  'folder.toTag':
    'Made the tag “{tag}” of {place}, on {documents}{gone, select, true {; the folder is in the Trash} other {}}',
  'folder.runningNumbers':
    'Began running numbers in {place}{documents, plural, =0 {} one { with # document in it} other { with # documents in it}}',
  'folder.runningNumbersOff': 'Stopped giving running numbers in {place}',
  'draft.apply': 'Applied a draft to {place}: {what}',
  'draft.new': '{count, number} new',
  'draft.renamed': '{count, number} renamed',
  'draft.moved': '{count, number} moved',
  'draft.removed': '{count, number} removed',
  // Documents and folders alike.
  move: 'Moved {things} to {places}',
  copy: 'Copied {things} to {place}',
  trash: 'Put {things}{within, plural, =0 {} one { with # document} other { with # documents}} into the Trash',
  trashFrom: 'Put {things} into the Trash, out of {places}',
  restore:
    'Restored {things}{homeless, plural, =0 {} one {; the folder of # document is gone, so they are in the In-tray} other {; the folder of # documents is gone, so they are in the In-tray}}',
  restoreTo:
    'Restored {things} to {place}{homeless, plural, =0 {} one {; the folder of # document is gone, so they are in the In-tray} other {; the folder of # documents is gone, so they are in the In-tray}}',
  purge: 'Deleted {things} for good ({size} freed)',
  purgeWith: 'Deleted {things} for good ({documents}, {size} freed)',
  'plan.rename': 'Renamed the plan “{before}” to “{name}”',
  'trash.days': 'The Trash keeps things for {days} days',
  'trash.forEver': 'The Trash keeps everything until it is deleted by hand',
  star: 'Starred {things}',
  unstar: 'Took the star off {things}',
  // Documents.
  'documents.add': 'Added {what} to {place}',
  'documents.version': 'New version of {what} in {place}',
  'document.write': 'Wrote “{name}” in {place}',
  'document.rename': 'Renamed “{before}” to “{name}” in {place}',
  'documents.renameOne': 'Renamed “{before}” to “{name}”',
  'documents.rename': 'Renamed {documents}',
  'document.remark': 'Wrote a remark on “{name}” in {place}',
  'document.remarkOff': 'Took the remark off “{name}” in {place}',
  'version.remark': 'Wrote a remark on version {version, number} of “{name}” in {place}',
  'version.current': 'Made version {version, number} of “{name}” the current one',
  'document.home': 'Made {place} the home of “{name}”',
  'documents.colour': 'Gave {documents} the colour “{colour}”',
  'documents.colourIn': 'Gave {documents} in {place} the colour “{colour}”',
  'documents.colourOfFolder': 'Let {documents} take the colour of the folder',
  'documents.colourOfFolderIn': 'Let {documents} in {place} take the colour of the folder',
  'documents.file': 'Filed {documents} in {places}{way, select, also { as well} other {}}',
  'documents.fileTagged': 'Filed {documents} in {places}{way, select, also { as well} other {}}, tagged {tags}',
  'documents.deal': 'Dealt with {documents}',
  'documents.dealTagged': 'Dealt with {documents}, tagged {tags}',
  'order.file': 'Standing order “{order}”: filed {documents} in {places}{way, select, also { as well} other {}}',
  'order.fileTagged':
    'Standing order “{order}”: filed {documents} in {places}{way, select, also { as well} other {}}, tagged {tags}',
  'order.deal': 'Standing order “{order}”: dealt with {documents}',
  'order.dealTagged': 'Standing order “{order}”: dealt with {documents}, tagged {tags}',
  'place.remove': 'Took {documents} out of {place}',
  'place.removeStill': 'Took {documents} out of {place}; still in {places}',
  'place.removeLast': 'Took {documents} out of {place}; it is in the In-tray now',
  'place.removeSome':
    'Took {documents} out of {place}; {count, plural, one {# document of them is} other {# documents of them are}} in the In-tray now',
  // Tags.
  'tags.put': 'Tagged {things} with {tags}',
  'tags.take': 'Took {count, plural, one {the tag} other {the tags}} {tags} off {things}',
  'tag.change': 'Changed the tag “{name}”',
  'tag.rename': 'Renamed the tag “{before}” to “{name}”',
  'tag.merge': 'Merged the tag “{name}” into “{into}”, on {count, plural, one {# thing} other {# things}}',
  'tag.delete': 'Deleted the tag “{name}”{count, plural, =0 {} one {, taken off # thing} other {, taken off # things}}',
  // The colour key.
  'colour.add': 'Added “{name}” to the colour key',
  'colour.change': 'Changed “{name}” in the colour key',
  'colour.move': 'Moved “{name}” in the colour key',
  'colour.drop': 'Took “{name}” out of the colour key',
  'colour.dropFrom': 'Took “{name}” out of the colour key ({carriers})',
  'colour.replace': 'Made “{name}” into “{into}”',
  'colour.replaceOn': 'Made “{name}” into “{into}” ({carriers})',
  // Kept searches, standing orders, bundles.
  'search.keep': 'Kept the search “{name}”',
  'search.keepIn': 'Kept the search “{name}” in {place}',
  'search.change': 'Changed the kept search “{name}”',
  'search.rename': 'Renamed the kept search “{before}” to “{name}”',
  'search.drop': 'Dropped the kept search “{name}”; its documents stay where they are',
  'order.make': 'New standing order “{name}”',
  'order.change': 'Changed the standing order “{name}”{state, select, on {: it is on} off {: it is off} other {}}',
  'order.drop': 'Dropped the standing order “{name}”',
  'bundle.make': 'New bundle “{name}”{documents, plural, =0 {} one { of # document} other { of # documents}}',
  'bundle.change': 'Changed the bundle “{name}”',
  'bundle.rename': 'Renamed the bundle “{before}” to “{name}”',
  'bundle.done': 'Marked the bundle “{name}” as done',
  'bundle.again': 'Took up the bundle “{name}” again',
  'bundle.put': 'Put {documents} into the bundle “{name}”',
  'bundle.take': 'Took {documents} out of the bundle “{name}”',
  'bundle.order': 'Put the bundle “{name}” into another order',
  'bundle.drop': 'Dissolved the bundle “{name}”; its documents stay where they are',
} as const satisfies Record<string, string>
