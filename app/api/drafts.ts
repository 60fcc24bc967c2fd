import type { Draft, DraftContent, DraftHead, Skeleton } from '../../contract/draft'
import type { FolderId } from '../../core/ids'
import { call } from './http'

export const readDrafts = () => call<{ drafts: DraftHead[] }>('GET', '/api/drafts')
export const readDraft = (id: string) => call<Draft>('GET', `/api/drafts/${id}`)
export const keepDraft = (id: string, body: { name: string; rootId: FolderId | null; content: DraftContent }) =>
  call<object>('PUT', `/api/drafts/${id}`, { body })
export const discardDraft = (id: string) => call<object>('DELETE', `/api/drafts/${id}`)
export const readSkeletons = () => call<{ skeletons: Skeleton[] }>('GET', '/api/skeletons')
export const keepSkeleton = (id: string, body: { name: string; outline: string }) =>
  call<object>('PUT', `/api/skeletons/${id}`, { body })
export const discardSkeleton = (id: string) => call<object>('DELETE', `/api/skeletons/${id}`)
