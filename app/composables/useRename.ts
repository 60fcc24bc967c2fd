import { useActs } from '../stores/acts'
import type { Outcome } from '../stores/acts'
import type { DocumentId, FolderId } from '../../core/ids'

/** Carries a typed name out for a folder or a document; the field shows what is refused. */
export function useRename(): (
  thing: { readonly kind: 'folder'; readonly id: FolderId } | { readonly kind: 'document'; readonly id: DocumentId },
) => (name: string, allowTwin: boolean) => Promise<Outcome> {
  const acts = useActs()
  return thing => (name, allowTwin) =>
    acts.act(
      thing.kind === 'folder'
        ? { kind: 'folder.rename', id: thing.id, name, allowTwin }
        : { kind: 'document.rename', id: thing.id, name, allowTwin },
      { quiet: true },
    )
}
