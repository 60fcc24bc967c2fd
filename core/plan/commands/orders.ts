import { generateKeyBetween } from 'fractional-indexing'
import { deleted, inserted, quoted, updated } from '../../change/index'
import { foldedText } from '../../text/index'
import type { Command } from '../command'
import { checkName } from '../name'
import { wrongPattern } from '../namePattern'
import type { Decision, Slice } from '../slice'
import { decided, findFolder, isDecision, refuse } from '../slice'

/** Makes a standing order, or changes one. It has to say what it fits and what it does. */
export function setOrder(slice: Slice, command: Extract<Command, { kind: 'order.set' }>): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const { id, active, when, then } = command
  if (then.folderId !== null) {
    const folder = findFolder(slice, then.folderId)
    if (isDecision(folder)) return folder
  }
  const why = then.pattern === null ? null : wrongPattern(then.pattern)
  if (why !== null) return refuse('name.pattern', { why })
  if (when.origins.length === 0 && when.types.length === 0 && foldedText(when.sender) === '' && foldedText(when.words) === '') return refuse('order.empty')
  if (then.folderId === null && then.pattern === null && then.tags.length === 0 && !then.star) return refuse('order.idle')
  const present = slice.orders.get(id)
  if (present) return decided(updated('standing_order', present, { name: checked.name, active, when, then }), `Changed the standing order ${quoted(checked.name)}${active === present.active ? '' : active ? ': it is on' : ': it is off'}`, [])
  const last = [...slice.orders.values()].map(order => order.orderKey).sort().at(-1) ?? null
  return decided([inserted('standing_order', { id, name: checked.name, orderKey: generateKeyBetween(last, null), active, when, then })], `New standing order ${quoted(checked.name)}`, [])
}

export function dropOrder(slice: Slice, command: Extract<Command, { kind: 'order.drop' }>): Decision {
  const order = slice.orders.get(command.id)
  return order ? decided([deleted('standing_order', order)], `Dropped the standing order ${quoted(order.name)}`, []) : refuse('notFound')
}
