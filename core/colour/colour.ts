import type { FolderId, MeaningId } from '../ids'
import type { Tree, TreeFolder } from '../tree/index'
import { pathOf } from '../tree/index'
import { modeLrgb, modeRgb, useMode, wcagContrast } from 'culori/fn'

for (const mode of [modeRgb, modeLrgb]) useMode(mode)

/**
 * The ten inks of the key: Paul Tol's "muted" qualitative scheme (SRON technical note 09-002), slightly darkened where
 * paper needs it.
 */
export const INKS = [
  '#332288',
  '#5FA8C9',
  '#44AA99',
  '#117733',
  '#999933',
  '#CDB75B',
  '#CC6677',
  '#882255',
  '#AA4499',
  '#B7B2A6',
] as const

/** What a new plan's colour key holds: name, ink, closed. */
export const FIRST_MEANINGS = [
  { name: 'Office', ink: '#44AA99', closed: false },
  { name: 'Teaching', ink: '#332288', closed: false },
  { name: 'Study', ink: '#CDB75B', closed: false },
  { name: 'Building', ink: '#AA4499', closed: false },
  { name: 'Events', ink: '#117733', closed: false },
  { name: 'Urgent', ink: '#CC6677', closed: false },
  { name: 'Closed', ink: '#B7B2A6', closed: true },
] as const

export interface ColouredFolder extends TreeFolder {
  readonly meaningId: MeaningId | null
}

/**
 * For each step of the path from the top folder to the folder, the meaning it shows: its own, else its parent's, else
 * null.
 */
export function stripesOf<F extends ColouredFolder>(tree: Tree<F>, id: FolderId): (MeaningId | null)[] {
  let shown: MeaningId | null = null
  return pathOf(tree, id).map(folder => (shown = folder.meaningId ?? shown))
}

/** The meaning the folder shows, own or inherited. */
export function meaningOf<F extends ColouredFolder>(tree: Tree<F>, id: FolderId): MeaningId | null {
  return stripesOf(tree, id).at(-1) ?? null
}

/** WCAG 2 contrast ratio of two `#rrggbb` colours, 1 to 21 (W3C, "contrast ratio" and "relative luminance"). */
export function contrast(a: string, b: string): number {
  return wcagContrast(a, b)
}

/** Black or white, whichever reads better on the colour: one of them always reaches 4.5 to 1. */
export function textOn(colour: string): '#000000' | '#FFFFFF' {
  return contrast(colour, '#000000') >= contrast(colour, '#FFFFFF') ? '#000000' : '#FFFFFF'
}
