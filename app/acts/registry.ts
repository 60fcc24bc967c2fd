// Every act there is, in the order of menus. Adding one is a file beside the others and a line here.

import type { PlaceAct, PlainAct, ThingAct } from './act'
import { editColours, find, goToAndDo, showKeys } from './anywhere/fields'
import { jot } from './anywhere/jot'
import { lockAll } from './anywhere/lockAll'
import { lookActs } from './anywhere/look'
import { pageActs } from './anywhere/pages'
import { putDown } from './anywhere/putDown'
import { print } from './anywhere/print'
import { redo, undo } from './anywhere/undo'
import { addDesktopFolder, addDocuments } from './place/addDocuments'
import { downloadPlan } from './place/downloadPlan'
import { draft, nextPeriod } from './place/draft'
import { duplicate, duplicateWithDocuments } from './place/duplicate'
import { keepSkeleton } from './place/keepSkeleton'
import { makeTag } from './place/makeTag'
import { merge } from './place/merge'
import { newFolder } from './place/newFolder'
import { newLink } from './place/newLink'
import { newMemo } from './place/newMemo'
import { numberTop } from './place/numberTop'
import { printContents } from './place/printContents'
import { saveAsMarkdown, saveAsOpml, saveAsTable } from './place/saveAs'
import { bundle } from './things/bundle'
import { colour } from './things/colour'
import { download } from './things/download'
import { fileElsewhere } from './things/fileElsewhere'
import { gather } from './things/gather'
import { give } from './things/give'
import { handOver } from './things/handOver'
import { handOut } from './things/handOut'
import { keepFirst } from './things/keepFirst'
import { lock } from './things/lock'
import { makeArea } from './things/makeArea'
import { move } from './things/move'
import { numbering } from './things/numbering'
import { open } from './things/open'
import { layEarlier, layLater } from './things/orderByHand'
import { pickUp, pickUpCopy } from './things/pickUp'
import { pin } from './things/pin'
import { putIntoArea } from './things/putIntoArea'
import { rename } from './things/rename'
import { showInPlan } from './things/showInPlan'
import { star } from './things/star'
import { story } from './things/story'
import { tag } from './things/tag'
import { takeOut } from './things/takeOut'
import { trash } from './things/trash'
import { unlock } from './things/unlock'
import { write } from './things/write'

/** On folders and documents, one or several. */
export const THING_ACTS: readonly ThingAct[] = [
  ...[open, showInPlan, write, rename],
  ...[move, fileElsewhere, pickUp, pickUpCopy, gather, takeOut],
  ...[tag, colour, numbering, star, pin, keepFirst, layEarlier, layLater, bundle],
  ...[download, give, putIntoArea, makeArea, handOut, handOver, lock, unlock, story],
  trash,
]

/** In a folder, or at the top of the plan. */
export const PLACE_ACTS: readonly PlaceAct[] = [
  ...[newFolder, addDocuments, addDesktopFolder, numberTop],
  ...[newMemo, newLink],
  ...[draft, nextPeriod, keepSkeleton, duplicate, duplicateWithDocuments, merge, makeTag],
  ...[saveAsOpml, saveAsMarkdown, saveAsTable, printContents, downloadPlan],
]

/** On every page. */
export const PLAIN_ACTS: readonly PlainAct[] = [
  ...[find, goToAndDo, jot, putDown, undo, redo, print, lockAll, editColours],
  ...pageActs,
  ...lookActs,
  showKeys,
]
