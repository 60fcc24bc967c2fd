export type { DocumentRow, FolderRow, MeaningRow, PlacementRow, Pattern, PlanRow, StarRow, TaggingRow, TagRow, TableName, Tables, VersionRow } from './rows'
export { PATTERNS, TABLE_NAMES } from './rows'
