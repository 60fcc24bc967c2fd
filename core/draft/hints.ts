// What a careful reader would say about a drafted plan. Hints never stop anything.

import type { FolderId } from '../ids'
import { codedName } from '../numbering/index'
import { foldedText } from '../text/index'
import { isInside } from '../tree/index'
import type { Difference } from './difference'

type HintKind = 'twin' | 'generic' | 'elsewhere' | 'deep' | 'many' | 'number'
export interface DraftHint {
  readonly kind: HintKind
  readonly line: number
  readonly text: string
}

export interface HintSettings {
  /** Levels that are fine. */
  readonly levels: number
  /** Siblings that are fine. */
  readonly siblings: number
}
export const HINT_SETTINGS: HintSettings = { levels: 4, siblings: 25 }

// Names that say nothing, folded, in the languages of the plans that are read: English, German, French, Spanish,
// Italian, Dutch.
const GENERIC = new Set(
  [
    'new folder',
    'untitled',
    'untitled folder',
    'misc',
    'miscellaneous',
    'stuff',
    'other',
    'others',
    'various',
    'temp',
    'tmp',
    'folder',
    'things',
    'general',
    'unsorted',
    'neuer ordner',
    'unbenannt',
    'sonstiges',
    'verschiedenes',
    'diverses',
    'allgemein',
    'ordner',
    'nouveau dossier',
    'sans titre',
    'divers',
    'autres',
    'dossier',
    'nueva carpeta',
    'sin titulo',
    'varios',
    'otros',
    'carpeta',
    'nuova cartella',
    'senza titolo',
    'varie',
    'altro',
    'cartella',
    'nieuwe map',
    'naamloos',
    'overig',
    'diversen',
    'map',
  ].map(foldedText),
)

const LIMIT = 200

/** At most 200, in the order of the lines. Only what the draft makes new or renames is looked at, but for siblings. */
export function draftHints(
  difference: Difference,
  rootId: FolderId | null,
  settings: HintSettings = HINT_SETTINGS,
): DraftHint[] {
  const hints: DraftHint[] = []
  const { rows, tree, codes } = difference
  const drafted = new Set<string>(rows.map(row => row.id))
  const elsewhere = namesOutside(difference, drafted)
  const siblings = new Map<string, number>()
  const counts = new Map<number, number>()
  for (const row of rows) {
    const fresh = row.states.includes('new') || row.states.includes('renamed')
    const folder = tree.byId.get(row.id)
    const folded = folder?.folded ?? ''
    const parentId = folder?.parentId ?? null
    const key = `${parentId ?? ''}/${folded}`
    siblings.set(key, (siblings.get(key) ?? 0) + 1)
    if (siblings.get(key) === 2)
      hints.push({ kind: 'twin', line: row.line, text: `“${row.name}” occurs twice in the same folder.` })
    if (fresh && GENERIC.has(folded.replace(/ \d+$/, '')))
      hints.push({ kind: 'generic', line: row.line, text: `“${row.name}” says nothing about what belongs there.` })
    const other = fresh ? elsewhere.get(folded) : undefined
    if (other && other !== rootId && !(rootId !== null && isInside(tree, rootId, other)))
      hints.push({
        kind: 'elsewhere',
        line: row.line,
        text: `There is already ${codedName(codes.get(other) ?? '', tree.byId.get(other)?.name ?? '')}.`,
      })
    const depth = depthOf(difference, row.id)
    if (fresh && depth === settings.levels + 1)
      hints.push({
        kind: 'deep',
        line: row.line,
        text: `“${row.name}” lies ${depth} levels deep; ${settings.levels} are easier to find again.`,
      })
    const count = (counts.get(row.parent) ?? 0) + 1
    counts.set(row.parent, count)
    if (count === settings.siblings + 1)
      hints.push({
        kind: 'many',
        line: row.line,
        text: `More than ${settings.siblings} folders lie side by side here.`,
      })
  }
  hints.push(...numberHints(difference))
  return hints.sort((a, b) => a.line - b.line).slice(0, LIMIT)
}

function namesOutside({ tree }: Difference, drafted: ReadonlySet<string>): Map<string, FolderId> {
  const names = new Map<string, FolderId>()
  for (const folder of tree.byId.values()) if (!drafted.has(folder.id)) names.set(folder.folded, folder.id)
  return names
}

function depthOf({ tree }: Difference, id: FolderId): number {
  let depth = 0
  for (
    let at = tree.byId.get(id);
    at && depth < 1000;
    at = at.parentId === null ? undefined : tree.byId.get(at.parentId)
  )
    depth++
  return depth
}

/** Two siblings with the same own number: only the first keeps it. */
function numberHints({ rows, drafted }: Difference): DraftHint[] {
  const seen = new Set<string>()
  return rows.flatMap((row, index): DraftHint[] => {
    const own = drafted[index]
    if (!own || (own.number === null && own.label === null)) return []
    const key = `${row.parent}/${own.label ?? own.number ?? ''}`
    if (!seen.has(key)) {
      seen.add(key)
      return []
    }
    return [
      {
        kind: 'number',
        line: row.line,
        text:
          `${own.label ?? String(own.number)} is given twice among these folders; “${row.name}” takes the ` +
          'next free number.',
      },
    ]
  })
}
