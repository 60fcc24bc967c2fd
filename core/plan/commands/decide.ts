import type { CommandKind, CommandOf } from './registry'
import { BY_KIND } from './registry'
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
