import { deleted } from '../../change/index'
import { message } from '../../history/index'
import type { DocumentId } from '../../ids'
import { documentIds, shareLinkId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { thingOf } from './makeLink'

const fields = { id: shareLinkId(), documentIds: documentIds().default([]) }

/** Whoever has the address reads nothing from now on. Ended also where the thing itself is gone. */
function endLink(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const link = slice.links.get(command.id)
  if (!link) return refuse('notFound')
  const given = thingOf(slice, link.target, link.targetId, moment)
  return isDecision(given)
    ? decided([deleted('share_link', link)], message('link.endGone'), [])
    : decided([deleted('share_link', link)], message('link.end', { thing: given.thing }), given.places)
}

export const linkEnd = command('link.end', {
  fields,
  needs: ({ documentIds = [] }) => ({ links: true, documentIds: documentIds as readonly DocumentId[] }),
  decide: endLink,
  doc: '`id`, `documentIds` (the document that it gives, so that History can name it)',
})
