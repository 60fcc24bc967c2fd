import * as yup from 'yup'
import { deleted } from '../../change/index'
import { message, namedEach, namedThings } from '../../history/index'
import { tagId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { things } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided, isDecision } from '../slice'
import { thingsOf } from './tags'

const fields = { ...things, tagIds: yup.array(tagId()).min(1).max(50).required() }

function takeTags(slice: Slice, command: Given<typeof fields>): Decision {
  const things = thingsOf(slice, command)
  if (isDecision(things)) return things
  const meant = new Set<string>([...command.folderIds, ...command.documentIds])
  const rows = slice.taggings
    .filter(tagging => command.tagIds.includes(tagging.tagId) && meant.has(tagging.targetId))
    .map(tagging => deleted('tagging', tagging))
  const tags = command.tagIds.flatMap(id => slice.tags.get(id) ?? [])
  return decided(
    rows,
    message('tags.take', {
      count: tags.length,
      tags: namedEach(tags),
      things: namedThings(things.folders, things.documents),
    }),
    things.places,
  )
}

export const tagTake = command('tag.take', {
  fields,
  needs: ({ folderIds = [], documentIds = [] }) => ({
    tags: true,
    documentIds,
    taggedIds: [...folderIds, ...documentIds],
  }),
  decide: takeTags,
  doc: '`folderIds`, `documentIds`, `tagIds`',
})
