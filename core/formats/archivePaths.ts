// Where files stand in an archive of folders.

import { fileNameOf } from './formats'

export interface ArchivedFile {
  readonly name: string
  readonly extension: string
  /** The folders it lies in, from the top of the archive down: "1.1 Berth leases". */
  readonly folders: readonly string[]
}

// What a file system or an archive takes for something else (the reserved signs of POSIX and NTFS, control signs).
// eslint-disable-next-line no-control-regex -- control signs are what is looked for
const UNSAFE = /[\u0000-\u001f\u007f/\\:*?"<>|]/g

/** A name that every file system takes: signs with a meaning of their own become "-", and it never climbs out. */
export function safeFileName(name: string): string {
  const safe = name.replace(UNSAFE, '-').replace(/[ .]+$/, '')
  return safe === '' ? '-' : safe
}

/** The path of each file, in their order. Where two would be the same, without regard to case, the later gets "(2)". */
export function archivePaths(files: readonly ArchivedFile[]): string[] {
  const taken = new Set<string>()
  return files.map(({ name, extension, folders }) => {
    const pathOf = (counted: string) =>
      [...folders.map(safeFileName), safeFileName(fileNameOf(`${name}${counted}`, extension))].join('/')
    let path = pathOf('')
    for (let count = 2; taken.has(path.toLowerCase()); count++) path = pathOf(` (${count})`)
    taken.add(path.toLowerCase())
    return path
  })
}
