import type { FolderId } from '../../core/ids'

interface Row {
  readonly name: string
  readonly parent: number
}

/**
 * Files by the folder that was made for their path of names; where the draft renamed it, by the nearest
 * folder above that is found, else the In-tray (null).
 */
export function filesByFolder<F>(
  rows: readonly Row[],
  ids: readonly FolderId[],
  files: ReadonlyMap<string, readonly F[]>,
): Map<FolderId | null, F[]> {
  const idOf = new Map<string, FolderId>()
  const paths: string[] = []
  rows.forEach((row, index) => {
    const path = row.parent < 0 ? row.name : `${paths[row.parent] ?? ''}/${row.name}`
    paths.push(path)
    const id = ids[index]
    if (id !== undefined && !idOf.has(path)) idOf.set(path, id)
  })
  const byFolder = new Map<FolderId | null, F[]>()
  for (const [path, found] of files) {
    let at = path
    while (at !== '' && !idOf.has(at)) at = at.includes('/') ? at.slice(0, at.lastIndexOf('/')) : ''
    const id = idOf.get(at) ?? null
    byFolder.set(id, [...(byFolder.get(id) ?? []), ...found])
  }
  return byFolder
}
