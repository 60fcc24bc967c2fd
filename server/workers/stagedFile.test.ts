import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { withStagedFile } from './stagedFile'

it('a staged file is there for its work only, and what killed servers left is cleared away', async () => {
  const { pid } = spawnSync(process.execPath, ['-e', ''])
  const [abandoned, parents] = [join(tmpdir(), `hembix-${pid}-left`), join(tmpdir(), `hembix-${process.ppid}-used`)]
  for (const folder of [abandoned, parents]) {
    mkdirSync(folder)
    writeFileSync(join(folder, 'document'), 'private')
  }
  const parts = async function* () {
    yield Buffer.from('one ')
    yield Buffer.from('two')
  }
  const path = await withStagedFile(parts(), file => {
    expect([readFileSync(file, 'utf8'), (statSync(file).mode & 0o777).toString(8)]).toEqual(['one two', '600'])
    return Promise.resolve(file)
  })
  expect([existsSync(path), existsSync(abandoned), existsSync(parents)]).toEqual([false, false, true])
  rmSync(parents, { recursive: true })
})
