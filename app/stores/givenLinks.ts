// Links that were given out from this plan: making one, ending it, and which of them reach a thing.

import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { newId } from '../../contract/newId'
import type { GivenLink } from '../../contract/plan'
import { linksGained, linksTo, secretFrom, SECRET_BYTES } from '../../core/access/index'
import type { GivenThing } from '../../core/access/index'
import type { FolderId, ShareLinkId } from '../../core/ids'
import { useActs } from './acts'
import { usePlan } from './plan'
import { usePlaceNames } from './placeNames'

export const useGivenLinks = defineStore('givenLinks', () => {
  const [acts, plan, placeNames] = [useActs(), usePlan(), usePlaceNames()]
  const links = computed<readonly GivenLink[]>(() => plan.reply?.links ?? [])
  const refused = ref('')
  const now = () => new Date().toISOString()

  /** Those that reach a thing, with the folder by which they do. */
  const to = (thing: GivenThing) => linksTo(thing, plan.tree, links.value, now())

  /** Those that will reach what lies in the first places once it lies in the others. */
  const gained = (before: readonly (FolderId | null)[], after: readonly (FolderId | null)[]) =>
    linksGained(before, after, plan.tree, links.value, now())

  /** "1.1 Berth leases", or the name of the document; of what is gone, that it is. */
  const nameOf = ({ target, targetId, name }: GivenLink): string =>
    (target === 'folder' ? placeNames.placeOf(targetId as FolderId)?.text : name) ?? 'what is gone'

  /** The address, which is known only now; null where it was refused. `until`: the last day, or empty. */
  async function make(target: 'folder' | 'document', id: string, until: string, note: string): Promise<string | null> {
    const secret = secretFrom(crypto.getRandomValues(new Uint8Array(SECRET_BYTES)))
    const last = until === '' ? null : new Date(`${until}T23:59:59`).toISOString()
    const made = {
      kind: 'link.make',
      id: newId<ShareLinkId>(),
      target,
      targetId: id,
      secret,
      until: last,
      note,
    } as const
    const outcome = await acts.act(made, { quiet: true })
    refused.value = outcome.ok ? '' : outcome.reason.message
    return outcome.ok ? `${location.origin}/from/${secret}` : null
  }

  const end = (ids: readonly ShareLinkId[]): Promise<unknown> => acts.act({ kind: 'link.end', ids: [...ids] })

  return { links, refused, to, gained, nameOf, make, end }
})
