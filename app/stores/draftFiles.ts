// Files of a desktop folder that wait until the draft of its folders is applied. They live in this
// window only: a browser does not let them be kept.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { DraftLine } from '../../core/draft/index'
import { parseLine, plain } from '../../core/draft/index'

export interface WaitingFile { readonly file: File; readonly path: readonly DraftLine[]; readonly line: number }

export const useDraftFiles = defineStore('draftFiles', () => {
  const waiting = ref(new Map<string, readonly { readonly file: File; readonly steps: string }[]>())

  function keep(draftId: string, files: readonly WaitingFile[]): void {
    waiting.value = new Map([...waiting.value, [draftId, files.map(({ file, path, line }) => ({ file, steps: stepsOf(path, line).join('/') }))]])
  }

  /** The files of a draft, by the path of names of the folder they belong to; they are handed out once. */
  function take(draftId: string): ReadonlyMap<string, File[]> {
    const byPath = new Map<string, File[]>()
    for (const { file, steps } of waiting.value.get(draftId) ?? []) byPath.set(steps, [...byPath.get(steps) ?? [], file])
    const rest = new Map(waiting.value)
    rest.delete(draftId)
    waiting.value = rest
    return byPath
  }

  const countOf = (draftId: string) => waiting.value.get(draftId)?.length ?? 0

  return { waiting, keep, take, countOf }
})

function stepsOf(path: readonly DraftLine[], line: number): string[] {
  const steps: string[] = []
  let depth = Infinity
  for (let at = line; at >= 0; at--) {
    const found = path[at]
    if (!found || found.depth >= depth) continue
    depth = found.depth
    steps.unshift(plain(parseLine(found.text).name))
  }
  return steps
}
