// The browser's title says where one is: "1.1 Berth leases · Hembix".

import { onBeforeUnmount, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { openTitles, pageOf } from '../stores/pages'

/** Once, for the whole application. */
export function useBrowserTitle(): void {
  const route = useRoute()
  useHead({
    title: () => {
      const title = [...openTitles.values()].at(-1) || pageOf(route.name)?.title || ''
      return title === '' || title === 'Hembix' ? 'Hembix' : `${title} · Hembix`
    },
  })
}

/** By a page that has something closer to say than its own name; an empty text says nothing. */
export function usePageTitle(title: () => string): void {
  const mine = Symbol('page')
  watchEffect(() => {
    openTitles.set(mine, title())
  })
  onBeforeUnmount(() => {
    openTitles.delete(mine)
  })
}
