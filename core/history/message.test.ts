import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { IntlMessageFormat } from 'intl-messageformat'
import { describe, expect, it } from 'vitest'
import { countedThings, message, namedEach, namedThings, wordMessage } from './index'
import { MESSAGES } from './messages'

const ROOT = join(import.meta.dirname, '..', '..')

function sources(folder: string): string[] {
  return readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
    .filter(name => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .map(name => readFileSync(join(ROOT, folder, name), 'utf8'))
}

describe('the catalogue of History', () => {
  it.each(Object.entries(MESSAGES))('has a sound text for %s', (_, text) => {
    expect(() => new IntlMessageFormat(text, 'en-GB', undefined, { ignoreTag: true })).not.toThrow()
  })

  it('has no text that nothing says', () => {
    const said = [...sources('core/plan'), ...sources('core/history'), ...sources('server/services')].join('\n')
    const made = /^folder\.(purpose|remark)(Off)?$/ // their keys are put together
    expect(Object.keys(MESSAGES).filter(key => !made.test(key) && !said.includes(`'${key}'`))).toEqual([])
  })
})

describe('a message', () => {
  it('names one thing, counts several, and joins them in a row', () => {
    const say = (folders: string[], documents: string[]) => {
      const named = (names: string[]) => names.map(name => ({ name }))
      return wordMessage(message('star', { things: namedThings(named(folders), named(documents)) }))
    }
    expect(say([], ['Minutes'])).toBe('Starred “Minutes”')
    expect(say(['Office'], ['Minutes', 'Lease'])).toBe('Starred 1 folder and 2 documents')
    expect(
      say(
        [],
        Array.from({ length: 1200 }, () => 'x'),
      ),
    ).toBe('Starred 1,200 documents')
  })

  it('leaves names as they are, whatever stands in them', () => {
    const name = "it's {name} <b>#1</b>"
    expect(wordMessage(message('folder.create', { name, place: message('top') }))).toBe(
      `New folder “${name}” in the top of the plan`,
    )
  })

  it('says parts of its own, and nothing of what there is none of', () => {
    expect(wordMessage(message('tag.delete', { name: 'due', count: 0 }))).toBe('Deleted the tag “due”')
    expect(wordMessage(message('tag.delete', { name: 'due', count: 1 }))).toBe(
      'Deleted the tag “due”, taken off 1 thing',
    )
    expect(wordMessage(message('undid', { act: message('star', { things: countedThings(2, 0) }) }))).toBe(
      'Undid: Starred 2 folders',
    )
    expect(
      wordMessage(
        message('tags.take', {
          count: 3,
          tags: namedEach([{ name: 'a' }, { name: 'b' }, { name: 'c' }]),
          things: namedThings([], [{ name: 'Lease' }]),
        }),
      ),
    ).toBe('Took the tags “a”, “b” and “c” off “Lease”')
  })

  it('of a key that this catalogue lacks stands as its key', () => {
    expect(wordMessage(JSON.parse('{"key":"cellar.flooded","values":{}}') as never)).toBe('cellar.flooded')
  })
})
