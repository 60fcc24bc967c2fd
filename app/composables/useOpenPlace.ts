import type { ComputedRef } from 'vue'
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import type { FolderId } from '../../core/ids'
import { tryParseId } from '../../core/ids'

/** The place that is open: a folder, null for the plan's top and the In-tray, undefined on pages that are none. */
export function useOpenPlace(): ComputedRef<FolderId | null | undefined> {
  const route = useRoute()
  return computed(() => {
    if (route.path === '/plan' || route.path === '/in-tray') return null
    return route.path.startsWith('/plan/')
      ? (tryParseId<'folder'>(String(route.params.folder ?? '')) ?? undefined)
      : undefined
  })
}
