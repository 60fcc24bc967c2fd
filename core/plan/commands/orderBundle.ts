import { generateNKeysBetween } from 'fractional-indexing'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { bundleId, documentIds } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'
import { itemsOf } from './bundles'

const fields = { id: bundleId(), documentIds: documentIds().min(1).required() }

/** The documents in this order; those that are not named come after them. */
function orderBundle(slice: Slice, command: Given<typeof fields>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const items = itemsOf(slice, bundle)
  const wanted = [
    ...command.documentIds.flatMap(id => items.find(item => item.documentId === id) ?? []),
    ...items.filter(item => !command.documentIds.includes(item.documentId)),
  ]
  const keys = generateNKeysBetween(null, null, wanted.length)
  if (wanted.every((item, index) => item === items[index])) return refuse('act.nothing')
  return decided(
    wanted.flatMap((item, index) => updated('bundle_item', item, { orderKey: keys[index] ?? '' })),
    message('bundle.order', { name: bundle.name }),
    [],
  )
}

export const bundleOrder = command('bundle.order', {
  fields,
  needs: ({ id }) => ({ bundleId: id }),
  decide: orderBundle,
  doc: '`id`, `documentIds`',
})
