import { describe, expect, it, vi } from 'vitest'
import { drawn, mounted } from '../../../tests/support/mounted'
import type { Outcome } from '../../stores/acts'
import NameField from './NameField.vue'

const refused = (code: string, details = {}) => ({ ok: false, reason: { code, message: `no: ${code}`, details } })

async function field(...outcomes: unknown[]) {
  const keep = vi.fn<(name: string, allowTwin: boolean) => Promise<Outcome>>()
  for (const outcome of outcomes) keep.mockResolvedValueOnce(outcome as Outcome)
  const name = mounted(NameField, { value: 'Leases', label: 'New name', keep })
  await drawn()
  const enter = async () => {
    await name.get('input').trigger('keydown', { key: 'Enter' })
    await drawn()
  }
  return { name, keep, enter }
}

describe('a name that is typed in its place', () => {
  it('is kept with Enter', async () => {
    const { name, keep, enter } = await field({ ok: true })
    await name.get('input').setValue('Berth leases')
    await enter()
    expect(keep.mock.calls).toEqual([['Berth leases', false]])
    expect(name.emitted('kept')).toHaveLength(1)
  })

  it('is kept once, also when the field is left as it goes', async () => {
    const { name, keep, enter } = await field({ ok: true }, { ok: true })
    await name.get('input').setValue('Berth leases')
    await enter()
    await name.get('input').trigger('blur')
    await enter()
    expect(keep).toHaveBeenCalledTimes(1)
  })

  it('names a sibling of the same name, and keeps both with a second Enter', async () => {
    const { name, keep, enter } = await field(refused('name.twin', { twin: 'Leases' }), { ok: true })
    await name.get('input').setValue('leases')
    await enter()
    expect(name.get('[role="alert"]').text()).toContain('There is already “Leases” here')
    expect(name.emitted('kept')).toBeUndefined()
    await enter()
    expect(keep.mock.calls).toEqual([
      ['leases', false],
      ['leases', true],
    ])
    expect(name.emitted('kept')).toHaveLength(1)
  })

  it('says why it is refused, and forgets that when it is typed on', async () => {
    const { name, enter } = await field(refused('name.long'))
    await enter()
    expect(name.get('[role="alert"]').text()).toBe('no: name.long')
    await name.get('input').setValue('Short')
    expect(name.find('[role="alert"]').exists()).toBe(false)
  })

  it('is given up with Esc, and when nothing was changed', async () => {
    const { name, keep } = await field()
    await name.get('input').trigger('keydown', { key: 'Escape' })
    expect(name.emitted('cancel')).toHaveLength(1)
    const left = await field()
    await left.name.get('input').trigger('blur')
    expect(left.name.emitted('cancel')).toHaveLength(1)
    expect(keep).not.toHaveBeenCalled()
  })
})
