import type { Role } from '../rows/index'
import { ROLES } from '../rows/index'

/** Whether who has the first may do what the second allows; null: no right at all. */
export const includesRole = (has: Role | null, wanted: Role): boolean =>
  has !== null && ROLES.indexOf(has) >= ROLES.indexOf(wanted)

/** The one that allows more. */
export const higherRole = (one: Role | null, other: Role | null): Role | null =>
  one === null || (other !== null && includesRole(other, one)) ? other : one
