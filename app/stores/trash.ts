import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { InsideTrash, TrashItem } from '../../contract/document'
import { readInsideTrash, readTrash } from '../api/documents'
import { useNotice } from './notice'
import type { Remote } from './remote'
import { refusalOf } from './remote'

export const useTrash = defineStore('trash', () => {
  const loaded = shallowRef<Remote<readonly TrashItem[]>>({ state: 'idle' })
  const items = computed(() => (loaded.value.state === 'ready' ? loaded.value.value : []))

  async function load(): Promise<void> {
    if (loaded.value.state !== 'ready') loaded.value = { state: 'loading' }
    try {
      loaded.value = { state: 'ready', value: (await readTrash()).items }
    } catch (error) {
      const reason = refusalOf(error)
      if (loaded.value.state !== 'ready') loaded.value = { state: 'error', reason }
    }
  }

  /** The folder that is looked into, with what lies in it in the order of an outline. */
  const inside = ref<{
    readonly id: string
    readonly rows: readonly (InsideTrash & { readonly depth: number })[]
  } | null>(null)

  async function look(id: string): Promise<void> {
    if (inside.value?.id === id) {
      inside.value = null
      return
    }
    try {
      inside.value = { id, rows: asOutline((await readInsideTrash(id)).items, id) }
    } catch (error) {
      useNotice().refuse(refusalOf(error))
    }
  }

  return { loaded, items, inside, load, look }
})

function asOutline(items: readonly InsideTrash[], rootId: string): (InsideTrash & { depth: number })[] {
  const below = new Map<string | null, InsideTrash[]>()
  for (const item of items) below.set(item.parentId, [...(below.get(item.parentId) ?? []), item])
  const rows: (InsideTrash & { depth: number })[] = []
  const stack = [...(below.get(rootId) ?? [])].reverse().map(item => ({ item, depth: 0 }))
  for (let at = stack.pop(); at; at = stack.pop()) {
    const { item, depth } = at
    rows.push({ ...item, depth })
    if (item.target === 'folder')
      stack.push(...[...(below.get(item.id) ?? [])].reverse().map(child => ({ item: child, depth: depth + 1 })))
  }
  return rows
}
