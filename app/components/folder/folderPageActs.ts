// What can be done on the page of a folder: with the folder itself, in it, and by a menu on its empty area.

import type { ComputedRef, Ref } from 'vue'
import { computed, ref, watch } from 'vue'
import type { PlanFolder } from '../../../contract/plan'
import type { FolderId } from '../../../core/ids'
import { folderItem } from '../../acts/act'
import { runPressed } from '../../acts/offer'
import { useOffered } from '../../acts/offered'
import { usePageActs } from '../../acts/usePageActs'
import { usePlaceActs } from '../../acts/usePlaceActs'
import type { MenuAt } from '../../acts/useThingList'
import { useThings } from '../../acts/useThings'
import { useDocumentList } from '../../stores/documentList'
import { usePlan } from '../../stores/plan'

export interface FolderPageInView {
  /** undefined: the top of the plan, or a folder that is gone. */
  readonly folder: ComputedRef<PlanFolder | undefined>
  readonly where: ComputedRef<string>
  readonly isGone: ComputedRef<boolean>
  /** A new folder is being named: keys are letters of its name. */
  readonly isNaming: Readonly<Ref<boolean>>
  /** Nothing in it is chosen: what keys mean is the folder. */
  readonly isUntouched: () => boolean
  readonly rename: () => void
  readonly go: (id: FolderId | null) => void
}

const ON_OPEN_FOLDER = ['rename', 'move']

export function useFolderPageActs(page: FolderPageInView) {
  const [plan, documentList] = [usePlan(), useDocumentList()]
  const { folder } = page
  const items = computed(() =>
    folder.value ? [folderItem(folder.value, plan.starredFolders.has(folder.value.id))] : [],
  )
  const { acts: folderActs } = useThings(items, { rename: page.rename, gone: () => page.go(goneTo) })
  let goneTo: FolderId | null = null
  watch(
    folder,
    now => {
      if (now) goneTo = now.parentId
    },
    { immediate: true },
  )
  useOffered(() => page.where.value, folderActs)
  const placeActs = usePlaceActs(
    () => folder.value ?? null,
    () => !page.isNaming.value && !page.isGone.value,
  )
  usePageActs(
    'plan-folder',
    {
      narrow: () => document.querySelector<HTMLInputElement>('[data-narrow] input')?.focus(),
      // Among sheets the arrows go from one to the next.
      up: {
        when: () => folder.value !== undefined && (documentList.settings.view !== 'grid' || page.isUntouched()),
        run: () => page.go(folder.value?.parentId ?? null),
      },
    },
    event =>
      !page.isNaming.value &&
      page.isUntouched() &&
      runPressed(
        folderActs.value.filter(({ id }) => ON_OPEN_FOLDER.includes(id)),
        event,
      ),
  )

  const areaMenuAt = ref<MenuAt | null>(null)
  const areaActs = computed(() => [
    ...placeActs.value.filter(({ part }) => part === 'build' || part === 'write'),
    ...folderActs.value.filter(({ part }) => part === 'mark'),
  ])
  /** On the page itself, beside everything that lies on it. */
  function openAreaMenu(event: MouseEvent): void {
    if (event.target instanceof Element && event.target.closest('[data-key], a, button, input, textarea')) return
    event.preventDefault()
    areaMenuAt.value = { x: event.clientX, y: event.clientY }
  }
  const runPlaceAct = (id: string) => placeActs.value.find(act => act.id === id)?.run()
  return { folderActs, placeActs, runPlaceAct, areaActs, areaMenuAt, openAreaMenu }
}
