export type { Difference, PresentPlan, RemovedRow } from './difference'
export type { LineState } from './draftRow'
export { draftDifference } from './difference'
export type { DraftLine } from './grow'
export { branchEnd, growDraft, LEVEL_LIMIT } from './grow'
export type { DraftHint, HintSettings } from './hints'
export { draftHints, HINT_SETTINGS } from './hints'

export { escapeName, parseLine, plain, writeLine } from './line'
export { linesOf, outlineText, readOutline } from './outline'
export { expandName } from './pattern'

export { startDraft } from './start'
export { baseOf } from './baseOf'
export type { BaseFolder } from './rebase'
export { rebaseDraft } from './rebase'

export { folderOfPath, linesOfFile, linesOfNodes, linesOfPaths, markdownOf, nodesOfLines } from './exchange'
export type { PeriodOf, PeriodSettings } from './period'
export { countUp, nextPeriod } from './period'

export { SKELETONS } from './skeletons'

export { listingOf } from './listing'
