// A hit says in which part of a document it stands: a sheet, the notes to a slide, a message.

import { strToU8, zipSync } from 'fflate'
import { beforeAll, expect, it } from 'vitest'
import type { HitPages, TextReply } from '../../contract/document'
import type { Found } from '../../contract/find'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

let client: Client
beforeAll(async () => {
  client = await newClient()
})

const NAMES = 'xmlns:office="o" xmlns:text="t" xmlns:table="b" xmlns:draw="d" xmlns:presentation="p"'
const office = (body: string) =>
  zipSync({
    'content.xml': strToU8(
      `<office:document-content ${NAMES}><office:body>${body}</office:body></office:document-content>`,
    ),
  })
const sheet = (name: string, word: string) =>
  `<table:table table:name="${name}"><table:table-row><table:table-cell><text:p>${word}</text:p>` +
  '</table:table-cell></table:table-row></table:table>'

async function read(name: string, bytes: Uint8Array): Promise<string> {
  const { id } = await client.upload(name, Buffer.from(bytes))
  await client.whenRead(id)
  return id
}

async function partOf(word: string) {
  const { body } = await client.get<Found>(`/api/find?q=${word}`)
  return body.documents[0]?.passage?.part
}

it('in tables, slides and mailboxes', async () => {
  const table = await read('dues.ods', office(sheet('Budget', 'ropewalk') + sheet('Quays', 'bollardhead')))
  const slides = await read(
    'talk.odp',
    office(
      '<draw:page><text:p>First</text:p><presentation:notes><text:p>hawserpipe</text:p></presentation:notes>' +
        '</draw:page>',
    ),
  )
  const mail = ['one', 'two'].map(
    (name, index) => `From a@b Mon Mar  2 10:00:00 2026\nSubject: Letter ${name}\n\nword${index} fairlead${name}\n\n`,
  )
  const box = await read('box.mbox', Buffer.from(mail.join('')))
  expect([await partOf('bollardhead'), await partOf('hawserpipe'), await partOf('fairleadtwo')]).toEqual([
    { kind: 'sheet', name: 'Quays' },
    { kind: 'notes', name: '1' },
    { kind: 'message', name: 'Letter two' },
  ])
  const parts = await Promise.all([table, slides, box].map(async id => (await client.document(id)).reading.parts))
  expect(parts.map(some => some.map(({ kind, count }) => `${kind} ${count}`).sort())).toEqual([
    ['sheet 2'],
    ['notes 1', 'slide 1'],
    ['message 2'],
  ])
  const { body: hits } = await client.get<HitPages>(`/api/documents/${table}/hits?q=bollardhead`)
  expect(hits.pages).toEqual([{ page: 2, kind: 'sheet', name: 'Quays', count: 1 }])
})

it('are all named with the first pages of the text, and not again with the next', async () => {
  const sheets = Array.from({ length: 50 }, (_, index) => sheet(`S${index + 1}`, `word${index}`)).join('')
  const id = await read('many sheets.ods', office(sheets))
  const first = (await client.get<TextReply>(`/api/documents/${id}/text`)).body
  expect([first.parts.length, first.parts[49], first.next]).toEqual([50, { page: 50, kind: 'sheet', name: 'S50' }, 41])
  const second = (await client.get<TextReply>(`/api/documents/${id}/text?from=${first.next ?? 0}`)).body
  expect([second.pages[0]?.name, second.parts, second.next]).toEqual(['S41', [], null])
})
