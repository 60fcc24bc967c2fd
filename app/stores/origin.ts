import type { Origin } from '../../core/rows/index'

const WAYS: Record<Origin, string> = {
  upload: 'Upload',
  memo: 'Memo',
  link: 'Link',
  paste: 'Pasted',
  scan: 'Scanner',
  mail: 'Mail',
  colleague: 'Handed over',
  drop: 'Arrivals folder',
  copy: 'Copy',
}

export const originName = (origin: Origin): string => WAYS[origin]

/** How a document arrived and from whom, in words. */
export function originText({ origin, sender }: { readonly origin: Origin; readonly sender: string }): string {
  return sender === '' ? WAYS[origin] : `${WAYS[origin]} from ${sender.replace(/\s*<.*>$/, '')}`
}
