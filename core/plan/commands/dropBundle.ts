import { deleted, quoted } from '../../change/index'
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
    `Dissolved the bundle ${quoted(bundle.name)}; its documents stay where they are`,
    [],
  )
}

export const bundleDrop = command('bundle.drop', {
  fields,
  needs: ({ id }) => ({ bundleId: id }),
  decide: dropBundle,
  doc: '`id`',
})
