import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { searchId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: searchId() }

function dropSearch(slice: Slice, command: Given<typeof fields>): Decision {
  const search = slice.searches.get(command.id)
  if (!search) return refuse('notFound')
  return decided(
    [deleted('kept_search', search)],
    message('search.drop', { name: search.name }),
    search.folderId === null ? [] : [search.folderId],
  )
}

export const searchDrop = command('search.drop', {
  fields,
  needs: () => ({ searches: true }),
  decide: dropSearch,
  owners: 'personal',
  doc: '`id`',
})
