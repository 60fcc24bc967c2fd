import { rmSync, writeFileSync } from 'node:fs'
import { ESLint } from 'eslint'
import { afterEach, describe, expect, it } from 'vitest'

const PLANTED = 'core/text/planted.ts'
afterEach(() => rmSync(PLANTED, { force: true }))

async function complaints(code: string): Promise<string[]> {
  writeFileSync(PLANTED, code)
  const [result] = await new ESLint().lintFiles([PLANTED])
  return (result?.messages ?? []).filter(message => message.severity === 2).map(message => message.ruleId ?? '')
}

describe('the layer rule', () => {
  it('refuses a forbidden import, and what core may not know', async () => {
    expect(
      await complaints("import { rows } from '../../server/db/client'\n\nexport const planted = rows\n"),
    ).toContain('boundaries/dependencies')
    expect(
      await complaints("import { readFileSync } from 'node:fs'\n\nexport const planted = readFileSync\n"),
    ).not.toEqual([])
    expect(await complaints('export const planted = () => Date.now()\n')).toContain('no-restricted-properties')
  })

  it('lets core use itself', async () => {
    expect(await complaints("import { fold } from './words'\n\nexport const planted = fold\n")).toEqual([])
  })
})
