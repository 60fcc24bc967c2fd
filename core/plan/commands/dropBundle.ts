import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { bundleId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'
import { itemsOf } from './bundles'

const fields = { id: bundleId() }

function dropBundle(slice: Slice, command: Given<typeof fields>): Decision {
  const bundle = slice.bundles.get(command.id)
  if (!bundle) return refuse('notFound')
  return decided(
    [...itemsOf(slice, bundle).map(item => deleted('bundle_item', item)), deleted('bundle', bundle)],
    message('bundle.drop', { name: bundle.name }),
    [],
  )
}

export const bundleDrop = command('bundle.drop', {
  fields,
  needs: ({ id }) => ({ bundleId: id }),
  decide: dropBundle,
  doc: '`id`',
})
