import { describe, expect, it } from 'vitest'
import type { DocumentId, FolderId } from '../ids'
import { thingsOf } from './things'

describe(thingsOf, () => {
  it('parts folders from documents', () => {
    const [x, y] = ['x' as FolderId, 'y' as DocumentId]
    expect(
      thingsOf([
        { kind: 'folder', id: x },
        { kind: 'document', id: y },
      ]),
    ).toEqual({ folderIds: [x], documentIds: [y] })
  })
})
