import { beforeEach, describe, expect, it, vi } from 'vitest'
import { nextTick, ref } from 'vue'
import type { DocumentFacts } from '../../contract/document'

beforeEach(() => vi.resetModules())

const facts = (extension: string, asPages = true) => ({ extension, asPages }) as DocumentFacts

describe('office documents in the reader', () => {
  it('are pages at first, but for tables, and what is chosen holds for the next of its kind', async () => {
    const { useAsPages } = await import('./useAsPages')
    const document = ref<DocumentFacts | null>(facts('docx'))
    const reader = useAsPages(document, false)
    expect([reader.canBe.value, reader.isSet.value]).toEqual([true, true])
    reader.choose(false)
    document.value = facts('xlsx')
    await nextTick()
    expect(reader.isSet.value).toBe(false)
    document.value = facts('odp')
    await nextTick()
    expect(reader.isSet.value).toBe(true)
    document.value = facts('odt')
    await nextTick()
    expect(reader.isSet.value).toBe(false)
  })

  it('are shown as they were read where a search led to them, or nothing sets them', async () => {
    const { useAsPages } = await import('./useAsPages')
    expect(useAsPages(ref(facts('odp')), true).isSet.value).toBe(false)
    const none = useAsPages(ref(facts('odp', false)), false)
    expect([none.canBe.value, none.isSet.value]).toEqual([false, false])
  })
})
