import { describe, expect, it } from 'vitest'
import type { FolderId } from '../../core/ids'
import { filesByFolder } from './filesByFolder'

const rows = [
  { name: 'Photos', parent: -1 },
  { name: 'May', parent: 0 },
  { name: 'Other', parent: -1 },
  { name: 'May', parent: 2 },
]
const ids = ['p', 'm', 'o', 'om'] as FolderId[]

describe(filesByFolder, () => {
  it('finds the folder by its whole path', () => {
    expect([
      ...filesByFolder(
        rows,
        ids,
        new Map([
          ['Photos/May', ['a']],
          ['Other/May', ['b']],
          ['Photos', ['c']],
        ]),
      ),
    ]).toEqual([
      ['m', ['a']],
      ['om', ['b']],
      ['p', ['c']],
    ])
  })
  it('takes the nearest folder above where one was renamed, and the In-tray where none is left', () => {
    expect([
      ...filesByFolder(
        rows,
        ids,
        new Map([
          ['Photos/June/Sea', ['a']],
          ['Gone/May', ['b', 'c']],
        ]),
      ),
    ]).toEqual([
      ['p', ['a']],
      [null, ['b', 'c']],
    ])
  })
})
