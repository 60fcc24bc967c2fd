import { describe, expect, it } from 'vitest'
import { mounted } from '../../../tests/support/mounted'
import SizeEditor from './editors/SizeEditor.vue'
import TextEditor from './editors/TextEditor.vue'
import TimeEditor from './editors/TimeEditor.vue'
import FacetList from './facets/FacetList.vue'

describe('a list of facets', () => {
  const values = [
    { value: 'pdf', text: 'PDF', count: '12' },
    { value: 'odt', text: 'ODT', count: '3' },
  ]
  const list = (any: string[], without: string[]) =>
    mounted(FacetList, { head: 'Type', label: 'Type', values, chosen: { any, without } })
  const told = (mount: ReturnType<typeof list>) => mount.emitted('choose')?.[0]?.[0]

  it('chooses one more, and gives one up', async () => {
    const more = list(['pdf'], [])
    await more.findAll('input')[1]?.setValue(true)
    expect(told(more)).toEqual({ any: ['pdf', 'odt'], without: [] })
    const fewer = list(['pdf'], [])
    await fewer.findAll('input')[0]?.setValue(false)
    expect(told(fewer)).toEqual({ any: [], without: [] })
  })

  it('leaves one out, which is then no longer chosen, and says so', async () => {
    const one = list(['pdf'], [])
    await one.get('[aria-label="Without: PDF"]').trigger('click')
    expect(told(one)).toEqual({ any: [], without: ['pdf'] })
    const left = list([], ['pdf'])
    expect(left.get('[aria-label="Without: PDF"]').attributes('aria-pressed')).toBe('true')
    await left.get('[aria-label="Without: PDF"]').trigger('click')
    expect(told(left)).toEqual({ any: [], without: [] })
  })

  it('is not there where there are no values', () => {
    expect(
      mounted(FacetList, { head: 'Type', label: 'Type', values: [], chosen: { any: [], without: [] } }).text(),
    ).toBe('')
  })
})

describe('the editor of', () => {
  it('a size keeps the bytes in the unit that fits, and nothing where nothing is typed', async () => {
    const editor = mounted(SizeEditor, { rule: { kind: 'size', from: 2_000_000, before: null } })
    const [from, before] = editor.findAll('input[type="number"]')
    expect(editor.text()).toContain('MB')
    const shown = (from?.element as HTMLInputElement).value
    await from?.setValue('')
    await before?.setValue('10')
    const changes = (editor.emitted('change') ?? []).map(([rule]) => rule)
    expect(changes[0]).toEqual({ kind: 'size', from: null, before: null })
    expect((changes.at(-1) as { before: number }).before).toBe(Math.round((10 * 2_000_000) / Number(shown)))
  })

  it('a time in the last so many takes whole numbers from one on', async () => {
    const rule = { kind: 'recent', field: 'changed', count: 7, unit: 'day' }
    const editor = mounted(TimeEditor, { rule })
    for (const typed of ['3', '0', '2.9']) await editor.get('input[type="number"]').setValue(typed)
    expect(editor.emitted('change')?.map(([changed]) => (changed as typeof rule).count)).toEqual([3, 1, 2])
  })

  it('a time between two days includes the last of them', () => {
    const [from, before] = ['2026-03-01T00:00:00', '2026-04-01T00:00:00'].map(day => new Date(day).toISOString())
    const editor = mounted(TimeEditor, { rule: { kind: 'time', field: 'changed', from, before } })
    const days = editor.findAll('.v-date-input input').map(input => (input.element as HTMLInputElement).value)
    expect(days).toEqual(['2026-03-01', '2026-03-31'])
  })

  it('a text tells what was typed when it is left', async () => {
    const editor = mounted(TextEditor, { rule: { kind: 'text', field: 'name', op: 'contains', value: '' } })
    await editor.get('input[aria-label="Text"]').setValue('lease')
    expect(editor.emitted('change')?.at(-1)).toEqual([{ kind: 'text', field: 'name', op: 'contains', value: 'lease' }])
  })
})
