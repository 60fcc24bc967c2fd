export type { BundleItemRow, BundleRow, DocumentRow, FolderRow, KeptSearchRow, MeaningRow, Order, OrderThen, OrderWhen, Origin, PlacementRow, Pattern, PlanRow, StarRow, TaggingRow, TagRow, TableName, Tables, VersionRow } from './rows'
export { ORIGINS, PATTERNS, TABLE_NAMES } from './rows'
