/** The files of a drop from the desktop; those of dropped folders are taken out of them, however deep. */
export async function filesOf(items: readonly DataTransferItem[]): Promise<File[]> {
  const entries = items.map(item => ({ entry: item.webkitGetAsEntry(), file: item.getAsFile() }))
  const found: File[] = []
  const stack: FileSystemEntry[] = []
  for (const { entry, file } of entries) {
    if (entry?.isDirectory) stack.push(entry)
    else if (file) found.push(file)
  }
  for (let at = stack.pop(); at; at = stack.pop()) {
    if (isFile(at)) found.push(await fileOf(at))
    else if (isFolder(at)) stack.push(...await childrenOf(at))
  }
  return found
}

function isFile(entry: FileSystemEntry): entry is FileSystemFileEntry {
  return entry.isFile
}

function isFolder(entry: FileSystemEntry): entry is FileSystemDirectoryEntry {
  return entry.isDirectory
}

function fileOf(entry: FileSystemFileEntry): Promise<File> {
  return new Promise((resolve, reject) => { entry.file(resolve, reject) })
}

/** A folder's reader gives its entries a part at a time until it gives none. */
async function childrenOf(folder: FileSystemDirectoryEntry): Promise<FileSystemEntry[]> {
  const reader = folder.createReader()
  const all: FileSystemEntry[] = []
  for (;;) {
    const part = await new Promise<FileSystemEntry[]>((resolve, reject) => { reader.readEntries(resolve, reject) })
    if (part.length === 0) return all
    all.push(...part)
  }
}
