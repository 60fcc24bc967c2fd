// What a drop would do, in words.

import { counted, nameThings } from '../../core/change/index'
import type { Carried, Drop } from '../../core/drop/index'
import type { FolderId } from '../../core/ids'
import { usePlaceNames } from './placeNames'

/** `name`: of one thing that is dragged, else empty. */
export type Named = Carried & { readonly name: string }

const nameOf = ({ folderIds, documentIds, name }: Named) =>
  nameThings(
    folderIds.map(() => ({ name })),
    documentIds.map(() => ({ name })),
  )

export const placeText = (place: FolderId | null): string =>
  place === null ? 'the In-tray' : (usePlaceNames().placeOf(place)?.text ?? '')
const topOr = (place: FolderId | null) => (place === null ? 'the top of the plan' : placeText(place))

export function dropText(drop: Drop, carried: Named): string {
  const what = nameOf(carried)
  switch (drop.kind) {
    case 'pickUp':
      return `Pick up ${what}`
    case 'place':
      return `Place ${what}${drop.code === '' ? '' : ` as ${drop.code}`} in ${topOr(drop.at.parentId)}`
    case 'fileAsWell':
      return `File ${what} in ${placeText(drop.to)} as well`
    case 'move':
      return `Move ${what} to ${carried.folderIds.length > 0 ? topOr(drop.to) : placeText(drop.to)}`
    case 'gather':
      return `Put ${counted(drop.documentIds.length, 'document')} into a new folder in ${placeText(drop.in)}`
    case 'refused':
      return refusedText(drop, carried, what)
  }
}

function refusedText(drop: Extract<Drop, { readonly kind: 'refused' }>, carried: Named, what: string): string {
  switch (drop.why) {
    case 'nowhere':
      return `Move ${what}: drop it on a folder`
    case 'onePlace':
      return 'Not possible: a folder lies in one place only'
    case 'itself':
      return 'Not possible: a folder cannot go into itself'
    case 'there':
      return `${what} ${carried.folderIds.length + carried.documentIds.length === 1 ? 'lies' : 'lie'} there already`
    case 'foldersInTray':
      return 'Not possible: folders cannot lie in the In-tray'
    case 'numbers':
      return drop.reason.message
  }
}
