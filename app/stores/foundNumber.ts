// How many are found, in words: a number one above what is counted stands for more.

import { counted } from '../../core/change/index'

const COUNTED_AT_MOST = 10_000

/** "12", "more than 10,000". */
export function foundNumber(count: number, countLimit = COUNTED_AT_MOST): string {
  return count > countLimit ? `more than ${countLimit.toLocaleString('en-GB')}` : count.toLocaleString('en-GB')
}

/** "1 document", "more than 10,000 documents". */
export function documentsFound(count: number, countLimit = COUNTED_AT_MOST): string {
  return count > countLimit ? `${foundNumber(count, countLimit)} documents` : counted(count, 'document')
}
