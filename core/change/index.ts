export type { RowChange, State } from './change'
export { conflicts, deleted, inserted, invert, sameValue, tryApply, updated } from './change'
export { counted, nameThings, quoted } from './label'
