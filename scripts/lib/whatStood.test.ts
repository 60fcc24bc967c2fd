import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { tellingLines, whatStood } from './whatStood.mjs'

const PAGE = `# Page snapshot
- generic:
  - heading "1.1 Study" [level=1]
  - dialog "New link":
    - textbox "Address" [active]: Tide tables
    - alert: This is no web address.
  - link "Recent"
`

describe(tellingLines, () => {
  it('leaves what says little, and no more than so many', () => {
    expect(tellingLines(PAGE)).toEqual([
      '- heading "1.1 Study" [level=1]',
      '- dialog "New link":',
      '- textbox "Address" [active]: Tide tables',
      '- alert: This is no web address.',
    ])
    expect(tellingLines(PAGE, 1)).toEqual(['- heading "1.1 Study" [level=1]'])
  })
})

describe(whatStood, () => {
  it('tells of each journey that failed, and of none where none did', () => {
    const folder = mkdtempSync(join(tmpdir(), 'hembix-stood-'))
    try {
      expect(whatStood(join(folder, 'none'))).toBe('')
      mkdirSync(join(folder, 'links'))
      mkdirSync(join(folder, 'passed'))
      writeFileSync(join(folder, 'links', 'error-context.md'), PAGE)
      expect(whatStood(folder)).toMatch(/^on the page of links:\n {2}- heading "1.1 Study"/)
      expect(whatStood(folder)).not.toContain('passed')
    } finally {
      rmSync(folder, { recursive: true })
    }
  })
})
