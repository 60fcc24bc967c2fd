import type { EventHandler, H3Event } from 'h3'
import { getHeader, getQuery } from 'h3'
import type { Input, ReplyOf, Route } from '../../contract/routes/route'
import { signedIn } from '../http/actor'
import { bodyOf, checked } from '../http/body'
import { handler } from '../http/handler'
import { whoIs } from '../services/account/session'
import { fail } from '../../core/errors'
import { ownPlanOnly } from '../services/access/guests'
import type { Actor } from '../services/actor'

/** A request whose parts were checked against the contract. */
export interface Request<R extends Route> {
  /** Null where nobody has to be signed in. */
  readonly actor: R['signedIn'] extends true ? Actor : null
  readonly query: Input<R['query']>
  readonly body: Input<R['body']>
  readonly event: H3Event
}

/** The plan that a window shows says the window; in another one it would do what nobody meant. */
function checkedActor(event: H3Event, actor: Actor, ownersOnly: boolean): Actor {
  const shown = getHeader(event, 'x-hembix-plan')
  if (shown !== undefined && shown !== actor.planId) fail('plan.other')
  if (ownersOnly) ownPlanOnly(actor)
  return actor
}

/**
 * The handler of a route of the contract. Query and body are checked before `work` runs, and what it gives back has
 * the type that the contract names. Throws session.missing, request.invalid, body.large, server.busy, and what `work`
 * throws; all of them become error replies.
 */
export function route<R extends Route>(
  { signedIn: needsActor, ownersOnly = false, query, body }: R,
  work: (request: Request<R>) => Promise<ReplyOf<R>> | ReplyOf<R>,
): EventHandler {
  return handler(async event => {
    const request = {
      actor: needsActor ? checkedActor(event, await signedIn(event, whoIs), ownersOnly) : null,
      query: query && (await checked(query, getQuery(event))),
      body: typeof body === 'object' ? await bodyOf(event, body) : undefined,
      event,
    }
    return work(request as Request<R>) // each part was made by what the contract says of it
  })
}
