export type { Carried, Drop, DropTarget } from './decideDrop'
export { decideDrop } from './decideDrop'
