import { message, namedEach, namedThings } from '../../history/index'
import type { Given } from '../command'
import { command } from '../command'
import { tags, things } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision } from '../slice'
import { tagRows, thingsOf } from './tags'

const fields = { ...things, tags: tags().min(1).required() }

function putTags(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const things = thingsOf(slice, command)
  if (isDecision(things)) return things
  const put = tagRows(slice, command.tags, things, moment)
  if (isDecision(put)) return put
  return decided(
    put.rows,
    message('tags.put', { things: namedThings(things.folders, things.documents), tags: namedEach(put.tags) }),
    things.places,
  )
}

export const tagPut = command('tag.put', {
  fields,
  needs: ({ folderIds = [], documentIds = [] }) => ({
    tags: true,
    documentIds,
    taggedIds: [...folderIds, ...documentIds],
  }),
  decide: putTags,
  doc: '`folderIds`, `documentIds`, `tags` (`id`, `name`): a name that is a tag already is that tag',
})
