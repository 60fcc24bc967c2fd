import * as yup from 'yup'
import type { ClientCommand } from '../core/plan/commands/index'
import {
  BY_KIND,
  isCommandKind,
  numberingShape,
  orderThenShape,
  orderWhenShape,
  searchQueryShape,
} from '../core/plan/commands/index'
import { BULK_LIMIT_BYTES, bodyLimit } from './bodyLimits'
import { anyId } from './ids'

export { numberingShape, orderThenShape, orderWhenShape, searchQueryShape }
export type { ClientCommand }

/** Parses the `command` of a change. Throws yup's ValidationError. */
export async function parseCommand(value: unknown): Promise<ClientCommand> {
  const kind = (value as { kind?: unknown } | null)?.kind
  const shape = isCommandKind(kind) ? BY_KIND[kind].shape : null
  if (!shape) throw new yup.ValidationError('the kind of command is not known')
  const parsed = (await shape.validate(value, { stripUnknown: true }).catch((error: unknown) => {
    // An object that takes the place of a text, with a "toString" of its own, cannot even be looked at.
    throw error instanceof TypeError ? new yup.ValidationError('a value in it is of the wrong kind') : error
  })) as object
  return { kind, ...parsed } as ClientCommand // the shape belongs to the kind
}

export const changeRequestShape = yup
  .object({
    /** Made by the client (UUID, version 7): asked again with the same id, nothing is done twice. */
    id: anyId(),
    command: yup.mixed().required(),
  })
  .meta(bodyLimit(BULK_LIMIT_BYTES))
