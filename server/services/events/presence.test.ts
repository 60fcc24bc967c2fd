import { expect, it } from 'vitest'
import { comeToPlan } from './presence'

it('tells each window who else is there, a person of two windows once, and nobody of another plan', () => {
  const heard: Record<string, readonly string[]> = {}
  const open = (window: string, accountId: string, planId = 'plan') =>
    comeToPlan(planId, { accountId, name: accountId.toUpperCase(), tell: names => (heard[window] = names) })
  open('a1', 'a')
  const [leaveB1, leaveB2] = [open('b1', 'b'), open('b2', 'b')]
  open('c1', 'c', 'another')
  expect(heard).toEqual({ a1: ['B'], b1: ['A'], b2: ['A'], c1: [] })
  leaveB1()
  expect(heard.a1).toEqual(['B'])
  leaveB2()
  expect(heard.a1).toEqual([])
})
