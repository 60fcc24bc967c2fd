import { quoted } from '../change/index'
import type { FolderId } from '../ids'
import { foldedText } from '../text/index'
import { calledLike } from './called'
import { confidence } from './confidence'
import type { FilingModel, Scored } from './model'
import type { Filable } from './terms'
import { isWord } from './terms'

export interface PlaceSuggestion {
  readonly folderId: FolderId
  /** Confidence, from 0 to 1. */
  readonly share: number
  readonly reason: string
}

/** Below this share of confidence of the best folder nothing is suggested. */
const NO_IDEA = 0.12
/** A folder that is far behind the best one is no suggestion. */
const LEAST_SHARE = 0.02

/**
 * Up to three of the folders that are there, none of those it lies in (`lies`), with the reason in words; empty where a
 * suggestion would be a guess.
 */
export function suggestPlaces(
  model: FilingModel,
  document: Filable,
  folders: ReadonlyMap<FolderId, { readonly name: string; readonly folded: string }>,
  now: number | null = null,
  lies: readonly FolderId[] = [],
): PlaceSuggestion[] {
  const scored = model
    .score(document, 6, now)
    .filter(({ folderId }) => folders.has(folderId) && !lies.includes(folderId))
  const [best] = scored
  if (!best || best.share < NO_IDEA || evidence(best) < 2) {
    return calledLike(document.name, folders)
      .filter(({ folderId }) => !lies.includes(folderId))
      .map(({ folderId, share, words }) => ({
        folderId,
        share,
        reason: `its name has ${words.map(quoted).join(' and ')}, as the folder is called`,
      }))
  }
  const sure = confidence(best.share * known(model.size), model.membersOf(best.folderId))
  // What is left is shared out among the others.
  const left = (1 - sure) / Math.max(1 - best.share, LEAST_SHARE)
  return scored
    .filter(({ share }) => share >= LEAST_SHARE)
    .slice(0, 3)
    .map(one => ({
      folderId: one.folderId,
      share: one === best ? sure : Math.min(sure, one.share * left),
      reason: reasonFor(model, document, one, folders.get(one.folderId)?.name ?? ''),
    }))
}

/**
 * Who has seen few documents filed knows little, however clearly these speak: (n + 1/2) / (n + 2), as in Laplace's rule
 * of succession.
 */
function known(documents: number): number {
  return (documents + 0.5) / (documents + 2)
}

function evidence(scored: Scored): number {
  return scored.terms.reduce((sum, term) => sum + (term.startsWith('@') ? 2 : isWord(term) ? 1 : 0), 0)
}

function reasonFor(model: FilingModel, document: Filable, scored: Scored, name: string): string {
  if (scored.terms.slice(0, 3).some(term => term.startsWith('@')))
    return `other documents from ${document.sender} are there`
  const { alike, of } = model.alike(document, scored.folderId)
  if (alike >= 3 && alike >= of * 0.4) return `reads like ${alike} of ${of} documents there`
  const inName = foldedText(name)
    .split(' ')
    .filter(word => word.length > 3 && scored.terms.includes(word))
  if (inName.length > 0) return `speaks of ${inName.map(quoted).join(' and ')}, as the folder is called`
  // Short words say little to a person, and are kept without their accents.
  const known = scored.terms.filter(isWord)
  const words = [...known.filter(word => word.length > 4), ...known.filter(word => word.length <= 4)].slice(0, 2)
  if (words.length > 0) return `shares ${words.map(quoted).join(' and ')}`
  return 'documents of this kind are there'
}
