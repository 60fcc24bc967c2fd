// The table of commands in docs/api.md, made of the commands themselves.

import { COMMANDS } from '../core/plan/commands/index'

/** Markdown, a row for each command that a client may send. */
export function commandTable(): string {
  const rows = COMMANDS.filter(({ shape }) => shape).map(({ kind, doc }) => `| \`${kind}\` | ${doc} |`)
  return ['| kind | parts |', '|---|---|', ...rows].join('\n')
}

/** The text with its table of commands brought up to date. Throws where it has none. */
export function withCommandTable(text: string): string {
  const present = /\| kind \| parts \|\n(?:\|.*\|\n?)+/
  if (!present.test(text))
    throw new Error('There is no table of commands to bring up to date: it begins with "| kind | parts |".')
  return text.replace(present, () => `${commandTable()}\n`)
}
