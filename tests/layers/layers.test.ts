import { execFile } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'
import { promisify } from 'node:util'
import { ESLint } from 'eslint'
import { afterAll, describe, expect, it } from 'vitest'

interface Planted {
  readonly file: string
  readonly code: string
  /** The rule that has to complain; null: none may. */
  readonly rule: string | null
}

const using = (from: string, name: string) => `import { ${name} } from '${from}'\n\nexport const planted = ${name}\n`
const LAYERS = 'boundaries/dependencies'

/** One import in each layer of what it may not know, and some that it may. */
const PLANTED: readonly Planted[] = [
  { file: 'core/text/planted.ts', code: using('../../server/db/client', 'rows'), rule: LAYERS },
  { file: 'core/text/plantedFile.ts', code: using('node:fs', 'readFileSync'), rule: LAYERS },
  {
    file: 'core/text/plantedTime.ts',
    code: 'export const planted = () => Date.now()\n',
    rule: 'no-restricted-properties',
  },
  { file: 'core/text/plantedOwn.ts', code: using('./words', 'foldedText'), rule: null },
  { file: 'contract/planted.ts', code: using('../server/services/health', 'health'), rule: LAYERS },
  { file: 'server/db/planted.ts', code: using('../services/health', 'health'), rule: LAYERS },
  { file: 'server/log/planted.ts', code: using('../db/client', 'rows'), rule: LAYERS },
  { file: 'server/services/planted.ts', code: using('../http/handler', 'handler'), rule: LAYERS },
  { file: 'server/services/plantedHttp.ts', code: using('h3', 'createError'), rule: LAYERS },
  { file: 'server/services/plantedSql.ts', code: using('sequelize', 'Op'), rule: LAYERS },
  { file: 'server/http/planted.ts', code: using('../services/health', 'health'), rule: LAYERS },
  { file: 'server/jobs/planted.ts', code: using('../db/client', 'rows'), rule: LAYERS },
  { file: 'server/api/planted.ts', code: using('../db/client', 'rows'), rule: LAYERS },
  { file: 'app/api/planted.ts', code: using('../stores/plan', 'usePlan'), rule: LAYERS },
  { file: 'app/workers/planted.ts', code: using('../stores/plan', 'usePlan'), rule: LAYERS },
  { file: 'app/stores/planted.ts', code: using('../composables/useNow', 'useNow'), rule: LAYERS },
  { file: 'app/composables/planted.ts', code: using('../components/find/editors', 'EDITORS'), rule: LAYERS },
  { file: 'app/components/planted.ts', code: using('../api/http', 'call'), rule: LAYERS },
  { file: 'app/components/plantedServer.ts', code: using('../../server/db/client', 'rows'), rule: LAYERS },
  { file: 'app/pages/planted.ts', code: using('../api/http', 'call'), rule: LAYERS },
  { file: 'app/theme/planted.ts', code: using('../stores/plan', 'usePlan'), rule: LAYERS },
]

/** Two files that import each other. */
const CYCLE: readonly [string, string] = ['core/text/plantedHen.ts', 'core/text/plantedEgg.ts']

afterAll(() => {
  for (const file of [...PLANTED.map(({ file }) => file), ...CYCLE]) rmSync(file, { force: true })
})

describe('the layer rule', () => {
  for (const { file, code } of PLANTED) {
    mkdirSync(dirname(file), { recursive: true })
    writeFileSync(file, code)
  }
  const linted = new ESLint().lintFiles(PLANTED.map(({ file }) => file))

  it.each(PLANTED.map(({ file, code, rule }) => [file, code.split('\n')[0], rule] as const))(
    '%s: %s → %s',
    async (file, _, rule) => {
      const result = (await linted).find(one => one.filePath.endsWith(file))
      const rules = (result?.messages ?? []).filter(({ severity }) => severity === 2).map(({ ruleId }) => ruleId)
      expect(rule === null ? rules.length === 0 : rules.includes(rule)).toBe(true)
    },
  )

  it('finds files that import each other', async () => {
    writeFileSync(CYCLE[0], "import { egg } from './plantedEgg'\n\nexport const hen = (): string => egg()\n")
    writeFileSync(CYCLE[1], "import { hen } from './plantedHen'\n\nexport const egg = (): string => hen()\n")
    const told = await promisify(execFile)('npx', ['depcruise', '--config', '.dependency-cruiser.cjs', ...CYCLE]).catch(
      (error: { stdout: string }) => error,
    )
    expect(told.stdout).toContain('no-circular')
  })
})
