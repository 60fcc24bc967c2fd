import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import { parseSearchQuery } from '../../find/index'
import { message } from '../../history/index'
import type { KeptSearchRow } from '../../rows/index'
import { folderId, searchId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { name } from '../shapes'
import type { Decision, Moment, Slice } from '../slice'
import { decided, findFolder, isDecision, placeValue, refuse } from '../slice'

/** The parts of a search's URL (core/find/searchQuery). */
export const searchQueryShape = yup
  .mixed<Readonly<Record<string, string>>>()
  .required()
  .test(
    'query',
    'a search is a list of texts by name',
    value =>
      typeof value === 'object' &&
      !Array.isArray(value) &&
      Object.values(value).every(part => typeof part === 'string') &&
      JSON.stringify(value).length <= 20_000,
  )

const fields = {
  id: searchId(),
  name: name(),
  query: searchQueryShape,
  folderId: folderId().nullable().default(null),
  pinned: yup.boolean().default(false),
  desk: yup.boolean().default(false),
}

/** Keeps a search under a name, or changes one that is kept. */
function keepSearch(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const read = parseSearchQuery(command.query)
  if (!read.ok) return refuse('rule.wrong', { why: read.why })
  if (command.folderId !== null) {
    const folder = findFolder(slice, command.folderId)
    if (isDecision(folder)) return folder
  }
  const { id, query, folderId, pinned, desk } = command
  const facts = { name: checked.name, query, folderId, pinned, desk }
  const present = slice.searches.get(id)
  const twin = [...slice.searches.values()].find(
    search => search.id !== id && foldedText(search.name) === foldedText(checked.name),
  )
  if (twin) return refuse('search.twin', { name: twin.name })
  if (present)
    return decided(
      updated('kept_search', present, facts),
      present.name === checked.name
        ? message('search.change', { name: checked.name })
        : message('search.rename', { before: present.name, name: checked.name }),
      placesOf(present, command),
    )
  return decided(
    [inserted('kept_search', { id, ...facts, createdAt: moment.now })],
    folderId === null
      ? message('search.keep', { name: checked.name })
      : message('search.keepIn', { name: checked.name, place: placeValue(slice, folderId, moment.locale) }),
    placesOf(null, command),
  )
}

function placesOf(present: KeptSearchRow | null, command: Given<typeof fields>) {
  return [present?.folderId ?? null, command.folderId].filter(id => id !== null)
}

export const searchKeep = command('search.keep', {
  fields,
  needs: () => ({ searches: true }),
  decide: keepSearch,
  owners: 'personal',
  doc: "`id`, `name`, `query` (the parts of a search's URL), `folderId` (shown there; null: nowhere), `pinned`, `desk`",
})
