import { afterEach, describe, expect, it, vi } from 'vitest'
import { computed } from 'vue'
import { drawn, mounted } from '../../../tests/support/mounted'
import type { OfferedAct } from '../../acts/act'
import { offeredNow } from '../../acts/offered'
import { useNames } from '../../stores/names'
import GoToField from './GoToField.vue'

const act = (id: string, name: string, more: Partial<OfferedAct> = {}): OfferedAct => ({
  ...{ id, name, key: '', keys: [], part: 'go', often: false, run: vi.fn() },
  ...more,
})

afterEach(() => offeredNow.clear())

/** The field over these acts; gives what is typed into, and the lines that answer. */
async function opened(...lists: { on: string; acts: OfferedAct[] }[]) {
  for (const { on, acts } of lists) offeredNow.set(Symbol(on), { on: () => on, acts: computed(() => acts) })
  const field = mounted(GoToField, { open: false })
  useNames().look = vi.fn(() => Promise.resolve())
  await field.setProps({ open: true })
  await drawn()
  const input = document.querySelector<HTMLInputElement>('[aria-label="Go to or do"] input')
  if (!input) throw new Error('There is no field.')
  const type = async (text: string) => {
    input.value = text
    input.dispatchEvent(new Event('input'))
    await drawn()
  }
  const press = async (key: string) => {
    input.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
    await drawn()
  }
  const lines = () =>
    [...document.querySelectorAll('[role="option"]')].map(one => one.querySelector('.name')?.textContent)
  return { field, type, press, lines }
}

describe('the field where one types what to do', () => {
  it('offers the usual acts before a letter, each once, on what it is nearest to', async () => {
    const star = act('star', 'Star', { often: true })
    const { lines } = await opened(
      { on: 'the page', acts: [act('star', 'Star', { often: true }), act('undo', 'Undo')] },
      { on: '“minutes”', acts: [star, act('open', 'Open', { often: true })] },
    )
    expect(lines()).toEqual(['Star', 'Open'])
    expect(document.querySelector('[role="option"] .note')?.textContent).toBe('“minutes”')
  })

  it('does the first that fits with Enter, the next after an arrow, and closes before', async () => {
    const [move, merge] = [act('move', 'Move to…'), act('merge', 'Merge into…')]
    const { field, type, press, lines } = await opened({ on: 'here', acts: [move, merge, act('open', 'Open')] })
    await type('m')
    expect(lines().slice(0, 2)).toEqual(['Move to…', 'Merge into…'])
    await press('ArrowDown')
    await press('Enter')
    expect([field.emitted('close')?.length, vi.mocked(merge.run).mock.calls.length]).toEqual([1, 1])
    expect(move.run).not.toHaveBeenCalled()
  })

  it('lets nothing be taken away by a few letters before all else that fits', async () => {
    const [away, go] = [act('trash', 'Put into Trash', { part: 'away' }), act('go', 'Go to Trash')]
    const { type, press } = await opened({ on: 'here', acts: [away, go] })
    await type('trash')
    await press('Enter')
    expect(go.run).toHaveBeenCalledOnce()
    expect(away.run).not.toHaveBeenCalled()
  })
})
