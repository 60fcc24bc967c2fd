import * as yup from 'yup'
import { isInForce } from '../../access/index'
import { storableTime } from '../../dates/index'
import type { RowChange } from '../../change/index'
import { deleted, inserted, updated } from '../../change/index'
import type { Part } from '../../history/index'
import { message } from '../../history/index'
import type { DocumentId, PersonId } from '../../ids'
import type { GrantRow } from '../../rows/index'
import { GRANTEES, ROLES, TARGETS } from '../../rows/index'
import { anyId, grantId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import type { GivenAway } from './grants'
import { NOTE_LIMIT, refusedGiving, thingOf, thingsValue, whoValue } from './grants'

const GRANTS_LIMIT = 500
const fields = {
  grants: yup
    .array(
      yup.object({
        id: grantId(),
        target: yup.string().oneOf(TARGETS).required(),
        targetId: anyId(),
        who: yup.string().oneOf(GRANTEES).required(),
        whoId: anyId().nullable().defined(),
      }),
    )
    .min(1)
    .max(GRANTS_LIMIT)
    .required(),
  role: yup.string().oneOf(ROLES).required(),
  until: yup.string().nullable().default(null),
  note: yup.string().strict().default(''),
}

/** Who has the thing itself already gets this role, until and note in the place of those before. */
function give(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { role } = command
  const until = command.until === null ? null : storableTime(command.until)
  if (command.until !== null && (until === null || until <= moment.now)) return refuse('link.over')
  const length = [...command.note].length
  if (length > NOTE_LIMIT) return refuse('text.long', { length, limit: NOTE_LIMIT })
  const [rows, names]: [RowChange[], Part[]] = [[], []]
  const things = new Map<string, GivenAway>()
  const note = command.note.trim()
  for (const { id, ...like } of command.grants) {
    const { target, targetId, who, whoId } = like
    const given = things.get(targetId) ?? thingOf(slice, target, targetId, moment)
    if (isDecision(given)) return given
    const refused = refusedGiving(slice, target, targetId)
    if (refused) return refused
    if (who === 'person' && whoId === slice.ownerId) return refuse('give.owner')
    const name = whoValue(slice, who, whoId)
    if (name === null) return refuse('give.nobody')
    const [has, ...more] = grantsOf(slice, like)
    const row: GrantRow = { id, ...like, role, until, note, createdAt: moment.now }
    // What is over is given anew, and is new to whoever has it.
    const isOver = has !== undefined && !isInForce(has, moment.now)
    const changed = [
      ...more.map(other => deleted('access_grant', other)),
      ...(has && isOver ? [deleted('access_grant', has)] : []),
      ...(has && !isOver ? updated('access_grant', has, { role, until, note }) : [inserted('access_grant', row)]),
    ]
    if (changed.length === 0) continue
    rows.push(...changed)
    things.set(targetId, given)
    if (!names.includes(name)) names.push(name)
  }
  const all = [...things.values()]
  const said = message('give', { who: names, thing: thingsValue(all), role })
  return decided(
    rows,
    said,
    all.flatMap(({ places }) => places),
  )
}

/** What they have of the thing itself, what is in force first. */
function grantsOf(slice: Slice, like: Pick<GrantRow, 'target' | 'targetId' | 'who' | 'whoId'>): GrantRow[] {
  return [...slice.grants.values()]
    .filter(
      ({ target, targetId, who, whoId }) =>
        target === like.target && targetId === like.targetId && who === like.who && whoId === like.whoId,
    )
    .sort((a, b) => ((a.until ?? '9') < (b.until ?? '9') ? 1 : -1))
}

export const grantGive = command('grant.give', {
  fields,
  needs: ({ grants }) => ({
    access: true,
    personIds: grants.flatMap(({ who, whoId }) => (who === 'person' && whoId !== null ? [whoId as PersonId] : [])),
    documentIds: grants.flatMap(({ target, targetId }) => (target === 'document' ? [targetId as DocumentId] : [])),
  }),
  decide: give,
  owners: 'right',
  doc:
    '`grants` (list of `id`, `target`: `plan`, `folder`, `document`, `targetId`, `who`: `person`, `group`, ' +
    '`everyone`, `whoId`), `role` (`read`, `add`, `edit`, `keep`), `until` (null: until it is ended), `note`',
})
