import { v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import type { Found, FoundCounts } from '../../contract/find'
import type { StandingOrder, Tried } from '../../contract/order'
import type { Rule } from '../../core/find/index'
import type { FolderId, OrderId } from '../../core/ids'
import { rows } from '../../server/db/client'
import type { Client, Refused } from '../support/client'
import { newClient } from '../support/client'

const WHEN = { origins: [], types: [], sender: '', words: '' }
const order = (folderId: FolderId | null, when: object, then: object = {}) =>
  ({
    kind: 'order.set',
    id: v7() as OrderId,
    name: 'Invoices',
    active: true,
    when: { ...WHEN, ...when },
    then: { folderId, pattern: null, tags: [], star: false, ...then },
  }) as const

async function dealtWith(client: Client, id: string) {
  for (const until = Date.now() + 60_000; Date.now() < until;) {
    const document = await client.document(id)
    if (document.filedBy !== null) return document
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  throw new Error('No order dealt with it.')
}

describe('standing orders', () => {
  it('deal with arrivals that fit once their words are read, and leave the others', async () => {
    const client = await newClient()
    const dues = await client.folder('Dues')
    const given = order(dues, { words: 'invoice' }, { pattern: '{date} {title}', tags: ['to pay'], star: true })
    await client.act(given)
    const fitting = await client.upload('scan 1.txt', 'Invoice of the chandlery\n\nof 4 March 2026')
    const other = await client.upload('scan 2.txt', 'A letter')
    const document = await dealtWith(client, fitting.id)
    expect(document).toMatchObject({
      name: '2026-03-04 Invoice of the chandlery',
      folderIds: [dues],
      filedBy: given.id,
      starred: true,
    })
    expect((await client.outline()).tags.map(({ name }) => name)).toEqual(['to pay'])
    expect((await client.document(other.id)).folderIds).toEqual([null])
    const { body } = await client.get<{ changes: { label: string }[] }>('/api/changes')
    expect(body.changes[0]?.label).toBe(
      'Standing order “Invoices”: filed “2026-03-04 Invoice of the chandlery” in 1 Dues, tagged “to pay”',
    )
    await client.undo()
    await new Promise(resolve => setTimeout(resolve, 3500))
    expect(await client.document(fitting.id)).toMatchObject({
      name: 'scan 1',
      folderIds: [null],
      filedBy: null,
      starred: false,
    })
  })

  it('look at every field that a search has, also at what the document says of itself', async () => {
    const client = await newClient()
    const papers = await client.folder('Papers by Lund')
    const rule: Rule = {
      kind: 'all',
      rules: [
        { kind: 'text', field: 'author', op: 'contains', value: 'lund' },
        { kind: 'none', rules: [{ kind: 'place', folderId: papers, below: true }] },
        { kind: 'inside', words: ['tide', 'table'] },
      ],
    }
    const page = (author: string, text: string) =>
      `<html><head><meta name="author" content="${author}"></head><body><p>${text}</p></body></html>`
    await client.act(order(papers, { rule }))
    const fitting = await client.upload('paper.html', page('Maria Lund', 'The tide table of March'))
    const other = await client.upload('other.html', page('Jo Harl', 'The tide table of May'))
    await client.whenRead(other.id)
    expect((await dealtWith(client, fitting.id)).folderIds).toEqual([papers])
    expect((await client.document(other.id)).folderIds).toEqual([null])
    const tried = await client.send<Tried>('POST', '/api/orders/try', {
      when: { rule: { kind: 'format', anyOf: ['html'] } },
      then: { folderId: papers },
    })
    expect(tried.body.matches.map(({ name }) => name).sort()).toEqual(['other', 'paper'])
    const { body: counts } = await client.get<FoundCounts>('/api/find/counts?q=tide')
    expect([counts.authors, counts.formats]).toEqual([{ 'Maria Lund': 1, 'Jo Harl': 1 }, { html: 2 }])
    const { body: found } = await client.get<Found>('/api/find?authors=maria%20lund')
    expect(found.documents.map(({ id }) => id)).toEqual([fitting.id])
  })

  it('try again what could not be written, and deal with the others meanwhile', async () => {
    const client = await newClient()
    const dues = await client.folder('Dues')
    await client.act(order(dues, { words: 'invoice' }))
    await rows(
      null,
      `CREATE FUNCTION stuck() RETURNS trigger LANGUAGE plpgsql AS 'BEGIN RAISE EXCEPTION ''out of order''; END'`,
    )
    await rows(
      null,
      `CREATE TRIGGER stuck BEFORE UPDATE OF filed_by ON document FOR EACH ROW
        WHEN (NEW.name = 'stuck') EXECUTE FUNCTION stuck()`,
    )
    const stuck = await client.upload('stuck.txt', 'invoice 1')
    const other = await client.upload('other.txt', 'invoice 2')
    await dealtWith(client, other.id)
    expect((await client.document(stuck.id)).folderIds).toEqual([null])
    await rows(null, 'DROP FUNCTION stuck() CASCADE')
    expect((await dealtWith(client, stuck.id)).folderIds).toEqual([dues])
  })

  it('leave alone what was there before, and what is in the Trash stays where it is', async () => {
    const client = await newClient()
    const dues = await client.folder('Dues')
    const early = await client.upload('invoice early.txt', 'invoice')
    await client.act(order(dues, { words: 'invoice' }))
    await client.act({ kind: 'trash', folderIds: [dues], documentIds: [] })
    const late = await client.upload('invoice late.txt', 'invoice')
    await client.whenRead(late.id)
    await new Promise(resolve => setTimeout(resolve, 3500))
    expect([(await client.document(early.id)).folderIds, (await client.document(late.id)).folderIds]).toEqual([
      [null],
      [null],
    ])
  })

  it('are tried out before they are on, without doing anything', async () => {
    const client = await newClient()
    const dues = await client.folder('Dues')
    const { id } = await client.upload('scan 3.txt', 'Invoice 88')
    await client.upload('other.txt', 'nothing')
    await client.whenRead(id)
    const { when, then } = order(dues, { words: 'invoice' }, { pattern: '{title}' })
    const { body } = await client.send<Tried>('POST', '/api/orders/try', { when, then })
    expect(body).toEqual({ of: 2, matches: [{ id, name: 'scan 3', newName: 'Invoice 88', folderIds: [null] }] })
    expect((await client.document(id)).name).toBe('scan 3')
  })

  it('need a condition and an act, and are undone like anything else', async () => {
    const client = await newClient()
    const dues = await client.folder('Dues')
    const code = async (given: ReturnType<typeof order>) => ((await client.try(given as never)).body as Refused).code
    expect([
      await code(order(dues, {})),
      await code(order(null, { words: 'x' })),
      await code(order(dues, { words: 'x' }, { pattern: '{nothing}' })),
    ]).toEqual(['order.empty', 'order.idle', 'name.pattern'])
    const given = order(dues, { words: 'x' })
    await client.act(given as never)
    await client.act({ ...given, active: false } as never)
    const list = async () =>
      (await client.get<{ orders: StandingOrder[] }>('/api/orders')).body.orders.map(({ active }) => active)
    expect(await list()).toEqual([false])
    await client.undo()
    expect(await list()).toEqual([true])
    await client.act({ kind: 'order.drop', id: given.id })
    expect(await list()).toEqual([])
  })
})
