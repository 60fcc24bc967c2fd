export type { DroppedFile } from '../stores/uploadQuestions'
import type { DroppedFile } from '../stores/uploadQuestions'

/** The files of a drop from the desktop, those of dropped folders too, however deep. */
export async function filesWithPaths(items: readonly DataTransferItem[]): Promise<DroppedFile[]> {
  // What was dropped can be asked for only before the first wait.
  const entries = items.map(item => ({ entry: item.webkitGetAsEntry(), file: item.getAsFile() }))
  const found: DroppedFile[] = []
  const stack: FileSystemEntry[] = []
  for (const { entry, file } of entries) {
    if (entry?.isDirectory) stack.push(entry)
    else if (file) found.push({ file, path: file.name })
  }
  for (let at = stack.pop(); at; at = stack.pop()) {
    if (isFile(at)) found.push({ file: await fileOf(at), path: at.fullPath.replace(/^\//, '') })
    else if (isFolder(at)) stack.push(...(await childrenOf(at)))
  }
  return found
}

/** Files of a picker that was asked for a folder. */
export function pickedWithPaths(files: readonly File[]): DroppedFile[] {
  return files.map(file => ({ file, path: file.webkitRelativePath === '' ? file.name : file.webkitRelativePath }))
}

function isFile(entry: FileSystemEntry): entry is FileSystemFileEntry {
  return entry.isFile
}

function isFolder(entry: FileSystemEntry): entry is FileSystemDirectoryEntry {
  return entry.isDirectory
}

function fileOf(entry: FileSystemFileEntry): Promise<File> {
  return new Promise((resolve, reject) => {
    entry.file(resolve, reject)
  })
}

/** A folder's reader gives its entries a part at a time until it gives none. */
async function childrenOf(folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> {
  const reader = folder.createReader()
  const all: FileSystemEntry[] = []
  for (;;) {
    const part = await new Promise<FileSystemEntry[]>((resolve, reject) => {
      reader.readEntries(resolve, reject)
    })
    if (part.length === 0) return all
    all.push(...part)
  }
}
