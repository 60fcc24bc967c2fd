// The browser's title says where one is: "1.1 Berth leases · Hembix".

import { useTitle } from '@vueuse/core'
import { computed, onBeforeUnmount, watchEffect } from 'vue'
import { useRoute } from 'vue-router'
import { openTitle, pageOf } from '../stores/pages'

/** Once, for the whole application. */
export function useBrowserTitle(): void {
  const route = useRoute()
  useTitle(
    computed(() => {
      const title = openTitle.value || pageOf(route.name)?.title || ''
      return title === '' || title === 'Hembix' ? 'Hembix' : `${title} · Hembix`
    }),
  )
}

/** By a page that has something closer to say than its own name; an empty text says nothing. */
export function usePageTitle(title: () => string): void {
  watchEffect(() => {
    openTitle.value = title()
  })
  onBeforeUnmount(() => {
    openTitle.value = ''
  })
}
