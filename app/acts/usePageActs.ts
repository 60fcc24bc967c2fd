// The acts of one page: heard by their keys, and offered where one types what to do.

import { computed } from 'vue'
import { useShortcuts } from '../composables/useShortcuts'
import { useKeys } from '../stores/keys'
import { shownKey } from '../stores/keyText'
import type { OfferedAct } from './act'
import { runPressed } from './offer'
import { useOffered } from './offered'
import type { PAGE_ACTS, PageWithActs } from './onPages'
import { pageActsOf } from './onPages'

/** What an act of the page does, and when it can be done; always, where only the doing is given. */
export type PageDoing = (() => unknown) | { readonly when: () => boolean; readonly run: () => unknown }

/** `others` hear the keys that no act of the page takes: the things in its list, the list itself. */
export function usePageActs<Page extends PageWithActs>(
  page: Page,
  doings: Readonly<Record<keyof (typeof PAGE_ACTS)[Page], PageDoing>>,
  others: (event: KeyboardEvent) => boolean = () => false,
): void {
  const keys = useKeys()
  const doingOf = new Map<string, PageDoing>(Object.entries<PageDoing>(doings))

  const acts = computed<readonly OfferedAct[]>(() =>
    pageActsOf(page).flatMap(act => {
      const doing = doingOf.get(act.name)
      if (!doing || (typeof doing !== 'function' && !doing.when())) return []
      const heard = keys.keysOf(act)
      const run = typeof doing === 'function' ? doing : doing.run
      const key = shownKey(heard[0] ?? '')
      return [{ id: act.id, name: act.title, key, keys: heard, part: 'app', often: false, run: () => void run() }]
    }),
  )
  useOffered(() => 'on this page', acts)
  useShortcuts(event => runPressed(acts.value, event) || others(event))
}
