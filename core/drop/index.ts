export type { Carried, Drop, DropFacts, DropTarget } from './decideDrop'
export { decideDrop } from './decideDrop'
