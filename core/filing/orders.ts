// Standing orders: what is done by itself with arrivals that fit.

import type { TypeGroup } from '../find/index'
import { typeGroupOf } from '../find/index'
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

/** True when every condition that is set holds. An order without any condition fits nothing. */
export function fitsOrder(when: OrderWhen, arrival: Arrival): boolean {
  if (isEmptyWhen(when)) return false
  if (when.origins.length > 0 && !when.origins.some(origin => origin === arrival.origin)) return false
  if (when.types.length > 0 && !when.types.some(type => type === typeGroupOf(arrival.extension))) return false
  if (when.sender.trim() !== '' && !holdsWords(arrival.sender, when.sender)) return false
  return when.words.trim() === '' || holdsWords(`${arrival.name} ${arrival.text}`, when.words)
}

export function isEmptyWhen({ origins, types, sender, words }: OrderWhen): boolean {
  return origins.length === 0 && types.length === 0 && foldedText(sender) === '' && foldedText(words) === ''
}

/** The first order that is on and fits. */
export function orderFor(orders: readonly Order[], arrival: Arrival): Order | null {
  return (
    [...orders]
      .sort((a, b) => (a.orderKey < b.orderKey ? -1 : 1))
      .find(order => order.active && fitsOrder(order.when, arrival)) ?? null
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
): string {
  const parts = [
    ...(when.origins.length > 0 ? [`by ${when.origins.map(originName).join(' or ')}`] : []),
    ...(when.sender.trim() ? [`from ${when.sender.trim()}`] : []),
    ...(when.types.length > 0 ? [when.types.map(type => typeName(type as TypeGroup)).join(' or ')] : []),
    ...(when.words.trim() ? [`with “${when.words.trim()}”`] : []),
  ]
  return parts.length === 0 ? 'nothing yet' : parts.join(', ')
}
