import { describe, expect, it } from 'vitest'
import type { FolderId } from '../ids'
import { buildTree } from '../tree/index'
import { chosenPlaces } from './chosenPlaces'

const folder = (id: string, parentId: string | null) => ({ id: id as FolderId, parentId: parentId as FolderId | null })
const tree = buildTree([
  folder('office', null),
  folder('leases', 'office'),
  folder('open', 'leases'),
  folder('dues', 'office'),
  folder('class', null),
])
const any = (...places: string[]) => ({ any: places as (FolderId | 'in-tray')[], without: [] })

describe('ticking a place', () => {
  it('narrows to a folder under one that is ticked', () => {
    expect(chosenPlaces(tree, any('office'), any('office', 'open'))).toEqual(any('open'))
  })

  it('takes in those below it', () => {
    expect(chosenPlaces(tree, any('open', 'dues', 'class'), any('open', 'dues', 'class', 'office'))).toEqual(
      any('class', 'office'),
    )
  })

  it('stands beside folders elsewhere, and beside the In-tray', () => {
    expect(chosenPlaces(tree, any('leases', 'in-tray'), any('leases', 'in-tray', 'dues'))).toEqual(
      any('leases', 'in-tray', 'dues'),
    )
    expect(chosenPlaces(tree, any('leases'), any('leases', 'in-tray'))).toEqual(any('leases', 'in-tray'))
  })

  it('leaves the rest alone when one is unticked or left out', () => {
    expect(chosenPlaces(tree, any('office', 'class'), any('class'))).toEqual(any('class'))
    const without = { any: ['office' as FolderId], without: ['leases' as FolderId] }
    expect(chosenPlaces(tree, any('office'), without)).toEqual(without)
  })
})
