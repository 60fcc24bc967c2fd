// What the find field offers while one types: folders by code or name, tags, kept searches, documents by name, and at
// last a search inside. Before the first letter: what was opened last, and kept searches.

import type { Ref } from 'vue'
import { computed } from 'vue'
import type { ListedDocument } from '../../../contract/document'
import type { KeptSearch } from '../../../contract/plan'
import { findFolders } from '../../../core/find/index'
import type { FolderId, TagId } from '../../../core/ids'
import { foldedText, suggest } from '../../../core/text/index'
import { useLately } from '../../stores/lately'
import { useNames } from '../../stores/names'
import { usePlaceNames } from '../../stores/placeNames'
import { usePlan } from '../../stores/plan'
import { useSearches } from '../../stores/searches'
import { useTagList } from '../../stores/tagList'

export interface Answer {
  readonly key: string
  readonly kind: 'folder' | 'document' | 'tag' | 'kept' | 'search'
  readonly name: string
  readonly code: string
  readonly row?: ListedDocument
  readonly folderId: FolderId | null
}

const [FOLDERS, TAGS, KEPT, FEW] = [6, 2, 2, 5]

const documentAnswer = (row: ListedDocument): Answer => ({
  key: row.id,
  kind: 'document',
  name: row.name,
  code: '',
  row,
  folderId: row.folderIds[0] ?? null,
})
const keptAnswer = ({ id, name }: Pick<KeptSearch, 'id' | 'name'>): Answer => ({
  key: id,
  kind: 'kept',
  name,
  code: '',
  folderId: null,
})

export function useFindAnswers(typed: Ref<string>) {
  const [plan, placeNames, tagList, names] = [usePlan(), usePlaceNames(), useTagList(), useNames()]
  const [lately, searches] = [useLately(), useSearches()]
  const opened = computed(() => (lately.loaded.state === 'ready' ? lately.loaded.value.opened.slice(0, FEW) : []))

  const folders = () =>
    findFolders(placeNames.findable, typed.value, FOLDERS).map(({ id, name, code }): Answer => ({
      key: id,
      kind: 'folder',
      name,
      code,
      folderId: id,
    }))
  const tags = () =>
    suggest(tagList.tags, typed.value, TAGS)
      .filter(({ isNear }) => !isNear)
      .map(({ item: { id, name } }): Answer => ({ key: id, kind: 'tag', name, code: '', folderId: null }))
  const kept = () =>
    suggest(
      searches.kept.map(search => ({ ...search, folded: foldedText(search.name), count: 0 })),
      typed.value,
      KEPT,
    )
      .filter(({ isNear }) => !isNear)
      .map(({ item }) => keptAnswer(item))

  const answers = computed<readonly Answer[]>(() => {
    const words = typed.value.trim()
    if (words === '') return [...opened.value.map(documentAnswer), ...searches.pinned.slice(0, FEW).map(keptAnswer)]
    const name = `Search for “${words}” inside documents as well`
    const inside: Answer = { key: 'search', kind: 'search', name, code: '', folderId: null }
    return [...folders(), ...tags(), ...kept(), ...names.documents.map(documentAnswer), inside]
  })

  /** Where an answer lies, or how much it leads to. */
  function placeOf({ kind, key, folderId }: Answer): string {
    if (kind === 'kept') {
      const found = searches.countText(key)
      return found === '' ? 'kept search' : `kept search, finds ${found}`
    }
    if (kind === 'document') return placeNames.placeOf(folderId)?.text ?? ''
    if (kind === 'tag') return `tag on ${tagList.tagById.get(key as TagId)?.count ?? 0}`
    const parent = folderId ? plan.tree.byId.get(folderId)?.parentId : null
    return parent ? `in ${placeNames.placeOf(parent)?.text ?? ''}` : ''
  }

  /** The address that an answer opens; `show` shows a document in its folder. */
  function addressOf({ kind, key, folderId }: Answer, show: boolean) {
    if (kind === 'folder') return { path: `/plan/${folderId}` }
    if (kind === 'tag') return { path: '/find', query: { tags: key } }
    if (kind === 'kept') return { path: '/find', query: { ...searches.byId.get(key)?.query, kept: key } }
    if (!show) return { path: `/document/${key}` }
    return { path: folderId === null ? '/in-tray' : `/plan/${folderId}`, query: { doc: key } }
  }

  return { answers, placeOf, addressOf }
}
