import { describe, expect, it } from 'vitest'
import { namedTexts } from '../../tests/support/partTexts'
import { openMail, readMessage } from './mail'
import { READERS } from './readers'

const HEAD = ['From: Per Aske <per@tern.example>', 'To: office@tern.example', 'Cc: Lucja Berg <lucja@tern.example>']
const message = (...lines: readonly string[]) => new TextEncoder().encode([...HEAD, ...lines].join('\r\n'))
const mixed = (...parts: readonly (readonly string[])[]) =>
  message(
    'Subject: Dues',
    'Content-Type: multipart/mixed; boundary=b',
    '',
    ...parts.flatMap(lines => ['--b', ...lines]),
    '--b--',
  )

describe(readMessage, () => {
  it('gives subject, who wrote, who reads, and the text', async () => {
    const { subject, text } = await readMessage(message('Subject: Dues', '', 'Pay by March.'))
    expect([subject, text.trim()]).toEqual([
      'Dues',
      'Dues\n\nFrom: Per Aske <per@tern.example>\nTo: office@tern.example\n' +
        'Cc: Lucja Berg <lucja@tern.example>\n\nPay by March.',
    ])
  })

  it('gives the page beside a text that only says that there is one', async () => {
    const { text } = await readMessage(
      message(
        'Content-Type: multipart/alternative; boundary=b',
        '',
        ...['--b', 'Content-Type: text/plain', '', 'See the page.'],
        ...['--b', 'Content-Type: text/html', '', `<p>The crane is checked ${'again and '.repeat(20)}again.</p>`],
        '--b--',
      ),
    )
    expect(text).toMatch(/See the page\.\n\nThe crane is checked again/)
  })

  it('takes a text for one that says no more than that', async () => {
    expect(
      (await readMessage(message('Content-Type: text; charset=us-ascii', '', 'Good all the same'))).text,
    ).toContain('Good all the same')
  })
})

describe('what is attached to a message', () => {
  const bytes = mixed(
    ['Content-Type: text/plain', '', 'See the sums.'],
    ['Content-Type: text/csv', 'Content-Disposition: attachment; filename=sums.csv', '', 'berth,1475'],
    ['Content-Type: image/png', 'Content-Disposition: attachment; filename=seal.png', '', 'no picture'],
  )

  it('is read with it, where it can be', async () => {
    expect(
      namedTexts([...(await READERS.eml(bytes)).pages])
        .slice(1)
        .map(text => text.trim()),
    ).toEqual(['attachment sums.csv: sums.csv\nberth,1475', 'attachment seal.png: seal.png'])
  })

  it('is taken out by its name', async () => {
    expect((await openMail(bytes)).attachments.map(({ fileName }) => fileName)).toEqual(['sums.csv', 'seal.png'])
  })
})
