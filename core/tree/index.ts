export type { Tree, TreeFolder } from './tree'
export { buildTree } from './tree'
export { branchOf, childrenOf, isInside, outlineOf, pathOf, totalsAbove, totalsBelow } from './walk'
