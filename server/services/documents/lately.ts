import { fail } from '../../../core/errors'
import type { LatelyRow } from '../../db/sql/visits'
import { addedLately, changedLately, noteVisit, openedLately, openedOften, starredByNeglect } from '../../db/sql/visits'
import type { Actor } from '../actor'

export interface Lately {
  readonly opened: readonly LatelyRow[]
  readonly changed: readonly LatelyRow[]
  readonly added: readonly LatelyRow[]
  readonly often: readonly LatelyRow[]
  readonly starred: readonly LatelyRow[]
}

const [SHOWN, OFTEN, STARRED] = [60, 12, 1000]

/** What was opened, changed and added last, what is opened often, and the starred ones with how long they rest. */
export async function listLately(actor: Actor): Promise<Lately> {
  const [opened, changed, added, often, starred] = await Promise.all([
    openedLately(actor.planId, SHOWN),
    changedLately(actor.planId, SHOWN),
    addedLately(actor.planId, SHOWN),
    openedOften(actor.planId, OFTEN),
    starredByNeglect(actor.planId, STARRED),
  ])
  // What its owner opened and starred is not for others.
  return actor.isGuest
    ? { opened: [], changed, added, often: [], starred: [] }
    : { opened, changed, added, often, starred }
}

/** That of others is not kept: it would stand among what the owner opened. Throws notFound. */
export async function visit(actor: Actor, id: string): Promise<void> {
  if (actor.isGuest) return
  if (!(await noteVisit(actor.planId, id))) fail('notFound')
}
