import { useActs } from '../stores/acts'
import type { Outcome } from '../stores/acts'
import type { DocumentId, FolderId } from '../../core/ids'

/** Carries a typed name out for a folder or a document; the field shows what is refused. */
export function useRename(): (
  kind: 'folder' | 'document',
  id: string,
) => (name: string, allowTwin: boolean) => Promise<Outcome> {
  const acts = useActs()
  return (kind, id) => (name, allowTwin) =>
    acts.act(
      kind === 'folder'
        ? { kind: 'folder.rename', id: id as FolderId, name, allowTwin }
        : { kind: 'document.rename', id: id as DocumentId, name },
      { quiet: true },
    )
}
