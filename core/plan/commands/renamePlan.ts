import { updated } from '../../change/index'
import { message } from '../../history/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { name } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided } from '../slice'

const fields = { name: name() }

function renamePlan(slice: Slice, given: Given<typeof fields>): Decision {
  const checked = checkName(given.name)
  if (!checked.ok) return checked
  return decided(
    updated('plan', slice.plan, { name: checked.name }),
    message('plan.rename', { before: slice.plan.name, name: checked.name }),
    [],
  )
}

export const planRename = command('plan.rename', {
  fields,
  decide: renamePlan,
  owners: 'right',
  doc: '`name` of the plan itself',
})
