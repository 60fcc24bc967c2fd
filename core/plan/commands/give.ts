import * as yup from 'yup'
import { isInForce } from '../../access/index'
import { storableTime } from '../../dates/index'
import type { RowChange } from '../../change/index'
import { deleted, inserted, updated } from '../../change/index'
import type { Part } from '../../history/index'
import { message } from '../../history/index'
import type { DocumentId, PersonId } from '../../ids'
import type { GrantRow } from '../../rows/index'
import { ROLES } from '../../rows/index'
import { anyId, grantId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { NOTE_LIMIT, thingOf, whoValue } from './grants'

const WHO_LIMIT = 100
const fields = {
  target: yup
    .string()
    .oneOf(['plan', 'folder', 'document'] as const)
    .required(),
  targetId: anyId(),
  to: yup
    .array(
      yup.object({
        id: grantId(),
        who: yup
          .string()
          .oneOf(['person', 'group', 'everyone'] as const)
          .required(),
        whoId: anyId().nullable().defined(),
      }),
    )
    .min(1)
    .max(WHO_LIMIT)
    .required(),
  role: yup.string().oneOf(ROLES).required(),
  until: yup.string().nullable().default(null),
  note: yup.string().strict().default(''),
}

/** Who has the thing itself already gets this role, until and note in the place of those before. */
function give(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const { target, targetId, role } = command
  const until = command.until === null ? null : storableTime(command.until)
  if (command.until !== null && (until === null || until <= moment.now)) return refuse('link.over')
  const length = [...command.note].length
  if (length > NOTE_LIMIT) return refuse('text.long', { length, limit: NOTE_LIMIT })
  if (target === 'plan' && targetId !== slice.plan.id) return refuse('notFound')
  const given = thingOf(slice, target, targetId, moment)
  if (isDecision(given)) return given
  const [rows, names]: [RowChange[], Part[]] = [[], []]
  const note = command.note.trim()
  for (const { id, who, whoId } of command.to) {
    if (who === 'person' && whoId === slice.ownerId) return refuse('give.owner')
    const name = whoValue(slice, who, whoId)
    if (name === null) return refuse('give.nobody')
    const [has, ...more] = grantsOf(slice, { target, targetId, who, whoId })
    const row: GrantRow = { id, target, targetId, who, whoId, role, until, note, createdAt: moment.now }
    // What is over is given anew, and is new to whoever has it.
    const isOver = has !== undefined && !isInForce(has, moment.now)
    const changed = [
      ...more.map(other => deleted('access_grant', other)),
      ...(has && isOver ? [deleted('access_grant', has)] : []),
      ...(has && !isOver ? updated('access_grant', has, { role, until, note }) : [inserted('access_grant', row)]),
    ]
    rows.push(...changed)
    if (changed.length > 0) names.push(name)
  }
  return decided(rows, message('give', { who: names, thing: given.thing, role }), given.places)
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
  needs: ({ target, targetId, to }) => ({
    access: true,
    personIds: to.flatMap(({ who, whoId }) => (who === 'person' && whoId !== null ? [whoId as PersonId] : [])),
    ...(target === 'document' ? { documentIds: [targetId as DocumentId] } : {}),
  }),
  decide: give,
  owners: 'right',
  doc:
    '`target` (`plan`, `folder`, `document`), `targetId`, `to` (list of `id`, `who`: `person`, `group`, `everyone`, ' +
    '`whoId`), `role` (`read`, `add`, `edit`, `keep`), `until` (null: until it is ended), `note`',
})
