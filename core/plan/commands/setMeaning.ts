import { generateKeyBetween } from 'fractional-indexing'
import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import { message } from '../../history/index'
import type { MeaningRow } from '../../rows/index'
import { PATTERNS } from '../../rows/index'
import { meaningId } from '../../shapes/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { name } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided, isDecision, refuse } from '../slice'

const fields = {
  id: meaningId(),
  name: name(),
  ink: yup.string().required(),
  closed: yup.boolean().required(),
  pattern: yup.string().oneOf(PATTERNS).optional(),
}

/** Adds a meaning to the colour key, or alters one. */
function setMeaning(slice: Slice, command: Given<typeof fields>): Decision {
  const present = slice.meanings.get(command.id)
  const row = newMeaningRow(
    [...slice.meanings.values()].filter(meaning => meaning.id !== command.id),
    { ...command, pattern: command.pattern ?? present?.pattern ?? 'full' },
  )
  if (isDecision(row)) return row
  if (present)
    return decided(
      updated('meaning', present, { ...row, orderKey: present.orderKey }),
      message('colour.change', { name: present.name }),
      [],
    )
  return decided([inserted('meaning', row)], message('colour.add', { name: row.name }), [])
}

/** The row of a meaning behind the others of the key, or why it cannot be. */
export function newMeaningRow(
  others: readonly MeaningRow[],
  given: Pick<MeaningRow, 'id' | 'name' | 'ink' | 'closed' | 'pattern'>,
): MeaningRow | Decision {
  const checked = checkName(given.name)
  if (!checked.ok) return checked
  if (!/^#[0-9A-Fa-f]{6}$/.test(given.ink)) return refuse('request.invalid', { why: 'a colour is written #rrggbb' })
  const last =
    others
      .map(meaning => meaning.orderKey)
      .sort()
      .at(-1) ?? null
  return {
    id: given.id,
    name: checked.name,
    ink: given.ink.toUpperCase(),
    orderKey: generateKeyBetween(last, null),
    closed: given.closed,
    pattern: given.pattern,
  }
}

export const meaningSet = command('meaning.set', {
  fields,
  decide: setMeaning,
  doc:
    '`id`, `name`, `ink` (`#rrggbb`), `closed`, `pattern` (`full`, `dashes`, `dots`, `slant`): adds a meaning ' +
    'to the colour key or alters one',
})
