import { createPinia } from 'pinia'
import { expect, test } from 'vitest'
import { createApp } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import type { Rule } from '../../core/find/index'
import { useSearchQuery } from './useSearchQuery'

const named: Rule = { kind: 'text', field: 'name', op: 'contains', value: 'lease' }

async function findPage(address: string) {
  const router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/find', component: {} }] })
  const app = createApp({}).use(createPinia()).use(router)
  await router.push(address)
  /** What the address says when it has come to rest. */
  const settled = async () => {
    await new Promise(resolve => setTimeout(resolve, 20))
    return router.currentRoute.value.query
  }
  return { ...app.runWithContext(useSearchQuery), settled }
}

test('what is chosen in the moment in which the address changes is chosen on top of it', async () => {
  const page = await findPage('/find?q=power&near=f1')
  page.typed.value = ''
  page.addRule(named)
  page.type()
  page.narrow({ starred: true })
  page.narrow({ types: { any: ['pdf'], without: [] } })
  page.choose({ sort: 'name', descending: false })
  expect(await page.settled()).toEqual({
    near: 'f1',
    rule: JSON.stringify({ kind: 'all', rules: [named] }),
    star: 'yes',
    types: 'pdf',
    sort: 'name',
  })
})

test('what is typed and not taken yet goes along, and stays when the address has come', async () => {
  const page = await findPage('/find')
  page.typed.value = 'berth'
  page.narrow({ starred: false })
  expect(await page.settled()).toEqual({ q: 'berth', star: 'no' })
  page.typed.value = 'berth lease'
  page.type()
  expect(await page.settled()).toEqual({ q: 'berth lease', star: 'no' })
  expect([page.request.value.q, page.asksAnything.value]).toEqual(['berth lease', true])
})
