import type { NameRules, Renamable } from '../../core/filing/index'
import type { DocumentId } from '../../core/ids'
import { readDocument } from '../api/documents'
import type { NamesAnswer } from '../workers/namesWorker'
import { useFind } from './find'
import { usePlaceNames } from './placeNames'
import { useDocumentList } from './documentList'

const LIMIT_MS = 1500

/** What the rules need to know of these documents: of what is listed, else asked for. */
export async function renamable(ids: readonly DocumentId[]): Promise<readonly Renamable[]> {
  const placeNames = usePlaceNames()
  const shown = new Map([...useDocumentList().rows, ...useFind().documents].map(row => [row.id as string, row]))
  return Promise.all(
    ids.map(async id => {
      const { name, extension, changedAt, sender, folderIds } = shown.get(id) ?? (await readDocument(id))
      return { id, name, extension, changedAt, sender, folder: placeNames.placeOf(folderIds[0] ?? null)?.name ?? '' }
    }),
  )
}

/** The new names, or what is wrong with the rules; an expression that takes too long is ended. */
export function namesInTime(documents: readonly Renamable[], rules: NameRules): Promise<NamesAnswer> {
  return new Promise(resolve => {
    const worker = new Worker(new URL('../workers/namesWorker.ts', import.meta.url), { type: 'module' })
    const answer = (given: NamesAnswer) => {
      clearTimeout(timer)
      worker.terminate()
      resolve(given)
    }
    const timer = setTimeout(() => {
      answer({ wrong: 'This expression takes too long on these names. Make it simpler.' })
    }, LIMIT_MS)
    worker.onmessage = ({ data }: MessageEvent<NamesAnswer>) => {
      answer(data)
    }
    worker.onerror = () => {
      answer({ wrong: 'The names could not be worked out.' })
    }
    worker.postMessage({ documents: documents.map(document => ({ ...document })), rules: { ...rules } })
  })
}
