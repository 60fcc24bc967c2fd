// What is asked before files come in: whether their folders come too, what is there already, whose names are taken.

import { newId } from '../../contract/newId'
import type { KnownDocument } from '../../contract/upload'
import { counted } from '../../core/change/index'
import { fileNameOf } from '../../core/formats/index'
import type { DocumentId, FolderId } from '../../core/ids'
import type { Clash, NewFolder } from '../../core/plan/index'
import { foldersOfPaths } from '../../core/plan/index'
import { findClashes } from '../api/documents'
import { findKnown } from '../api/uploads'
import type { Questions } from './dialogs'
import { useDialogs } from './dialogs'
import { usePlan } from './plan'
import { usePlaceNames } from './placeNames'

/** A file of the desktop with its path from where it was dropped or chosen, "Photos/May/sea.jpg". */
export interface DroppedFile {
  readonly file: File
  readonly path: string
}

export interface Coming {
  readonly folders: readonly NewFolder[]
  /** folderId null: where they are brought. */
  readonly files: readonly { readonly file: File; readonly folderId: FolderId | null; readonly clash: Clash }[]
  /** Documents that are in the plan already and are filed as well, by the folder. */
  readonly asWell: ReadonlyMap<FolderId, readonly DocumentId[]>
}

interface Laid {
  readonly file: File
  readonly folderId: FolderId | null
}

/** What comes in and how, as the person answers; null when it is left. `target` null: the In-tray. */
export async function askAbout(dropped: readonly DroppedFile[], target: FolderId | null): Promise<Coming | null> {
  const laid = await layOut(dropped, target)
  if (!laid) return null
  const isNew = new Set(laid.folders.map(folder => folder.id))
  const known = await findKnown(laid.files.map(({ file }) => file))
  const clashes = await clashesOf(
    laid.files.filter(({ file, folderId }) => !known.has(file) && !(folderId !== null && isNew.has(folderId))),
    target,
  )
  const keys = new Map(laid.files.map((one, index) => [one.file, String(index)]))
  const parts: Questions['parts'] = [
    knownPart(laid.files, known, keys, target),
    namesPart(laid.files, clashes, keys),
  ].flatMap(part => part ?? [])
  const answers =
    parts.length === 0
      ? new Map<string, string>()
      : await useDialogs().ask({
          label: 'Before they come in',
          title: titleFor(known.size, clashes.size),
          leave: 'Bring nothing in',
          parts,
        })
  if (!answers) return null
  const files: { file: File; folderId: FolderId | null; clash: Clash }[] = []
  const asWell = new Map<FolderId, DocumentId[]>()
  for (const { file, folderId } of laid.files) {
    const answer = answers.get(keys.get(file) ?? '') ?? 'both'
    const there = known.get(file)?.[0]
    const to = folderId ?? target
    if (answer === 'file' && there && to) asWell.set(to, [...(asWell.get(to) ?? []), there.id])
    else if (answer !== 'skip' && answer !== 'file')
      files.push({ file, folderId, clash: answer === 'version' ? 'version' : 'both' })
  }
  return { folders: laid.folders, files, asWell }
}

async function layOut(
  dropped: readonly DroppedFile[],
  target: FolderId | null,
): Promise<{ folders: readonly NewFolder[]; files: Laid[] } | null> {
  const plan = usePlan()
  const flat = { folders: [], files: dropped.map(({ file }) => ({ file, folderId: null })) }
  const inFolders = dropped.filter(({ path }) => path.includes('/'))
  if (inFolders.length === 0) return flat
  const tree = foldersOfPaths(
    dropped.map(({ path }) => path),
    id => plan.tree.children.get(id ?? target) ?? [],
    () => newId<FolderId>(),
  )
  const count = new Set(inFolders.map(({ path }) => path.slice(0, path.lastIndexOf('/')))).size
  const where = target === null ? 'at the top of the plan' : 'here'
  const answers = await useDialogs().ask({
    label: 'Folders of the desktop',
    title: `${counted(dropped.length, 'file')} in ${counted(count, 'folder')}`,
    leave: 'Bring nothing in',
    parts: [
      {
        title: 'Folders',
        note:
          'All of it is one act: it comes in when everything has arrived, one Undo takes it back, and ' +
          'stopped before that, nothing is kept.',
        choices: [
          {
            value: 'keep',
            title:
              tree.folders.length === 0
                ? 'keep the folders: they are there already'
                : `keep the folders: ${counted(tree.folders.length, 'folder')} made ${where}`,
          },
          {
            value: 'flat',
            title: target === null ? 'only the documents, into the In-tray' : 'only the documents, all here',
          },
        ],
        rows: [{ key: 'folders', name: 'They come in folders' }],
      },
    ],
  })
  if (!answers) return null
  return answers.get('folders') === 'flat'
    ? flat
    : {
        folders: tree.folders,
        files: dropped.map(({ file }, index) => ({ file, folderId: tree.folderIds[index] ?? null })),
      }
}

async function clashesOf(files: readonly Laid[], target: FolderId | null): Promise<Map<File, string>> {
  const found = new Map<File, string>()
  for (const [folderId, here] of byFolder(files, target)) {
    if (folderId === null) continue
    const { clashes } = await findClashes(
      folderId,
      here.map(({ file }) => file.name),
    )
    const twins = new Map(clashes.map(clash => [clash.fileName, clash.twin]))
    for (const { file } of here) {
      const twin = twins.get(file.name)
      if (twin !== undefined) found.set(file, twin)
    }
  }
  return found
}

function byFolder(files: readonly Laid[], target: FolderId | null): Map<FolderId | null, Laid[]> {
  const groups = new Map<FolderId | null, Laid[]>()
  for (const one of files) {
    const to = one.folderId ?? target
    const group = groups.get(to) ?? []
    group.push(one)
    groups.set(to, group)
  }
  return groups
}

function knownPart(
  files: readonly Laid[],
  known: ReadonlyMap<File, readonly KnownDocument[]>,
  keys: ReadonlyMap<File, string>,
  target: FolderId | null,
): Questions['parts'][number] | null {
  if (known.size === 0) return null
  const placeNames = usePlaceNames()
  const rows = files.flatMap(({ file, folderId }) => {
    const [there] = known.get(file) ?? []
    if (!there) return []
    const to = folderId ?? target
    const isHere = there.folderIds.includes(to)
    const places = there.folderIds.map(id =>
      id === null ? 'the In-tray' : (placeNames.placeOf(id)?.text ?? 'a folder'),
    )
    return [
      {
        key: keys.get(file) ?? '',
        name: file.name,
        note: `the same file is already in ${places.join(', ')} as “${fileNameOf(there.name, there.extension)}”`,
        first: isHere || to === null ? 'skip' : 'file',
        not: isHere || to === null ? ['file'] : [],
      },
    ]
  })
  return {
    title: 'In the plan already',
    choices: [
      { value: 'skip', title: 'leave out' },
      { value: 'file', title: 'file it here as well' },
      { value: 'both', title: 'keep a second one' },
    ],
    rows,
  }
}

function namesPart(
  files: readonly Laid[],
  clashes: ReadonlyMap<File, string>,
  keys: ReadonlyMap<File, string>,
): Questions['parts'][number] | null {
  if (clashes.size === 0) return null
  const rows = files.flatMap(({ file }) => (clashes.has(file) ? [{ key: keys.get(file) ?? '', name: file.name }] : []))
  return {
    title: 'Names that are taken',
    rows,
    choices: [
      { value: 'version', title: 'new version' },
      { value: 'both', title: 'keep both' },
      { value: 'skip', title: 'leave out' },
    ],
    note: `A new version takes the place of “${[...clashes.values()][0]}”${
      clashes.size > 1 ? ' and so on' : ''
    }; the earlier one stays on its card. Both are kept under a counted name.`,
  }
}

function titleFor(known: number, clashes: number): string {
  if (clashes === 0) return known === 1 ? 'This file is in the plan already' : `${known} files are in the plan already`
  if (known === 0) return clashes === 1 ? 'This name is taken here' : `${clashes} names are taken here`
  return `${known + clashes} of them need an answer`
}
