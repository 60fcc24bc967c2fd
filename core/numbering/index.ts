export type { ChildOrder, Joint, Numbering, NumberStyle } from './numbering'
export {
  CHILD_ORDERS,
  isNumberingSound,
  JOINTS,
  LABEL_LIMIT,
  NUMBER_LIMIT,
  NUMBER_STYLES,
  numberingText,
  OWN_TEXT_LIMIT,
  PLAIN_NUMBERING,
  sameNumbering,
  SKIP_LIMIT,
  STEP_LIMIT,
} from './numbering'
export { naturalOrder } from './natural'
export type { NumberedFolder, NumberedPlan, NumberedTree } from './codes'
export { codedName, joinCode, numberTree } from './codes'
export { paddedCodes } from './padded'
