import * as yup from 'yup'
import type { RowChange } from '../../change/index'
import { deleted, inserted, updated } from '../../change/index'
import { message } from '../../history/index'
import { groupId, personId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, refuse } from '../slice'

const MEMBERS_LIMIT = 500
const people = () => yup.array(personId()).max(MEMBERS_LIMIT).default([])
const fields = { id: groupId(), name: name(), add: people(), remove: people() }

/** Makes a group, or gives it another name and other people. Who is taken out reads nothing by it from now on. */
function setGroup(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const { id } = command
  const twin = [...slice.groups.values()].find(
    other => other.id !== id && foldedText(other.name) === foldedText(checked.name),
  )
  if (twin) return refuse('group.twin', { name: twin.name })
  const present = slice.groups.get(id)
  const members = slice.members.filter(({ groupId: of }) => of === id)
  const has = new Set(members.map(member => member.personId))
  const added = [...new Set(command.add)].filter(one => !has.has(one))
  if (added.some(one => !slice.people.has(one))) return refuse('give.nobody')
  const gone = members.filter(member => command.remove.includes(member.personId))
  if (members.length + added.length - gone.length > MEMBERS_LIMIT) return refuse('group.full', { limit: MEMBERS_LIMIT })
  const rows: RowChange[] = [
    ...(present
      ? updated('person_group', present, { name: checked.name })
      : [inserted('person_group', { id, name: checked.name, createdAt: moment.now })]),
    ...added.map(one => inserted('group_member', { id: moment.newId(), groupId: id, personId: one })),
    ...gone.map(member => deleted('group_member', member)),
  ]
  const named = (ids: readonly string[]) => ids.flatMap(one => slice.people.get(one)?.name ?? [])
  const values = { name: checked.name, added: named(added), gone: named(gone.map(member => member.personId)) }
  const said = !present
    ? message('group.make', { name: checked.name, count: added.length })
    : added.length > 0 && gone.length > 0
      ? message('group.change', values)
      : added.length > 0
        ? message('group.add', { name: values.name, added: values.added })
        : gone.length > 0
          ? message('group.remove', { name: values.name, gone: values.gone })
          : message('group.rename', { before: present.name, name: checked.name })
  return decided(rows, said, [])
}

export const groupSet = command('group.set', {
  fields,
  needs: ({ add = [], remove = [] }) => ({ access: true, personIds: [...add, ...remove] }),
  decide: setGroup,
  owners: 'right',
  doc: '`id`, `name`, `add` and `remove` (people)',
})
