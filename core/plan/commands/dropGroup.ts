import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { groupId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: groupId() }

/** With it goes what was given to it; Undo brings both back. */
function dropGroup(slice: Slice, command: Given<typeof fields>): Decision {
  const group = slice.groups.get(command.id)
  if (!group) return refuse('notFound')
  const members = slice.members.filter(({ groupId: of }) => of === group.id)
  const grants = [...slice.grants.values()].filter(({ who, whoId }) => who === 'group' && whoId === group.id)
  return decided(
    [
      ...grants.map(row => deleted('access_grant', row)),
      ...members.map(row => deleted('group_member', row)),
      deleted('person_group', group),
    ],
    message('group.drop', { name: group.name, count: grants.length }),
    [],
  )
}

export const groupDrop = command('group.drop', {
  fields,
  needs: () => ({ access: true }),
  decide: dropGroup,
  owners: 'right',
  doc: '`id`',
})
