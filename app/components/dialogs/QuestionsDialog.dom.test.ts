import { describe, expect, it } from 'vitest'
import { drawn, mounted } from '../../../tests/support/mounted'
import QuestionsDialog from './QuestionsDialog.vue'

const request = {
  title: 'Two names are taken',
  label: 'Names that are taken',
  parts: [
    {
      title: 'Names',
      choices: [
        { value: 'both', title: 'Keep both' },
        { value: 'version', title: 'Add as a version' },
      ],
      rows: [
        { key: 'a', name: 'lease.pdf' },
        { key: 'b', name: 'map.png', not: ['version'] },
      ],
    },
  ],
}

async function asked() {
  const dialog = mounted(QuestionsDialog, { request: null })
  await dialog.setProps({ request })
  await drawn()
  const act = (name: string) =>
    [...document.querySelectorAll('button')].find(button => button.textContent.trim().startsWith(name))
  const answer = async () => {
    act('Go on')?.click()
    await drawn()
    return [...(dialog.emitted('answer')?.at(-1)?.[0] as ReadonlyMap<string, string>)]
  }
  return { dialog, act, answer }
}

describe('questions before something is done', () => {
  it('are answered with the first choice unless said', async () => {
    const { answer } = await asked()
    expect(await answer()).toEqual([
      ['a', 'both'],
      ['b', 'both'],
    ])
  })

  it('are answered for all that can be answered so', async () => {
    const { act, answer } = await asked()
    act('Add as a version')?.click()
    await drawn()
    expect(await answer()).toEqual([
      ['a', 'version'],
      ['b', 'both'],
    ])
  })

  it('are answered one by one, where only what fits is offered', async () => {
    const { answer } = await asked()
    const group = (name: string) => [...document.querySelectorAll<HTMLInputElement>(`[aria-label="${name}"] input`)]
    expect([group('lease.pdf').length, group('map.png').length]).toEqual([2, 1])
    group('lease.pdf')[1]?.click()
    await drawn()
    expect(await answer()).toEqual([
      ['a', 'version'],
      ['b', 'both'],
    ])
  })

  it('are left without an answer', async () => {
    const { dialog, act } = await asked()
    act('Leave it')?.click()
    await drawn()
    expect(dialog.emitted('answer')).toEqual([[null]])
  })
})
