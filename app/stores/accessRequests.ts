// What others would like to be given of this plan, and what is requested of theirs.

import { defineStore } from 'pinia'
import { ref } from 'vue'
import type { OpenRequest, RequestState } from '../../contract/accessRequest'
import { newId } from '../../contract/newId'
import type { Role } from '../../core/rows/index'
import * as api from '../api/accessRequests'
import { useActs } from './acts'
import { useNotice } from './notice'
import { remoteOf } from './remote'
import { useSession } from './session'

/** What is known of an address that leads to nothing one may see; null: nothing could be learned. */
export async function requestStateOf(id: string): Promise<RequestState | null> {
  const answer = await remoteOf(api.readRequest(id))
  return answer.state === 'ready' ? answer.value : null
}

/** Why it was refused; empty: it is on its way. */
export async function requestAccess(id: string, note: string): Promise<string> {
  const answer = await remoteOf(api.requestAccess(id, note))
  return answer.state === 'error' ? answer.reason.message : ''
}

export const useAccessRequests = defineStore('accessRequests', () => {
  const [session, acts, notices] = [useSession(), useActs(), useNotice()]
  const open = ref<readonly OpenRequest[]>([])
  let asked = 0

  /** They are the owner's: whoever works in the plan of another sees none. */
  async function load(): Promise<void> {
    const mine = ++asked
    const answer = session.isGuest ? null : await remoteOf(api.readOpenRequests())
    if (mine === asked && answer?.state !== 'error') open.value = answer?.state === 'ready' ? answer.value.requests : []
  }

  /** Gives it in this role; null: declines it. */
  async function answer(request: OpenRequest, role: Role | null): Promise<void> {
    const done = await remoteOf(api.answerRequest(request.id, role, newId(), newId()))
    if (done.state === 'error') return notices.refuse(done.reason)
    if (role === null) notices.say(`Declined; ${request.name} is not told`)
    else await acts.refresh()
    await load()
  }

  return { open, load, answer }
})
