import { expect, test } from 'vitest'
import { documentsFound, foundNumber } from './foundNumber'

test('one above what is counted stands for more', () => {
  expect([0, 1, 10_000, 10_001].map(count => foundNumber(count))).toEqual(['0', '1', '10,000', 'more than 10,000'])
  expect([documentsFound(1), documentsFound(2), documentsFound(10_001), documentsFound(3001, 3000)]).toEqual([
    '1 document',
    '2 documents',
    'more than 10,000 documents',
    'more than 3,000 documents',
  ])
})
