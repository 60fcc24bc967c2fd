import { generateKeyBetween } from 'fractional-indexing'
import * as yup from 'yup'
import { inserted, updated } from '../../change/index'
import { tryReadRule, TYPE_GROUP_NAMES } from '../../find'
import type { Origin } from '../../rows'
import { ORIGINS } from '../../rows'
import { message } from '../../history/index'
import { folderId, orderId } from '../../shapes/index'
import { foldedText } from '../../text/index'
import type { Given } from '../command'
import { command } from '../command'
import { checkName } from '../name'
import { wrongPattern } from '../namePattern'
import { name } from '../shapes'
import type { Decision, Slice } from '../slice'
import { decided, findFolder, isDecision, refuse } from '../slice'

export const orderWhenShape = yup.object({
  origins: yup.array(yup.string<Origin>().oneOf(ORIGINS).required()).default([]),
  types: yup.array(yup.string().oneOf(TYPE_GROUP_NAMES).required()).default([]),
  sender: yup.string().max(200).default(''),
  words: yup.string().max(200).default(''),
  /** A rule of a search (core/find/rule), which has to hold as well. */
  rule: yup
    .mixed<{ readonly kind: string }>()
    .nullable()
    .notRequired()
    .test('rule', 'a rule is not understood', value => !value || tryReadRule(value).ok),
})
export const orderThenShape = yup.object({
  folderId: folderId().nullable(),
  pattern: yup.string().max(1000).nullable().default(null),
  tags: yup.array(yup.string().max(200).required()).max(20).default([]),
  star: yup.boolean().default(false),
})

const fields = {
  id: orderId(),
  name: name(),
  active: yup.boolean().required(),
  when: orderWhenShape.required(),
  then: orderThenShape.required(),
}

/** Makes a standing order, or changes one. It has to say what it fits and what it does. */
function setOrder(slice: Slice, command: Given<typeof fields>): Decision {
  const checked = checkName(command.name)
  if (!checked.ok) return checked
  const { id, active, when, then } = command
  if (then.folderId !== null) {
    const folder = findFolder(slice, then.folderId)
    if (isDecision(folder)) return folder
  }
  const why = then.pattern === null ? null : wrongPattern(then.pattern)
  if (why !== null) return refuse('name.pattern', { why })
  if (
    when.origins.length === 0 &&
    when.types.length === 0 &&
    foldedText(when.sender) === '' &&
    foldedText(when.words) === '' &&
    !when.rule
  )
    return refuse('order.empty')
  if (then.folderId === null && then.pattern === null && then.tags.length === 0 && !then.star)
    return refuse('order.idle')
  const present = slice.orders.get(id)
  if (present)
    return decided(
      updated('standing_order', present, { name: checked.name, active, when, then }),
      message('order.change', {
        name: checked.name,
        state: active === present.active ? 'same' : active ? 'on' : 'off',
      }),
      [],
    )
  const last =
    [...slice.orders.values()]
      .map(order => order.orderKey)
      .sort()
      .at(-1) ?? null
  return decided(
    [
      inserted('standing_order', {
        id,
        name: checked.name,
        orderKey: generateKeyBetween(last, null),
        active,
        when,
        then,
      }),
    ],
    message('order.make', { name: checked.name }),
    [],
  )
}

export const orderSet = command('order.set', {
  fields,
  needs: () => ({ orders: true }),
  decide: setOrder,
  doc:
    '`id`, `name`, `active`, `when` (`origins`, `types`, `sender`, `words`, `rule`), `then` (`folderId`, `pattern`, ' +
    '`tags`, `star`): a standing order for arrivals',
})
