// Standing orders: what is done by itself with arrivals that fit.

import type { MatchContext, SearchableDocument, TypeGroup } from '../find/index'
import { matches, tryReadRule, typeGroupOf } from '../find/index'
import type { Order, OrderWhen } from '../rows/index'
import { foldedText } from '../text/index'

export interface Arrival {
  readonly name: string
  readonly extension: string
  readonly origin: string
  readonly sender: string
  /** The beginning of its text. */
  readonly text: string
}

/** Whether a rule of a search, as JSON, finds the arrival. */
export type Finds = (rule: NonNullable<OrderWhen['rule']>) => boolean

/**
 * Answers whether rules find the document. `rule` may be of an older version: what is not understood any more finds
 * nothing.
 */
export function findsIn(document: SearchableDocument, context: MatchContext): Finds {
  return json => {
    const read = tryReadRule(json)
    return read.ok && matches(read.rule, document, context)
  }
}

/** True when every condition that is set holds. An order without any condition fits nothing. */
export function fitsOrder(when: OrderWhen, arrival: Arrival, finds: Finds): boolean {
  if (isEmptyWhen(when)) return false
  if (when.origins.length > 0 && !when.origins.some(origin => origin === arrival.origin)) return false
  if (when.types.length > 0 && !when.types.some(type => type === typeGroupOf(arrival.extension))) return false
  if (when.sender.trim() !== '' && !holdsWords(arrival.sender, when.sender)) return false
  if (when.words.trim() !== '' && !holdsWords(`${arrival.name} ${arrival.text}`, when.words)) return false
  return !when.rule || finds(when.rule)
}

function isEmptyWhen({ origins, types, sender, words, rule }: OrderWhen): boolean {
  return origins.length === 0 && types.length === 0 && foldedText(sender) === '' && foldedText(words) === '' && !rule
}

/** The first order that is on and fits. */
export function orderFor(orders: readonly Order[], arrival: Arrival, finds: Finds): Order | null {
  return (
    [...orders]
      .sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))
      .find(order => order.active && fitsOrder(order.when, arrival, finds)) ?? null
  )
}

/** Every word, by its beginning, in any order. */
function holdsWords(text: string, terms: string): boolean {
  const folded = ` ${foldedText(text)}`
  return foldedText(terms)
    .split(' ')
    .filter(word => word !== '')
    .every(word => folded.includes(` ${word}`))
}

/** "from Mistral, PDF, with the words offer doors": the condition in words. */
export function whenText(
  when: OrderWhen,
  typeName: (type: TypeGroup) => string,
  originName: (origin: OrderWhen['origins'][number]) => string,
  ruleText: (rule: NonNullable<OrderWhen['rule']>) => string,
): string {
  const parts = [
    ...(when.origins.length > 0 ? [`by ${when.origins.map(originName).join(' or ')}`] : []),
    ...(when.sender.trim() ? [`from ${when.sender.trim()}`] : []),
    ...(when.types.length > 0 ? [when.types.map(type => typeName(type as TypeGroup)).join(' or ')] : []),
    ...(when.words.trim() ? [`with “${when.words.trim()}”`] : []),
    ...(when.rule ? [ruleText(when.rule)] : []),
  ]
  return parts.length === 0 ? 'nothing yet' : parts.join(', ')
}
