// A mailbox: it has messages, each with a name of its own and its bytes as they came (RFC 5322). This one makes them
// up.

import { LRUCache } from 'lru-cache'
import { mailArrival } from '../services/arrivals/mailArrival'
import type { ArrivalSource } from '../services/arrivals/takeIn'

interface Letter {
  readonly from: string
  readonly subject: string
  readonly text: string
  readonly attachment?: { readonly name: string; readonly type: string; readonly text: string }
}

const LETTERS: readonly Letter[] = [
  {
    from: 'Mistral Paint Yard <orders@mistral.example>',
    subject: 'Offer for the boathouse doors',
    text: 'Please find our offer for two coats on the boathouse doors. It holds until the end of the month.',
    attachment: { name: 'offer 4417.csv', type: 'text/csv', text: 'Item,Sum\r\nPrimer,84.00\r\nTwo coats,212.50\r\n' },
  },
  {
    from: 'Sanna Roke <sanna@roke.example>',
    subject: 'Berth 7: second socket',
    text: 'Could the second socket at berth 7 be looked at? The breaker falls whenever the kettle is on.',
  },
  {
    from: 'Evening school <office@evening.example>',
    subject: 'Ropework class, room change',
    text: 'On the second Thursday the class meets in the sail loft. Please bring the handouts of week 4.',
    attachment: { name: 'learners week 4.txt', type: 'text/plain', text: 'Twelve learners, two of them new.\r\n' },
  },
  {
    from: 'Hafenamt <amt@hafen.example>',
    subject: 'Anfrage für einen Liegeplatz',
    text: 'Wir bitten um einen Liegeplatz für eine Nacht im Juni. Das Boot ist neun Meter lang.',
  },
]

const PEOPLE = 1000
/** How often each plan has asked since the server was started. */
const turns = new LRUCache<string, number>({ max: PEOPLE })

/** Two messages at a time. It has a few a day, under names of their own: what was fetched before is known by it. */
export const mailbox: ArrivalSource<object> = {
  fetch: tools => {
    const turn = turns.get(tools.planId) ?? 0
    turns.set(tools.planId, turn + 1)
    return Promise.all(messages(turn, tools.now).map(({ id, bytes }) => mailArrival(tools, id, bytes)))
  },
}

function messages(turn: number, now: Date): { readonly id: string; readonly bytes: Buffer }[] {
  return [0, 1].flatMap(which => {
    const index = (2 * turn + which) % LETTERS.length
    const letter = LETTERS[index]
    const id = `${now.toISOString().slice(0, 10)}.${index}@quay.example`
    return letter ? [{ id, bytes: write(letter, id, now) }] : []
  })
}

function write({ from, subject, text, attachment }: Letter, id: string, now: Date): Buffer {
  const word = (words: string) =>
    /^[\x20-\x7e]*$/.test(words) ? words : `=?utf-8?B?${Buffer.from(words).toString('base64')}?=`
  const head = [
    `From: ${from}`,
    'To: Quay office <office@quay.example>',
    `Subject: ${word(subject)}`,
    `Date: ${now.toUTCString()}`,
    `Message-ID: <${id}>`,
    'MIME-Version: 1.0',
  ]
  const plain = [
    'Content-Type: text/plain; charset=utf-8',
    'Content-Transfer-Encoding: base64',
    '',
    Buffer.from(`${text}\r\n`).toString('base64'),
  ]
  if (!attachment) return Buffer.from([...head, ...plain, ''].join('\r\n'))
  const mark = 'part-of-this-message'
  return Buffer.from(
    [
      ...head,
      `Content-Type: multipart/mixed; boundary="${mark}"`,
      '',
      `--${mark}`,
      ...plain,
      `--${mark}`,
      `Content-Type: ${attachment.type}; name="${attachment.name}"`,
      `Content-Disposition: attachment; filename="${attachment.name}"`,
      'Content-Transfer-Encoding: base64',
      '',
      Buffer.from(attachment.text).toString('base64'),
      `--${mark}--`,
      '',
    ].join('\r\n'),
  )
}
