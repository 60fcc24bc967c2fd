import { describe, expect, it } from 'vitest'
import { seeded } from '../../demo/random'
import type { FolderId } from '../ids'
import { branchOf, buildTree, childrenOf, isInside, outlineOf, pathOf, totalsAbove, totalsBelow } from './index'

interface Row {
  readonly id: FolderId
  readonly parentId: FolderId | null
}
const id = (text: string) => text as FolderId
const row = (name: string, parent: string | null): Row => ({
  id: id(name),
  parentId: parent === null ? null : id(parent),
})

/** A random sound tree: each folder lies below one that was made before it, or at the top. */
function randomRows(seed: number, count: number): Row[] {
  const random = seeded(seed)
  const rows: Row[] = []
  for (let index = 0; index < count; index++)
    rows.push(row(`f${index}`, random.next() < 0.2 || index === 0 ? null : `f${random.int(0, index - 1)}`))
  return random.some(rows, rows.length)
}

/** The same questions answered slowly, straight from the rows. */
function slowly(rows: readonly Row[]) {
  const parentOf = (one: FolderId) => rows.find(candidate => candidate.id === one)?.parentId ?? null
  const path = (one: FolderId): FolderId[] => {
    const parent = parentOf(one)
    return parent === null ? [one] : [...path(parent), one]
  }
  const outline = (parent: FolderId | null, depth: number): { id: FolderId; depth: number }[] =>
    rows
      .filter(candidate => candidate.parentId === parent)
      .flatMap(found => [{ id: found.id, depth }, ...outline(found.id, depth + 1)])
  return { path, outline }
}

describe('a random tree', () => {
  it.each([1, 2, 3, 4])('is walked as the rows say (seed %i)', seed => {
    const rows = randomRows(seed, 120)
    const tree = buildTree(rows)
    const slow = slowly(rows)
    expect(tree.faults).toEqual([])
    expect(outlineOf(tree).map(({ folder, depth }) => ({ id: folder.id, depth }))).toEqual(slow.outline(null, 0))
    for (const { id: one } of rows) {
      const path = slow.path(one)
      expect(pathOf(tree, one).map(folder => folder.id)).toEqual(path)
      expect(branchOf(tree, one).map(folder => folder.id)).toEqual([
        one,
        ...slow.outline(one, 0).map(found => found.id),
      ])
      for (const { id: other } of rows) expect(isInside(tree, one, other)).toBe(path.includes(other))
    }
  })

  it('sums over everything below', () => {
    const rows = randomRows(9, 80)
    const own = new Map(rows.map((one, index) => [one.id, index % 7]))
    const totals = totalsBelow(buildTree(rows), folder => own.get(folder.id) ?? 0)
    const slow = slowly(rows)
    for (const { id: one } of rows) {
      const below = [one, ...slow.outline(one, 0).map(found => found.id)]
      expect(totals.get(one)).toBe(below.reduce((sum, each) => sum + (own.get(each) ?? 0), 0))
    }
    // From the few upwards it comes to the same, without those that have nothing.
    const direct = new Map([...own].filter(([, count]) => count > 0))
    expect(totalsAbove(buildTree(rows), direct)).toEqual(new Map([...totals].filter(([, total]) => total > 0)))
  })

  it('are summed upwards in an unsound tree as well', () => {
    expect(
      totalsAbove(
        buildTree([row('a', 'b'), row('b', 'a'), row('c', 'gone')]),
        new Map([
          [id('c'), 2],
          [id('lost'), 3],
        ]),
      ),
    ).toEqual(
      new Map([
        [id('c'), 2],
        [id('lost'), 3],
      ]),
    )
    expect(totalsAbove(buildTree([row('a', 'b'), row('b', 'a')]), new Map([[id('a'), 1]])).size).toBe(2)
  })
})

describe(outlineOf, () => {
  it('passes over the children of closed folders', () => {
    const tree = buildTree([row('a', null), row('b', 'a'), row('c', 'b'), row('d', null)])
    expect(outlineOf(tree, folder => folder.id !== 'b').map(({ folder }) => folder.id)).toEqual(['a', 'b', 'd'])
  })
})

describe('faulty rows', () => {
  it('are named, and the rest stays a tree', () => {
    const tree = buildTree([
      row('a', null),
      row('a', null),
      row('b', 'gone'),
      row('c', 'd'),
      row('d', 'e'),
      row('e', 'c'),
      row('f', 'e'),
    ])
    expect(tree.faults).toEqual([
      { kind: 'duplicate', id: 'a' },
      { kind: 'missingParent', id: 'b', parentId: 'gone' },
      { kind: 'cycle', ids: ['c', 'd', 'e'] },
    ])
    expect(outlineOf(tree).map(({ folder }) => folder.id)).toEqual(['a'])
  })

  it('do not make walking endless', () => {
    const tree = buildTree([row('a', 'b'), row('b', 'a')])
    expect(pathOf(tree, id('a')).length).toBe(2)
    expect(branchOf(tree, id('a')).length).toBe(2)
    expect([childrenOf(tree, id('none')), branchOf(tree, id('none')), pathOf(tree, null)]).toEqual([[], [], []])
  })
})
