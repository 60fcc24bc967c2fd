import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { days: yup.number().nullable().defined() }

const TRASH_DAYS_LIMIT = 3650

/** How long the Trash keeps what lies in it. */
function keepTrash(slice: Slice, { days }: Given<typeof fields>): Decision {
  if (days !== null && (!Number.isInteger(days) || days < 1 || days > TRASH_DAYS_LIMIT))
    return refuse('request.invalid', { why: `the Trash keeps from 1 to ${TRASH_DAYS_LIMIT} days, or for ever` })
  return decided(
    updated('plan', slice.plan, { trashDays: days }),
    days === null ? message('trash.forEver') : message('trash.days', { days }),
    [],
  )
}

export const planTrash = command('plan.trash', {
  fields,
  decide: keepTrash,
  owners: 'right',
  doc: '`days`: after which the Trash deletes for good; null: never',
})
