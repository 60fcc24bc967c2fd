import { describe, expect, it } from 'vitest'
import { move } from './commands/move'

describe('a command', () => {
  it('has the defaults of its fields where they are left out, or given as nothing', () => {
    const things = { folderIds: [], documentIds: [], toFolderId: null, fromFolderId: null }
    for (const written of [things, { ...things, allowTwin: undefined, also: undefined, froms: undefined }])
      expect(move.whole(written)).toEqual({ ...things, allowTwin: false, also: [], froms: [] })
    expect(move.whole({ ...things, allowTwin: true }).allowTwin).toBe(true)
  })
})
