import { usePlan } from '../stores/plan'
import type { ThingTarget } from './act'
import { theOne } from './act'

/** The one folder that is meant, with all that the outline knows of it; undefined: several things, or a document. */
export function theFolder(target: ThingTarget) {
  const item = theOne(target)
  return item?.kind === 'folder' ? usePlan().tree.byId.get(item.id) : undefined
}
