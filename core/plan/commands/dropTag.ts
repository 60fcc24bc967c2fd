import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { tagId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: tagId() }

function dropTag(slice: Slice, command: Given<typeof fields>): Decision {
  const tag = slice.tags.get(command.id)
  if (!tag) return refuse('notFound')
  const carried = slice.taggings.filter(({ tagId }) => tagId === tag.id)
  return decided(
    [...carried.map(tagging => deleted('tagging', tagging)), deleted('tag', tag)],
    message('tag.delete', { name: tag.name, count: carried.length }),
    [],
  )
}

export const tagDrop = command('tag.drop', {
  fields,
  needs: ({ id }) => ({ tags: true, tagIds: [id] }),
  decide: dropTag,
  doc: '`id`',
})
