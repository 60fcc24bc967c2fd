import { describe, expect, it } from 'vitest'
import { drawn, mounted } from '../../../tests/support/mounted'
import ChoiceField from './ChoiceField.vue'
import DayField from './DayField.vue'
import FileChooser from './FileChooser.vue'
import LineField from './LineField.vue'
import RadioField from './RadioField.vue'
import TickBox from './TickBox.vue'

const CHOICES = [
  { value: 'one', text: 'The first' },
  { value: 'two', text: 'The second' },
]

describe('a line', () => {
  it('follows every letter, and tells what stands there when it is left', async () => {
    const line = mounted(LineField, { modelValue: 'a', 'aria-label': 'Name' })
    const input = line.get('input')
    await input.setValue('ab')
    expect(line.emitted('update:modelValue')).toEqual([['ab']])
    expect(line.emitted('change')).toEqual([['ab']]) // the browser tells it with setValue
    expect(input.attributes('aria-label')).toBe('Name')
  })

  it('gives a role to its input only', () => {
    const line = mounted(LineField, { role: 'combobox', 'aria-expanded': 'false' })
    expect(line.get('input').attributes('role')).toBe('combobox')
    expect(line.get('.v-field').attributes('role')).toBeUndefined()
  })
})

describe('a choice', () => {
  it('shows what is chosen, and gives the value of what is picked', async () => {
    const choice = mounted(ChoiceField, { modelValue: 'one', choices: CHOICES, label: 'Order' })
    expect(choice.text()).toContain('The first')
    const input = choice.get('input[aria-label="Order"]')
    expect(input.attributes('role')).toBe('combobox')
    await input.trigger('keydown', { key: 'ArrowDown' })
    await drawn()
    const options = [...document.querySelectorAll<HTMLElement>('[role="option"]')]
    expect(options.map(option => option.textContent.trim())).toEqual(['The first', 'The second'])
    options[1]?.click()
    await drawn()
    expect(choice.emitted('update:modelValue')).toEqual([['two']])
  })
})

describe('a few values in sight', () => {
  it('give the one that is clicked', async () => {
    const radios = mounted(RadioField, { modelValue: 'one', choices: CHOICES, label: 'Tone' })
    expect(radios.findAll('input').map(input => input.element.checked)).toEqual([true, false])
    await radios.findAll('input')[1]?.setValue(true)
    expect(radios.emitted('update:modelValue')).toEqual([['two']])
  })
})

describe('a box', () => {
  it('is named by its words, and says what it becomes', async () => {
    const box = mounted(TickBox, { modelValue: false }, { default: 'closed' })
    const input = box.get('input')
    expect(box.get(`label[for="${input.attributes('id') ?? ''}"]`).text()).toBe('closed')
    await input.setValue(true)
    expect(box.emitted('update:modelValue')).toEqual([[true]])
  })
})

describe('a day', () => {
  const typed = async (day: string, text: string) => {
    const field = mounted(DayField, { day, label: 'From this day' })
    const input = field.get('input')
    const shown = input.element.value
    input.element.value = text
    await input.trigger('blur')
    return { shown, told: field.emitted('change') }
  }

  it('is shown as year, month and day, and told the same way when it is typed', async () => {
    expect(await typed('2026-03-01', '2026-04-30')).toEqual({ shown: '2026-03-01', told: [['2026-04-30']] })
  })

  it('is none when it is emptied, and stays what it was when it is no day', async () => {
    expect((await typed('2026-03-01', '')).told).toEqual([['']])
    expect((await typed('2026-03-01', '2026-13-77')).told).toBeUndefined()
    expect((await typed('2026-03-01', '2026-03-01')).told).toBeUndefined()
  })
})

describe('the chooser of files', () => {
  it('hands the files on, and forgets them so that the same can be chosen again', async () => {
    const picked: File[][] = []
    const chooser = mounted(FileChooser, { label: 'Pictures', several: true, onPicked: (f: File[]) => picked.push(f) })
    const input = chooser.get('input')
    expect(input.attributes()).toMatchObject({ 'aria-label': 'Pictures', multiple: '' })
    const file = new File(['ink'], 'ink.txt')
    Object.defineProperty(input.element, 'files', { value: [file] })
    await input.trigger('change')
    expect(picked).toEqual([[file]])
    expect(input.element.value).toBe('')
    chooser.unmount() // the page changed while the chooser was open
    input.element.dispatchEvent(new Event('change'))
    expect(picked).toEqual([[file], [file]])
  })
})
