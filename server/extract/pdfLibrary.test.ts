import { expect, test } from 'vitest'
import { pdfLibrary } from './pdfLibrary'

test('what the library brings along takes the place of nothing that all readers of the thread use', async () => {
  const { push } = Array.prototype
  const { parse, stringify } = JSON
  const { getDocument } = await pdfLibrary()
  expect(getDocument).toBeTypeOf('function')
  expect(Array.prototype.push).toBe(push)
  expect(JSON).toMatchObject({ parse, stringify })
  expect(Object.keys(Array.prototype)).toEqual([])
})
