import { expect, it } from 'vitest'
import type { Present } from './presence'
import { comeToPlan, moveTo } from './presence'

const heard: Record<string, string[]> = {}
const said = ({ name, folderId }: Present) => (folderId === null ? name : `${name} in ${folderId}`)
const open = (id: string, accountId: string, planId = 'plan') =>
  comeToPlan(planId, { accountId, id, name: accountId.toUpperCase(), tell: people => (heard[id] = people.map(said)) })

it('tells each window who else is there, a person of two windows once, and nobody of another plan', () => {
  open('a1', 'a')
  const [leaveB1, leaveB2] = [open('b1', 'b'), open('b2', 'b')]
  open('c1', 'c', 'another')
  expect(heard).toEqual({ a1: ['B'], b1: ['A'], b2: ['A'], c1: [] })
  leaveB1()
  expect(heard.a1).toEqual(['B'])
  leaveB2()
  expect(heard.a1).toEqual([])
})

it('says where they are: in the window that moved last, and only where it is theirs', () => {
  open('d1', 'd', 'third')
  const leave = open('e1', 'e', 'third')
  open('e2', 'e', 'third')
  moveTo('third', 'e', 'e1', 'minutes')
  expect(heard.d1).toEqual(['E in minutes'])
  moveTo('third', 'e', 'e2', 'leases')
  moveTo('third', 'd', 'e2', 'forged')
  moveTo('plan', 'e', 'e2', 'elsewhere')
  expect(heard.d1).toEqual(['E in leases'])
  moveTo('third', 'e', 'e1', null)
  expect(heard.d1).toEqual(['E'])
  leave()
  expect(heard.d1).toEqual(['E in leases'])
})
