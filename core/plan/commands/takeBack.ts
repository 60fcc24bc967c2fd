import * as yup from 'yup'
import { deleted } from '../../change/index'
import { message } from '../../history/index'
import type { FolderId, ShareLinkId } from '../../ids'
import { anyId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { thingOf, whoValue } from './grants'

const GIVEN_LIMIT = 1000
const fields = { ids: yup.array(anyId()).min(1).max(GIVEN_LIMIT).required() }

/** Grants and links alike: nobody has anything by them from now on. Ended also where the thing itself is gone. */
function takeBack(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const ids = [...new Set(command.ids)]
  const [grants, links] = [ids.flatMap(id => slice.grants.get(id) ?? []), ids.flatMap(id => slice.links.get(id) ?? [])]
  const count = grants.length + links.length
  if (count === 0) return refuse('notFound')
  const things = [...grants, ...links].map(one => thingOf(slice, one.target, one.targetId, moment))
  const there = things.flatMap(one => (isDecision(one) ? [] : [one]))
  const [grant, only] = [grants[0], there[0]]
  const said =
    grant && only && count === 1
      ? message('grant.end', { thing: only.thing, who: whoValue(slice, grant.who, grant.whoId) ?? message('nobody') })
      : grant
        ? message('grant.endSeveral', { count })
        : only && count === 1
          ? message('link.end', { thing: only.thing })
          : message('link.endSeveral', { count })
  const rows = [...grants.map(row => deleted('access_grant', row)), ...links.map(row => deleted('share_link', row))]
  return decided(
    rows,
    said,
    there.flatMap(({ places }): readonly (FolderId | null)[] => places),
  )
}

export const grantEnd = command('grant.end', {
  fields,
  needs: ({ ids }) => ({ access: true, linkIds: ids as ShareLinkId[] }),
  decide: takeBack,
  owners: 'right',
  doc: '`ids` (of grants and links)',
})
