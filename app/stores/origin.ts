import { ORIGIN_NAMES } from '../../core/find/index'
import type { Origin } from '../../core/rows/index'

export const originName = (origin: Origin): string => ORIGIN_NAMES[origin]

/** How a document arrived and from whom, in words. */
export function originText({ origin, sender }: { readonly origin: Origin; readonly sender: string }): string {
  return sender === '' ? ORIGIN_NAMES[origin] : `${ORIGIN_NAMES[origin]} from ${sender.replace(/\s*<.*>$/, '')}`
}
