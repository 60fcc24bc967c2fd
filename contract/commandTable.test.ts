import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { COMMANDS } from '../core/plan/commands/index'
import { commandTable, withCommandTable } from './commandTable'

describe('the table of commands', () => {
  it('in docs/api.md is the one of the commands (npm run docs writes it)', () => {
    const text = readFileSync('docs/api.md', 'utf8')
    expect(text).toBe(withCommandTable(text))
  })

  it('names every command once, each with its fields', () => {
    const kinds = COMMANDS.map(({ kind }) => kind)
    expect(new Set(kinds).size).toBe(kinds.length)
    for (const { kind, shape, doc } of COMMANDS) {
      for (const field of Object.keys((shape?.fields as object | undefined) ?? {}))
        expect({ kind, field, isSaid: doc.includes(`\`${field}\``) }).toEqual({ kind, field, isSaid: true })
    }
    expect(commandTable()).not.toContain('document.write')
  })

  it('is found wherever it stands, or missed', () => {
    expect(withCommandTable('# A\n\n| kind | parts |\n|---|---|\n| `old` | x |\n\nB')).toBe(
      `# A\n\n${commandTable()}\n\nB`,
    )
    expect(() => withCommandTable('# A')).toThrow('no table')
  })
})
