import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'

/** Packages with native code below a folder, by name and version; several platforms of one are one each. */
function nativePackages(folder: string, found = new Map<string, Set<string>>()): Map<string, Set<string>> {
  const entries = readdirSync(folder, { withFileTypes: true })
  if (entries.some(({ name }) => name.endsWith('.node'))) {
    const owner = join(folder, 'package.json')
    const { name, version } = JSON.parse(
      readFileSync(
        entries.some(entry => entry.name === 'package.json') ? owner : join(folder, '..', 'package.json'),
        'utf8',
      ),
    ) as { name: string; version: string }
    found.set(name, (found.get(name) ?? new Set()).add(`${version} in ${folder}`))
  }
  for (const entry of entries) if (entry.isDirectory()) nativePackages(join(folder, entry.name), found)
  return found
}

describe('packages with native code that open documents', () => {
  it('are there once each: two copies of one in a process corrupt its memory', () => {
    const found = nativePackages('node_modules')
    const drawing = [...found].filter(([name]) => /canvas|sharp|@img\//.test(name))
    expect(drawing.map(([, places]) => places.size)).toEqual(drawing.map(() => 1))
    expect(drawing.map(([name]) => name).join(' ')).toMatch(/canvas.*sharp|sharp.*canvas/)
  })
})
