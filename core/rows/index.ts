export type { DocumentRow, FolderRow, MeaningRow, PlacementRow, Pattern, PlanRow, StarRow, TableName, Tables, VersionRow } from './rows'
export { PATTERNS, TABLE_NAMES } from './rows'
