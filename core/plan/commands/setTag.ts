import * as yup from 'yup'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { meaningId, tagId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { name } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'
import { TAG_LIMIT, tagName } from './tags'

const fields = { id: tagId(), name: name(), meaningId: meaningId().nullable(), hidden: yup.boolean().required() }

/** Another name, ink, or whether it is offered. */
function setTag(slice: Slice, command: Given<typeof fields>): Decision {
  const tag = slice.tags.get(command.id)
  if (!tag || (command.meaningId !== null && !slice.meanings.has(command.meaningId))) return refuse('notFound')
  const name = tagName(command.name)
  if (name === null) return refuse('tag.name', { limit: TAG_LIMIT })
  const folded = foldedText(name)
  const twin = [...slice.tags.values()].find(other => other.id !== tag.id && other.folded === folded)
  if (twin) return refuse('tag.twin', { name: twin.name })
  const { meaningId, hidden } = command
  return decided(
    updated('tag', tag, { name, folded, meaningId, hidden }),
    name === tag.name ? message('tag.change', { name }) : message('tag.rename', { before: tag.name, name }),
    [],
  )
}

export const tagSet = command('tag.set', {
  fields,
  needs: () => ({ tags: true }),
  decide: setTag,
  doc: '`id`, `name`, `meaningId` (the ink it is written with), `hidden` (not offered while tagging)',
})
