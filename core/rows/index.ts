export type { DocumentRow, FolderRow, MeaningRow, Origin, PlacementRow, Pattern, PlanRow, StarRow, TaggingRow, TagRow, TableName, Tables, VersionRow } from './rows'
export { ORIGINS, PATTERNS, TABLE_NAMES } from './rows'
