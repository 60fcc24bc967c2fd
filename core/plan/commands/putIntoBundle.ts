import { message, namedThings } from '../../history/index'
import { bundleId, documentIds } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Moment, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'
import { itemRows } from './bundles'

const fields = { id: bundleId(), documentIds: documentIds().min(1).required() }

/** Adds documents at the end; those that are in it already stay where they are. */
function putIntoBundle(slice: Slice, command: Given<typeof fields>, moment: Moment): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const put = itemRows(slice, bundle, command.documentIds, moment)
  if (isDecision(put)) return put
  return decided(put.rows, message('bundle.put', { documents: namedThings([], put.documents), name: bundle.name }), [])
}

export const bundlePut = command('bundle.put', {
  fields,
  needs: ({ id, documentIds }) => ({ bundleId: id, documentIds }),
  decide: putIntoBundle,
  doc: '`id`, `documentIds`',
})
