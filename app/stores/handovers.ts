// What is offered to me to be mine from then on, and what I offer to others.

import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { Handovers, OfferedThing } from '../../contract/handover'
import { newId } from '../../contract/newId'
import type { FolderId } from '../../core/ids'
import type { NewOffer } from '../api/handovers'
import * as api from '../api/handovers'
import { useActs } from './acts'
import { useNotice } from './notice'
import { usePlan } from './plan'
import { remoteOf } from './remote'
import { useSession } from './session'

const NOTHING: Handovers = { incoming: [], outgoing: [] }

export const useHandovers = defineStore('handovers', () => {
  const [session, acts, notices, plan] = [useSession(), useActs(), useNotice(), usePlan()]
  const all = shallowRef<Handovers>(NOTHING)
  const incoming = computed(() => all.value.incoming)
  const outgoing = computed(() => all.value.outgoing)
  let requested = 0

  /** They are of one's own plan: whoever works in the plan of another sees none. */
  async function load(): Promise<void> {
    const mine = ++requested
    const answer = session.isGuest ? null : await remoteOf(api.readHandovers())
    if (mine === requested && answer?.state !== 'error') all.value = answer?.state === 'ready' ? answer.value : NOTHING
  }

  /** Why it was refused; empty: it is offered. */
  async function offer(thing: Omit<NewOffer, 'id'>, name: string, person: string): Promise<string> {
    const answer = await remoteOf(api.offerThing({ ...thing, id: newId() }))
    if (answer.state === 'error') return answer.reason.message
    notices.say(`Offered ${name} to ${person}; it stays yours until they take it over`)
    await load()
    return ''
  }

  async function takeBack({ id, name, person }: OfferedThing): Promise<void> {
    const answer = await remoteOf(api.takeOfferBack(id))
    if (answer.state === 'error') notices.refuse(answer.reason)
    else notices.say(`“${name}” is no longer offered to ${person}`)
    await load()
  }

  async function decline({ id, name }: OfferedThing): Promise<void> {
    const answer = await remoteOf(api.declineOffer(id))
    if (answer.state === 'error') notices.refuse(answer.reason)
    else notices.say(`“${name}” stays where it is`)
    await load()
  }

  /** Into this folder; null: to the top of the plan, or into the In-tray. */
  async function takeOver({ id }: OfferedThing, folderId: FolderId | null): Promise<void> {
    const answer = await remoteOf(api.takeOver(id, { change: newId(), folderId }))
    if (answer.state === 'error') notices.refuse(answer.reason)
    if (answer.state === 'ready') {
      notices.say(answer.value.label)
      await Promise.all([plan.load(), acts.refresh()])
    }
    await load()
  }

  return { incoming, outgoing, load, offer, takeBack, decline, takeOver }
})
