// Follows a plan for whoever was given a part of it: what happens elsewhere in it is not told.

import { HembixError } from '../../../core/errors'
import { documentById } from '../../db/sql/documentFacts'
import { subscribeToPlan } from '../events/planEvents'
import type { Scope } from './scope'
import { isIn } from './scope'

interface PlanEvent {
  readonly type: string
  readonly tables?: readonly string[]
  /** Folders in which something changed; null: too many to name. */
  readonly places?: readonly string[] | null
}
// What may end what was given, or give more.
const ACCESS_TABLES = new Set(['access_grant', 'group_member', 'person_group', 'share_link', 'plan'])

/** `again` opens the same key anew, and throws once it opens nothing. Ends with the function that it gives back. */
export function followShared(
  scope: Scope,
  again: () => Promise<Scope>,
  { changed, gone }: { readonly changed: () => void; readonly gone: () => Promise<void> },
): () => void {
  let [current, shown] = [scope, factsOf(scope)]
  const look = async (event: PlanEvent) => {
    if (!concerns(current, event)) return
    try {
      current = await again()
    } catch (error) {
      if (!(error instanceof HembixError)) throw error
      await gone()
      return
    }
    const [had, has] = [await shown, await (shown = factsOf(current))]
    if (had !== has || isInside(current, event)) changed()
  }
  return subscribeToPlan(scope.giver.planId, text => {
    void look(JSON.parse(text) as PlanEvent).catch(() => changed())
  })
}

/** What is shown of it at the head; of a document, all that can become other. */
async function factsOf({ giver, target, targetId, role, top }: Scope): Promise<string> {
  const document = target === 'document' ? await documentById(giver.planId, targetId) : null
  return JSON.stringify([role, top?.name, document?.name, document?.version])
}

const concerns = (scope: Scope, event: PlanEvent): boolean =>
  event.type === 'refresh' ||
  scope.target === 'document' ||
  (event.tables ?? []).some(table => ACCESS_TABLES.has(table)) ||
  isInside(scope, event)

/** A document is compared instead: what else lies beside it is not told. */
function isInside(scope: Scope, { type, places }: PlanEvent): boolean {
  if (type !== 'change') return type === 'refresh'
  if (scope.target === 'document') return false
  return places === undefined || places === null || places.some(id => isIn(scope, id) || id === scope.targetId)
}
