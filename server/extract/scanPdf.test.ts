import { describe, expect, it } from 'vitest'
import { readPdf } from './pdf'
import { composePdf, linesOf } from './scanPdf'

const word = (text: string, left: number, top: number, right: number, bottom = top + 0.02) => ({
  text,
  box: [left, top, right, bottom] as const,
})

describe(linesOf, () => {
  it('joins words that stand in one line, a little higher or lower, and begins a new one below', () => {
    expect(
      linesOf([word('Berth', 0.1, 0.1, 0.2), word('lease', 0.22, 0.104, 0.3), word('Dues', 0.1, 0.14, 0.2)]),
    ).toEqual([word('Berth lease', 0.1, 0.1, 0.3, 0.124), word('Dues', 0.1, 0.14, 0.2)])
  })

  it('keeps columns in the order in which they were read', () => {
    expect(
      linesOf([word('left', 0.1, 0.1, 0.2), word('below', 0.1, 0.2, 0.2), word('right', 0.6, 0.1, 0.7)]).map(
        line => line.text,
      ),
    ).toEqual(['left', 'below', 'right'])
  })
})

describe(composePdf, () => {
  it('lays the text behind the picture, with its blanks', async () => {
    const picture = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    )
    const pdf = await composePdf(
      [picture],
      [
        {
          width: 1240,
          height: 1754,
          words: [
            word('Größe', 0.1, 0.1, 0.18),
            word('of', 0.181, 0.1, 0.2),
            word('the', 0.201, 0.1, 0.23),
            word('berth', 0.231, 0.1, 0.3),
          ],
        },
      ],
      'Papers',
      new Date(0),
    )
    expect(await readPdf(new Uint8Array(pdf))).toMatchObject({ pages: ['Größe of the berth'], title: 'Papers' })
  })
})
