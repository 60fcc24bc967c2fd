// The words as typed come before other forms of them, and long documents are found on their best page.

import { describe, expect, it } from 'vitest'
import type { Found } from '../../contract/find'
import { rows } from '../../server/db/client'
import type { Client } from '../support/client'
import { newClient } from '../support/client'

const found = async (client: Client, q: string) =>
  (await client.get<Found>(`/api/find?q=${encodeURIComponent(q)}`)).body.documents

describe('a word that was typed', () => {
  it('comes before other forms of it, however many newer documents hold these', async () => {
    const client = await newClient()
    const { id } = await client.upload('minutes.txt', 'what the executives of both vendors agreed', null, {
      changed: '2019-03-04T05:06:07.000Z',
    })
    const others = []
    for (let index = 0; index < 220; index++)
      others.push(
        await client.upload(`${index}.txt`, `to execute what a vendor of rope ${index} asks for, and execute it again`),
      )
    for (const other of others) await client.whenRead(other.id)
    await client.whenRead(id)
    expect((await found(client, 'executives vendors'))[0]?.id).toBe(id)
    expect((await found(client, 'executives'))[0]?.id).toBe(id)
    // They are all found, each once.
    const all = new Set<string>()
    let next: string | null = ''
    let count = 0
    while (next !== null) {
      const cursor: string = next === '' ? '' : `&cursor=${encodeURIComponent(next)}`
      const { body } = await client.get<Found>(`/api/find?q=executives&limit=100${cursor}`)
      for (const document of body.documents) all.add(document.id)
      count += body.documents.length
      next = body.next
    }
    expect([all.size, count]).toEqual([221, 221])
  })
})

describe('a name with a slip', () => {
  it('comes first though its wrong word stands elsewhere, says that it is only near, and can be left out', async () => {
    const [client, stranger] = [await newClient(), await newClient()]
    const [named, text] = [
      await client.upload('Change of mooring rules.txt', 'what was agreed in March'),
      await client.upload('Old letters.txt', 'the rules of mooring, and whoever wrote chage of them'),
    ]
    for (const { id } of [named, text]) await client.whenRead(id)
    const ask = async (q: string, more = '') =>
      (await client.get<Found>(`/api/find?q=${encodeURIComponent(q)}${more}`)).body
    const near = await ask('chage of mooring rules')
    expect([near.documents.map(({ id }) => id), near.nearNames, near.count]).toEqual([[named.id, text.id], 1, 1])
    // The first letter is missing, a short word is wrong, only the beginning was typed.
    for (const q of ['hange of mooring rules', 'change af mooring rules', 'chamge of mooring'])
      expect((await ask(q)).documents[0]?.id).toBe(named.id)
    const exactly = await ask('chage of mooring rules', '&exact=true')
    expect([exactly.documents.map(({ id }) => id), exactly.nearNames]).toEqual([[text.id], 0])
    // What is narrowed, quoted or named rightly is meant as it stands.
    expect((await ask('chage of mooring rules', '&types=pdf')).documents).toEqual([])
    expect((await ask('"chage of mooring rules"')).documents).toEqual([])
    expect((await ask('change of mooring rules')).nearNames).toBe(0)
    const other = await stranger.get<Found>('/api/find?q=chage%20of%20mooring%20rules')
    expect(other.body.documents).toEqual([])
  })

  it('is near without the day that it begins with', async () => {
    const client = await newClient()
    const { id } = await client.upload('2026-05-03 Berth lease pontoon 7.txt', 'x')
    await client.upload('Notes.txt', 'the leave at berth 7 of the pontoon')
    expect((await found(client, 'berth leave pontoon 7'))[0]?.id).toBe(id)
  })

  it('that begins as was typed stands before those that only hold it', async () => {
    const client = await newClient()
    const whole = await client.upload('Harbour.txt', 'x', null, { changed: '2019-03-04T05:06:07.000Z' })
    const begun = await client.upload('Harbour dues.txt', 'x')
    await client.upload('Old harbour.txt', 'x')
    await client.upload('Plan of the harbour.txt', 'x')
    expect((await found(client, 'harbour')).slice(0, 2).map(({ id }) => id)).toEqual([whole.id, begun.id])
  })
})

describe('a long document', () => {
  const filler = (page: number) => `harbour dues page number ${page} `.repeat(150)

  it('is shown on the page that holds most of the words, and before that the phrase', async () => {
    const client = await newClient()
    const pages = Array.from({ length: 40 }, (_, index) => filler(index))
    pages[20] = `${filler(20)} the winch and elsewhere the bollards `
    pages[31] = `${filler(31)} the winch bollards of the north quay `
    const { id } = await client.upload('manual.txt', pages.join('\n'))
    await client.whenRead(id)
    expect(
      await rows(null, 'SELECT r.located FROM reading r JOIN document d ON d.blob_id = r.blob_id WHERE d.id = $1', [
        id,
      ]),
    ).toEqual([{ located: true }])
    const [hit] = await found(client, 'winch bollards')
    expect(hit?.passage?.text).toContain('winch bollards of the north quay')
    expect((await found(client, 'winches'))[0]?.passage?.text).toContain('winch')
    expect((await found(client, 'boll*'))[0]?.passage?.text).toContain('bollards')
  })

  it('that becomes a short one loses its index by pages', async () => {
    const client = await newClient()
    const folder = await client.folder('Office')
    const long = Array.from({ length: 40 }, (_, index) => filler(index)).join('\n')
    const { id } = await client.upload('notes.txt', long, folder)
    await client.whenRead(id)
    const buckets = () =>
      rows<{ count: number }>(
        null,
        `SELECT count(*)::int AS count FROM page_lexeme l JOIN document d ON d.blob_id = l.blob_id WHERE d.id = $1`,
        [id],
      )
    expect((await buckets())[0]?.count).toBeGreaterThan(3)
    await client.upload('notes.txt', 'only a winch', folder, { clash: 'version' })
    expect((await client.document(id)).versions).toHaveLength(2)
    await client.whenRead(id)
    const hits = await found(client, 'winch')
    expect(hits.map(({ passage }) => passage?.text)).toEqual(['only a winch'])
  })
})

describe('scripts without spaces', () => {
  it('are found by any piece of what is written, as it is written', async () => {
    const client = await newClient()
    const texts = {
      zh: '港口管理委员会将于星期五召开会议',
      ja: '今年の港の会議は金曜日に開かれ、ガイドが配られます。',
      ko: '항구는 금요일에 회의를 엽니다',
      th: 'คณะกรรมการประชุมวันศุกร์เรื่องที่จอดเรือ',
      hi: 'बंदरगाह समिति की बैठक शुक्रवार को होगी',
    }
    const ids: Record<string, string> = {}
    for (const [language, text] of Object.entries(texts)) {
      const { id } = await client.upload(`${language}.txt`, text)
      ids[language] = id
      expect((await client.whenRead(id)).reading.language).toBe(language)
    }
    const finds = async (q: string) => (await found(client, q)).map(document => document.id)
    for (const [q, language] of [
      ['委员会', 'zh'],
      ['星期五', 'zh'],
      ['会議は', 'ja'],
      ['がいど', 'ja'],
      ['항구', 'ko'],
      ['회의', 'ko'],
      ['ประชุม', 'th'],
      ['शुक्रवार', 'hi'],
    ] as const)
      expect([q, await finds(q)]).toEqual([q, [ids[language]]])
    expect(await finds('员委')).toEqual([])
    const [hit] = await found(client, '委员会')
    expect(hit?.passage?.marks.map(([from, to]) => hit.passage?.text.slice(from, to)).join('')).toBe('委员会')
  })
})

describe('words of other scripts', () => {
  it('are found in their forms, with the passage in which they stand', async () => {
    const client = await newClient()
    const texts = {
      ru: ['договором', 'Стороны пользуются причалом по договору аренды, который подписан весной.', 'договору'],
      el: ['σύμβασης', 'Οι συμβάσεις των πλοίων υπογράφονται κάθε άνοιξη στο γραφείο του λιμανιού.', 'συμβάσεις'],
      ar: ['كتاب', 'يجب إرسال الكتاب إلى مكتب الميناء قبل نهاية الشهر الحالي', 'الكتاب'],
    }
    for (const [language, [q, text, marked]] of Object.entries(texts)) {
      const { id } = await client.upload(`${language}.txt`, text ?? '')
      expect((await client.whenRead(id)).reading.language).toBe(language)
      const [hit, ...others] = await found(client, q ?? '')
      expect([language, hit?.id, others]).toEqual([language, id, []])
      const [from = 0, to = 0] = hit?.passage?.marks[0] ?? []
      expect(hit?.passage?.text.slice(from, to)).toBe(marked)
    }
  })
})
