export type { Carried, Drop, DropTarget } from './decideDrop'
export { canGather, decideDrop } from './decideDrop'
