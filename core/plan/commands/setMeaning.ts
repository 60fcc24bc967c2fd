import { generateKeyBetween } from 'fractional-indexing'
import { inserted, quoted, updated } from '../../change/index'
import type { Command } from '../command'
import { checkName } from '../name'
import type { Decision, Slice } from '../slice'
import { decided, refuse } from '../slice'

/** Adds a meaning to the colour key, or alters one. */
export function setMeaning(slice: Slice, command: Extract<Command, { kind: 'meaning.set' }>): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  if (!/^#[0-9A-Fa-f]{6}$/.test(command.ink)) return refuse('request.invalid', { why: 'a colour is written #rrggbb' })
  const facts = { name: checked.name, ink: command.ink.toUpperCase(), closed: command.closed }
  const present = slice.meanings.get(command.id)
  if (present) return decided(updated('meaning', present, facts), `Changed ${quoted(present.name)} in the colour key`, [])
  const last = [...slice.meanings.values()].map(meaning => meaning.orderKey).sort().at(-1) ?? null
  return decided([inserted('meaning', { id: command.id, orderKey: generateKeyBetween(last, null), ...facts })], `Added ${quoted(checked.name)} to the colour key`, [])
}
