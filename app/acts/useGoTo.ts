// What the go-to-and-do field answers to a few letters: acts, places, tags and documents, in one list.

import type { Ref } from 'vue'
import { computed, ref } from 'vue'
import { counted } from '../../core/change/index'
import { findFolders } from '../../core/find/index'
import { suggest } from '../../core/text/index'
import { useNames } from '../stores/names'
import { usePlaceNames } from '../stores/placeNames'
import { useTagList } from '../stores/tagList'
import type { OfferedAct } from './act'
import { matchActs } from './matchActs'
import { offeredNow } from './offered'

export interface GoToAnswer {
  readonly key: string
  readonly name: string
  /** What kind of thing it is, and where or on what. */
  readonly note: string
  /** The key that does the same. */
  readonly shortcut: string
  readonly run: () => void
}

const [ACTS, FOLDERS, TAGS, DOCUMENTS] = [7, 5, 3, 6]

export function useGoTo(typed: Ref<string>) {
  const [placeNames, tagList, names] = [usePlaceNames(), useTagList(), useNames()]

  /** What the documents were looked for by: those of other letters are none of these. */
  const lookedFor = ref('')

  /** Lists come before the place they lie in, and that before what holds everywhere. */
  const offered = computed(() =>
    [...offeredNow.values()]
      .reverse()
      .flatMap(({ on, acts }) =>
        acts.value.map(act => ({ act, name: act.name, isLast: act.part === 'away', on: on() })),
      ),
  )

  /** Before a letter is typed: each of the usual acts once, on what it is nearest to. */
  const usual = computed(() => {
    const seen = new Set<string>()
    return offered.value.filter(({ act }) => act.often && !seen.has(act.id) && seen.add(act.id))
  })

  const actAnswer = ({ act, on }: { act: OfferedAct; on: string }): GoToAnswer => ({
    key: `act:${act.id}:${on}`,
    name: act.name,
    note: on,
    shortcut: act.key,
    run: act.run,
  })

  const answers = computed<readonly GoToAnswer[]>(() => {
    const text = typed.value.trim()
    if (text === '') return usual.value.map(actAnswer)
    const acts = matchActs(offered.value, text).slice(0, ACTS).map(actAnswer)
    const folders = findFolders(placeNames.findable, text, FOLDERS).map(folder => ({
      key: `folder:${folder.id}`,
      name: placeNames.placeOf(folder.id)?.text ?? folder.name,
      note: 'folder',
      shortcut: '',
      run: () => void navigateTo(`/plan/${folder.id}`),
    }))
    const tags = suggest(tagList.tags, text, TAGS)
      .filter(({ isNear }) => !isNear)
      .map(({ item }) => ({
        key: `tag:${item.id}`,
        name: item.name,
        note: `tag on ${counted(item.count, 'thing')}`,
        shortcut: '',
        run: () => void navigateTo({ path: '/find', query: { tags: item.id } }),
      }))
    const documents = (lookedFor.value === text ? names.documents : [])
      .slice(0, DOCUMENTS)
      .map(row => ({
        key: `document:${row.id}`,
        name: row.name,
        note: `document in ${placeNames.placeOf(row.folderIds[0] ?? null)?.text ?? 'the In-tray'}`,
        shortcut: '',
        run: () => void navigateTo(`/document/${row.id}`),
      }))
    const inside = {
      key: 'inside',
      name: `Search for “${text}” inside documents as well`,
      note: '',
      shortcut: '',
      run: () => void navigateTo({ path: '/find', query: { q: text } }),
    }
    // A number is a place before it is anything else.
    const first = /^\d/.test(text) ? [...folders, ...acts] : [...acts, ...folders]
    return [...first, ...tags, ...documents, inside]
  })

  async function look(text: string): Promise<void> {
    await names.look(text)
    if (text === typed.value) lookedFor.value = text.trim()
  }

  return { answers, look }
}
