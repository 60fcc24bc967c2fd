import { deleted } from '../../change/index'
import { message } from '../../history/index'
import { orderId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: orderId() }

function dropOrder(slice: Slice, command: Given<typeof fields>): Decision {
  const order = slice.orders.get(command.id)
  return order
    ? decided([deleted('standing_order', order)], message('order.drop', { name: order.name }), [])
    : refuse('notFound')
}

export const orderDrop = command('order.drop', {
  fields,
  needs: () => ({ orders: true }),
  decide: dropOrder,
  doc: '`id`',
})
