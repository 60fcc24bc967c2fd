// What a draft would do, in words: at its lines, and in one sentence.

import { counted } from '../../core/change/index'
import type { Compared } from './draftComparison'

/** What stands behind a line of the draft, from 0. */
export interface ComparedNote {
  readonly line: number
  readonly text: string
  readonly kind: 'makes' | 'fault' | 'hint'
}

/** Faults first; one hint a line, and none where there is a fault. */
export function notesOf({ faults, makes, hints }: Compared): readonly ComparedNote[] {
  const faulty = new Set(faults.map(fault => fault.line))
  const seen = new Set<number>()
  const hinted = hints.filter(hint => !faulty.has(hint.line) && !seen.has(hint.line) && seen.add(hint.line))
  return [
    ...faults.map(({ line, why }): ComparedNote => ({ line, text: why, kind: 'fault' })),
    ...[...makes]
      .filter(([line]) => !faulty.has(line))
      .map(([line, count]): ComparedNote => ({
        line,
        text: `makes ${count.toLocaleString('en-GB')} folders`,
        kind: 'makes',
      })),
    ...hinted.map(({ line, text }): ComparedNote => ({ line, text, kind: 'hint' })),
  ]
}

/** "3 new · 1 renamed · deepest level 2". */
export function summaryOf({ counts, deepest, newMeanings }: Compared): string {
  const parts: [number, string][] = [
    [counts.new, 'new'],
    [counts.renamed, 'renamed'],
    [counts.moved, 'moved'],
    [counts.reordered, 'in another order'],
    [counts.renumbered, 'with another number'],
    [counts.recoloured, 'with another colour'],
    [counts.described, 'with another purpose'],
    [counts.removed, 'removed'],
  ]
  const said = parts.filter(([count]) => count > 0).map(([count, word]) => `${count.toLocaleString('en-GB')} ${word}`)
  const meanings =
    newMeanings.length > 0
      ? [`${counted(newMeanings.length, 'colour')} in the key: ${newMeanings.map(({ name }) => name).join(', ')}`]
      : []
  return [...(said.length > 0 ? said : ['nothing changes']), ...meanings, `deepest level ${deepest}`].join(' · ')
}
