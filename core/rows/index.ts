export type {
  BundleItemRow,
  BundleRow,
  DocumentRow,
  FolderRow,
  KeptSearchRow,
  MeaningRow,
  Order,
  OrderThen,
  OrderWhen,
  Origin,
  PlacementRow,
  Pattern,
  PlanRow,
  StarRow,
  TaggingRow,
  TagRow,
  TableName,
  Tables,
  VersionRow,
} from './rows'
export type { GrantRow, GroupMemberRow, GroupRow, Role, ShareLinkRow } from './giving'
export { GRANTEES, ROLES, TARGETS } from './giving'
export { ORIGINS, PATTERNS } from './rows'
