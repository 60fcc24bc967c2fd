// The command that applies a draft: what is new in it gets ids of its own, and colours that are free.

import { newId } from '../../contract/newId'
import type { ClientCommand } from '../../contract/command'
import { freshInk } from '../../core/colour/index'
import type { FolderId } from '../../core/ids'
import type { Numbering } from '../../core/numbering/index'
import type { WhereTo } from '../../core/plan/index'
import type { Compared } from '../workers/draftWorker'

interface Applied {
  readonly compared: Compared
  readonly rootId: FolderId | null
  readonly additive: boolean
  readonly numbering: Numbering | null
  readonly choices: ReadonlyMap<FolderId, WhereTo>
  /** Colours that the key has already. */
  readonly usedInks: ReadonlySet<string>
}

export function draftCommand({ compared, rootId, additive, numbering, choices, usedInks }: Applied) {
  const fresh = new Map<string, string>()
  const real = <Id extends string>(id: Id): Id => {
    if (!id.startsWith('new-')) return id
    if (!fresh.has(id)) fresh.set(id, newId())
    return fresh.get(id) as Id
  }
  const inks = [...usedInks]
  const takeInk = () => {
    const ink = freshInk(inks)
    inks.push(ink)
    return ink
  }
  return {
    kind: 'draft.apply',
    rootId,
    revision: compared.revision,
    folders: compared.drafted.map(folder => ({
      ...folder,
      id: real(folder.id),
      meaningId: folder.meaningId === null ? null : real(folder.meaningId),
    })),
    removed: compared.removed.map(({ id }) => ({ id, documents: choices.get(id) ?? { to: 'parent' as const } })),
    newMeanings: compared.newMeanings.map(meaning => ({ id: real(meaning.id), name: meaning.name, ink: takeInk() })),
    numbering,
    additive,
  } satisfies ClientCommand
}
