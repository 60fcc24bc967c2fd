import { describe, expect, it } from 'vitest'
import { tryReadRule } from '../../core/find/index'
import { fieldOf, isComplete, RULE_FIELDS } from './ruleFields'

describe('the fields of rules', () => {
  it.each(RULE_FIELDS.map(field => [field.name, field] as const))(
    '%s begins with a rule that is its own, and that a search may hold',
    (_, field) => {
      const fresh = field.fresh()
      expect(fieldOf(fresh)?.key).toBe(field.key)
      expect(tryReadRule(fresh).ok).toBe(true)
    },
  )

  it('are asked only when they say something', () => {
    expect(RULE_FIELDS.filter(field => !isComplete(field.fresh())).map(field => field.key)).toEqual([
      'word',
      'name',
      'tag',
      'sender',
      'remark',
      'number',
    ])
    expect(isComplete({ kind: 'text', field: 'name', op: 'is', value: ' x ' })).toBe(true)
  })
})
