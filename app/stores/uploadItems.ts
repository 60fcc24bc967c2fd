// A file on its way into the plan, and what was brought together with it.

import { newId } from '../../contract/newId'
import type { FolderId } from '../../core/ids'
import type { Clash, NewFolder } from '../../core/plan/index'
import type { Coming } from './uploadQuestions'

export interface UploadItem {
  readonly id: string
  readonly batchId: string
  readonly name: string
  readonly size: number
  readonly folderId: FolderId | null
  readonly clash: Clash
  /** "here": all of it has arrived and it waits for the others of its batch. */
  state: 'waiting' | 'running' | 'here' | 'done' | 'stopped' | 'failed'
  /** 0 to 1. */
  share: number
  reason: string
  /** The upload that has arrived completely. */
  uploadId: string | null
}

/**
 * Files that were brought together: they become documents as one Change when nothing of them is on its way any more.
 */
export interface Batch {
  readonly id: string
  readonly target: FolderId | null
  readonly origin: 'upload' | 'paste'
  /** Made with the first files that come in. */
  folders: readonly NewFolder[]
  /**
   * What is being taken in, under its key: kept until it is answered, so that a lost answer makes nothing twice and
   * leaves nothing out.
   */
  commit: { readonly id: string; readonly items: readonly UploadItem[] } | null
}

export const newItem = (batchId: string, { file, folderId, clash }: Coming['files'][number]): UploadItem => ({
  ...{ id: newId(), batchId, name: file.name, size: file.size, folderId, clash },
  ...{ state: 'waiting', share: 0, reason: '', uploadId: null },
})

export const isOpen = ({ state }: UploadItem): boolean => state === 'waiting' || state === 'running' || state === 'here'

/** Of all that is not stopped, by bytes; 0 to 1. */
export function shareOf(items: readonly UploadItem[]): number {
  let [all, sent] = [0, 0]
  for (const item of items) {
    if (item.state === 'stopped' || item.state === 'failed') continue
    all += item.size + 1
    sent += (item.size + 1) * (item.state === 'waiting' ? 0 : item.state === 'running' ? item.share : 1)
  }
  return all === 0 ? 0 : sent / all
}
