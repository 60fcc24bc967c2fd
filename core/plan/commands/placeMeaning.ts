import { generateKeyBetween } from 'fractional-indexing'
import { updated } from '../../change/index'
import { message } from '../../history/index'
import { meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

const fields = { id: meaningId(), before: meaningId().nullable() }

/** Lays a meaning before another one of the key; null: at its end. */
function placeMeaning(slice: Slice, command: Given<typeof fields>): Decision {
  const meaning = slice.meanings.get(command.id)
  if (!meaning || (command.before !== null && !slice.meanings.has(command.before))) return refuse('notFound')
  const others = [...slice.meanings.values()]
    .filter(one => one.id !== command.id)
    .sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))
  const at = command.before === null ? others.length : others.findIndex(one => one.id === command.before)
  const orderKey = generateKeyBetween(others[at - 1]?.orderKey ?? null, others[at]?.orderKey ?? null)
  const [before, after] = [
    [...slice.meanings.values()].sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))[at]?.id,
    meaning.id,
  ]
  if (before === after) return refuse('act.nothing')
  return decided(updated('meaning', meaning, { orderKey }), message('colour.move', { name: meaning.name }), [])
}

export const meaningPlace = command('meaning.place', {
  fields,
  decide: placeMeaning,
  doc: '`id`, `before` (another meaning; null: at the end)',
})
