export type { DocumentRow, FolderRow, MeaningRow, PlacementRow, PlanRow, StarRow, TableName, Tables, VersionRow } from './rows'
export { TABLE_NAMES } from './rows'
