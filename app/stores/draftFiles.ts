// Files of a desktop folder that wait until the draft of its folders is applied. They live in this
// window only: a browser does not let them be kept.

import { defineStore } from 'pinia'
import { shallowRef } from 'vue'

/** Files by the path of names of their folder ("Photos/May"). */
export type FilesByPath = ReadonlyMap<string, readonly File[]>

export const useDraftFiles = defineStore('draftFiles', () => {
  const waiting = shallowRef<ReadonlyMap<string, FilesByPath>>(new Map())

  function keep(draftId: string, files: FilesByPath): void {
    waiting.value = new Map([...waiting.value, [draftId, files]])
  }

  /** The files of a draft, handed out once. */
  function take(draftId: string): FilesByPath {
    const files = waiting.value.get(draftId) ?? new Map<string, readonly File[]>()
    waiting.value = new Map([...waiting.value].filter(([id]) => id !== draftId))
    return files
  }

  const countOf = (draftId: string) =>
    [...(waiting.value.get(draftId)?.values() ?? [])].reduce((sum, files) => sum + files.length, 0)

  return { keep, take, countOf }
})
