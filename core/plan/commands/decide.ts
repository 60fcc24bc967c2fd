import type { CommandKind, CommandOf } from './registry'
import { BY_KIND } from './registry'
import type { OwnersOnly, Touched } from '../command'
import type { Role } from '../../rows/index'
import type { Needs } from '../needs'
import { NO_NEEDS } from '../needs'
import { withRunningNumbers } from '../runningNumbers'
import type { Decision, Moment, Slice } from '../slice'

/** The part of the plan that a command has to see. */
export function needsOf<Kind extends CommandKind>(command: CommandOf<Kind>): Needs {
  return { ...NO_NEEDS, ...BY_KIND[command.kind].needs(command) }
}

/** The Change that a command makes of the slice, or the reason why there is none. */
export function decide<Kind extends CommandKind>(slice: Slice, command: CommandOf<Kind>, moment: Moment): Decision {
  const decision = BY_KIND[command.kind].decide(slice, command, moment)
  return decision.ok ? { ...decision, rows: withRunningNumbers(slice, decision.rows, moment.locale) } : decision
}

export interface SharedCommand extends Touched {
  readonly role: Role
  /** Enough where all documents were brought in by whoever acts. */
  readonly own: Role
  readonly takesAway: boolean
}

/** What a command asks of whoever is not the owner of the plan; null: nobody else may. */
export function sharedCommand<Kind extends CommandKind>(command: CommandOf<Kind>): SharedCommand | null {
  const { shared } = BY_KIND[command.kind]
  if (!shared) return null
  const nothing: Touched = { folderIds: [], documentIds: [], changedFolderIds: [] }
  const { role, own = role, takesAway = false } = shared
  return { ...nothing, ...shared.touches(command), role, own, takesAway }
}

/** Why whoever may change all of a plan, and does not own it, may not carry it out; null: they may. */
export const ownersOnly = ({ kind }: { readonly kind: CommandKind }): OwnersOnly | null => BY_KIND[kind].owners
