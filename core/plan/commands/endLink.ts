import * as yup from 'yup'
import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { shareLinkId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { thingOf } from './makeLink'

const LINKS_LIMIT = 1000
const fields = { ids: yup.array(shareLinkId()).min(1).max(LINKS_LIMIT).required() }

/** Whoever has the address reads nothing from now on. Ended also where the thing itself is gone. */
function endLinks(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const links = [...new Set(command.ids)].flatMap(id => slice.links.get(id) ?? [])
  if (links.length === 0) return refuse('notFound')
  const given = links.map(link => thingOf(slice, link.target, link.targetId, moment))
  const there = given.flatMap(one => (isDecision(one) ? [] : [one]))
  const [only] = there
  return decided(
    links.map(link => deleted('share_link', link)),
    links.length === 1 && only
      ? message('link.end', { thing: only.thing })
      : message('link.endSeveral', { count: links.length }),
    there.flatMap(({ places }) => places),
  )
}

export const linkEnd = command('link.end', {
  fields,
  needs: ({ ids }) => ({ linkIds: ids }),
  decide: endLinks,
  doc: '`ids`',
})
