import { describe, expect, it } from 'vitest'
import type { OutlineReply } from './plan'
import { mergedOutline } from './mergedOutline'

const outline = (revision: number, since: number | null, more: object): OutlineReply =>
  ({
    since,
    gone: [],
    plan: { revision },
    folders: [],
    meanings: [],
    tags: [],
    searches: [],
    folderTags: {},
    starred: [],
    counts: {},
    inTray: 0,
    ...more,
  }) as unknown as OutlineReply // only what is merged is there

const KNOWN = outline(4, null, {
  folders: [
    { id: 'a', name: 'A' },
    { id: 'b', name: 'B' },
  ],
  counts: { a: 2, b: 1 },
  inTray: 3,
})

describe(mergedOutline, () => {
  it('takes what changed, leaves out what is gone, and counts nothing where nothing is', () => {
    const merged = mergedOutline(
      KNOWN,
      outline(6, 4, {
        gone: ['b', 'a document'],
        folders: [
          { id: 'a', name: 'A2' },
          { id: 'c', name: 'C' },
        ],
        counts: { b: 0, c: 5 },
        inTray: 1,
      }),
    )
    expect(merged?.folders.map(({ name }) => name)).toEqual(['A2', 'C'])
    expect([merged?.counts, merged?.inTray, merged?.plan.revision, merged?.since]).toEqual([{ a: 2, c: 5 }, 1, 6, null])
  })

  it('is the reply where that holds everything, and nothing where it tells from another revision', () => {
    const whole = outline(9, null, { counts: { x: 1 } })
    expect(mergedOutline(KNOWN, whole)).toBe(whole)
    expect([mergedOutline(KNOWN, outline(9, 5, {})), mergedOutline(null, outline(9, 4, {}))]).toEqual([null, null])
  })
})
