import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided } from '../slice'

const fields = { on: yup.boolean().required() }

/** The house rule that nothing is given but areas. What was given before stays given. */
function giveInAreas(slice: Slice, { on }: Given<typeof fields>): Decision {
  return decided(
    updated('plan', slice.plan, { areasOnly: on }),
    on ? message('plan.areasOnly') : message('plan.giveAnything'),
    [],
  )
}

export const planAreasOnly = command('plan.areasOnly', {
  fields,
  decide: giveInAreas,
  owners: 'right',
  doc: '`on`: nothing is given but areas, and nothing handed out but within one',
})
