// What is given out of this plan, to people and by links: giving, taking back, and what reaches a thing.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { newId } from '../../contract/newId'
import type { GivenGrant, GivenLink } from '../../contract/plan'
import type { GivenThing, Grant, Reach } from '../../core/access/index'
import {
  differenceOfPlaces,
  differenceOfReasons,
  foldersForOne,
  reaching,
  secretFrom,
  SECRET_BYTES,
} from '../../core/access/index'
import { counted } from '../../core/change/index'
import type { FolderId, GrantId, PersonId, ShareLinkId } from '../../core/ids'
import type { Role } from '../../core/rows/index'
import * as api from '../api/people'
import { readHandIns } from '../api/plan'
import { useActs } from './acts'
import { useNotice } from './notice'
import { usePlan } from './plan'
import { remoteOf } from './remote'

/** A link is for whoever has it. */
export type GivenOut = GivenGrant | (GivenLink & { readonly who: 'link'; readonly whoId: null; readonly role: 'read' })

/** To whom something is given. */
export interface Grantee {
  readonly who: GivenGrant['who']
  readonly whoId: string | null
}

export interface Giving {
  readonly things: readonly { readonly kind: GivenGrant['target']; readonly id: string }[]
  readonly to: readonly Grantee[]
  readonly role: Role
  /** The last day; empty: until it is ended. */
  readonly until: string
  readonly note: string
}

/** The last moment of a day, "2026-12-31"; null for none. ISO 8601. */
export const lastOf = (day: string) => (day === '' ? null : new Date(`${day}T23:59:59`).toISOString())

/** Who was handed something out in a folder, and what they handed in. */
export const handInsOf = async (folderId: FolderId) => (await readHandIns(folderId)).handIns

export const useGiven = defineStore('given', () => {
  const [acts, plan, notices] = [useActs(), usePlan(), useNotice()]
  const links = computed<readonly GivenLink[]>(() => plan.reply?.links ?? [])
  const grants = computed<readonly GivenGrant[]>(() => plan.reply?.grants ?? [])
  const groups = computed(() => new Map((plan.reply?.groups ?? []).map(group => [group.id, group])))
  const people = computed(() => new Map((plan.reply?.people ?? []).map(person => [person.id, person])))
  /** The newest first. */
  const all = computed<readonly GivenOut[]>(() =>
    [...grants.value, ...links.value.map(link => ({ ...link, who: 'link', whoId: null, role: 'read' }) as const)].sort(
      (a, b) => (a.createdAt < b.createdAt ? 1 : -1),
    ),
  )
  const refused = ref('')
  const now = () => new Date().toISOString()

  /** What reaches a thing, with the folder by which it does. */
  const to = (thing: GivenThing): Reach<GivenOut>[] => reaching(thing, plan.tree, all.value, now())

  /** What will reach things once they lie elsewhere, and does not now; and what reached them and will not. */
  const difference = (before: readonly (FolderId | null)[], after: readonly (FolderId | null)[]) =>
    differenceOfPlaces(before, after, { tree: plan.tree, now: now() }, all.value)

  /** Folders below this one that one person alone sees beside the owner. */
  const forOneBelow = (folderId: FolderId) => foldersForOne(folderId, plan.tree, all.value, now())

  /** How many people something newly reaches, and whom, once it is given to these as well. */
  function newPeople(thing: GivenThing, grantees: readonly Grantee[], role: Role): PersonId[] {
    const has: Reach<Grant>[] = reaching(thing, plan.tree, grants.value, now())
    const more = grantees.map(({ who, whoId }, index): Reach<Grant> => ({
      given: { id: `new ${index}` as GrantId, target: 'plan', targetId: '', who, whoId, role, until: null },
      by: null,
    }))
    return differenceOfReasons(has, [...has, ...more], groups.value)
      .filter(({ before }) => before === null)
      .map(({ personId }) => personId)
  }

  /** Whether it was given; why not stands in `refused`. */
  async function give({ things, to: grantees, role, until, note }: Giving): Promise<boolean> {
    const grants = things.flatMap(({ kind: target, id: targetId }) =>
      grantees.map(({ who, whoId }) => ({ id: newId<GrantId>(), target, targetId, who, whoId })),
    )
    const outcome = await acts.act({ kind: 'grant.give', grants, role, note, until: lastOf(until) }, { quiet: true })
    refused.value = outcome.ok ? '' : outcome.reason.message
    return outcome.ok
  }

  /** Each of them gets a document of their own; why not stands in `refused`. */
  async function giveCopies(ids: readonly string[], grantees: readonly Grantee[]): Promise<boolean> {
    for (const [index, id] of ids.entries()) {
      const answer = await remoteOf(api.giveCopies(id, newId(), grantees))
      refused.value = answer.state === 'error' ? answer.reason.message : ''
      if (answer.state !== 'ready') return false
      const what = ids.length === 1 ? 'a copy of it' : `copies of ${counted(index + 1, 'document')}`
      notices.say(`${counted(answer.value.people, 'person')} got ${what}`)
    }
    return true
  }

  /** The address, which is known only now; null where it was refused. `until`: the last day, or empty. */
  async function makeLink(
    target: 'folder' | 'document',
    targetId: string,
    { until, note, passphrase }: { readonly until: string; readonly note: string; readonly passphrase: string },
  ): Promise<string | null> {
    const secret = secretFrom(crypto.getRandomValues(new Uint8Array(SECRET_BYTES)))
    const made = { kind: 'link.make', id: newId<ShareLinkId>(), target, targetId, secret, note, passphrase } as const
    const outcome = await acts.act({ ...made, until: lastOf(until) }, { quiet: true })
    refused.value = outcome.ok ? '' : outcome.reason.message
    return outcome.ok ? `${location.origin}/from/${secret}` : null
  }

  const end = (ids: readonly string[]): Promise<unknown> => acts.act({ kind: 'grant.end', ids: [...ids] })

  return {
    ...{ all, groups, people, refused, to, difference, forOneBelow, newPeople },
    ...{ give, giveCopies, makeLink, end },
  }
})
