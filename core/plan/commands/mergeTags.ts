import type { RowChange } from '../../change/index'
import { deleted, updated } from '../../change/index'
import { message } from '../../history/index'
import { tagId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: tagId(), into: tagId() }

/** What carries the one carries the other afterwards; the first is gone. */
function mergeTags(slice: Slice, command: Given<typeof fields>): Decision {
  const [from, into] = [slice.tags.get(command.id), slice.tags.get(command.into)]
  if (!from || !into || from === into) return refuse('notFound')
  const there = new Set(slice.taggings.filter(({ tagId }) => tagId === into.id).map(({ targetId }) => targetId))
  const moving = slice.taggings.filter(({ tagId }) => tagId === from.id)
  const rows = moving.flatMap((tagging): RowChange[] =>
    there.has(tagging.targetId) ? [deleted('tagging', tagging)] : updated('tagging', tagging, { tagId: into.id }),
  )
  return decided(
    [...rows, deleted('tag', from)],
    message('tag.merge', { name: from.name, into: into.name, count: moving.length }),
    [],
  )
}

export const tagMerge = command('tag.merge', {
  fields,
  needs: ({ id, into }) => ({ tags: true, tagIds: [id, into] }),
  decide: mergeTags,
  doc: '`id`, `into`: what carries the one carries the other; the first is gone',
})
