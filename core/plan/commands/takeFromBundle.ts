import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { bundleId, documentIds } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'
import { itemsOf } from './bundles'

const fields = { id: bundleId(), documentIds: documentIds().min(1).required() }

function takeFromBundle(slice: Slice, command: Given<typeof fields>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  const taken = itemsOf(slice, bundle).filter(item => command.documentIds.includes(item.documentId))
  return decided(
    taken.map(item => deleted('bundle_item', item)),
    message('bundle.take', { documents: message('documents', { count: taken.length }), name: bundle.name }),
    [],
  )
}

export const bundleTake = command('bundle.take', {
  fields,
  needs: ({ id }) => ({ bundleId: id }),
  decide: takeFromBundle,
  doc: '`id`, `documentIds`',
})
