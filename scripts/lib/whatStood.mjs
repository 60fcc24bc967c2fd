// What stood on the page as a journey failed: the lines that say most, where the whole does not fit.
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const LINES = 14
const TELLING = /\[active\]|- (alert|status|dialog|alertdialog|heading|textbox|combobox|menuitem|row)[ :]/

/** The telling lines of a page as the journeys write it down (YAML in Markdown), at most so many. */
export function tellingLines(page, limit = LINES) {
  return page
    .split('\n')
    .filter(line => TELLING.test(`${line} `))
    .map(line => line.trim().slice(0, 150))
    .slice(0, limit)
}

/** One part of text for each journey that failed, also where it passed when it was tried again. */
export function whatStood(folder) {
  if (!existsSync(folder)) return ''
  return readdirSync(folder)
    .map(name => ({ name, path: join(folder, name, 'error-context.md') }))
    .filter(({ path }) => existsSync(path))
    .map(({ name, path }) => `on the page of ${name}:\n  ${tellingLines(readFileSync(path, 'utf8')).join('\n  ')}`)
    .join('\n')
}
