import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { archivePaths, safeFileName } from './archivePaths'

const file = (name: string, ...folders: string[]) => ({ name, extension: 'txt', folders })

describe('paths in an archive', () => {
  it('follow the folders', () => {
    expect(archivePaths([file('Lease', '1 Office', '1.1 Leases'), file('Note')])).toEqual([
      '1 Office/1.1 Leases/Lease.txt',
      'Note.txt',
    ])
  })

  it('are never the same twice, whatever the case', () => {
    expect(archivePaths([file('Note'), file('note'), file('Note'), file('Note', 'a')])).toEqual([
      'Note.txt',
      'note (2).txt',
      'Note (3).txt',
      'a/Note.txt',
    ])
  })

  it('do not climb out, and hold no sign that a file system forbids', () => {
    expect(archivePaths([file('../../etc/passwd', '..', 'a/b')])).toEqual(['-/a-b/..-..-etc-passwd.txt'])
    fc.assert(
      fc.property(fc.string(), name => {
        // eslint-disable-next-line no-control-regex -- control signs are what is looked for
        expect(safeFileName(name)).not.toMatch(/[\u0000-\u001f/\\:*?"<>|]|^\.*$|[ .]$/)
      }),
    )
  })
})
