// What a person waits for all day, at the route: pages of folders, cards, and finding.

import { seeded } from '../../demo/random'
import { rows } from '../../server/db/client'
import type { Client } from '../support/client'
import { fetchByIds } from './generate'
import type { Figure } from './measure'
import { timings } from './measure'

export interface Generated {
  readonly planId: string
  readonly folderIds: readonly string[]
  readonly names: readonly string[]
  readonly bodies: readonly string[]
}

const many = <T>(make: () => T, count = 220) => Array.from({ length: count }, make)
const q = (text: string) => encodeURIComponent(text)

export async function reads(client: Client, { planId, folderIds }: Generated): Promise<Figure[]> {
  const random = seeded(99)
  const ids = (
    await rows<{ id: string }>(null, 'SELECT id FROM document WHERE plan_id = $1 ORDER BY id LIMIT 5000', [planId])
  ).map(found => found.id)
  const get = (path: string) => client.get(path)
  return [
    await timings(
      'floor: 100 rows by id, plain SQL',
      many(() => random.some(ids, 100)),
      some => fetchByIds(planId, some),
    ),
    await timings(
      'floor: the smallest route (/api/health)',
      many(() => ''),
      () => get('/api/health'),
    ),
    await timings(
      'folder page: first 200 rows of its list',
      many(() => random.pick(folderIds)),
      id => get(`/api/documents?folder=${id}&limit=200`),
    ),
    await timings(
      'folder page: first 200 of 2,000 rows, by name',
      many(() => folderIds[0]),
      id => get(`/api/documents?folder=${id}&limit=200`),
    ),
    await timings(
      'outline: folders, codes’ data, colours, counts',
      many(() => '', 60),
      () => get('/api/plan'),
    ),
    await timings(
      'document card',
      many(() => random.pick(ids)),
      id => get(`/api/documents/${id}`),
    ),
  ]
}

export async function finds(client: Client, { folderIds, names, bodies }: Generated): Promise<Figure[]> {
  const random = seeded(98)
  const get = (path: string) => client.get(path)
  const nameWord = () => random.pick(random.pick(names).split(' '))
  const bodyWord = () => random.pick(random.pick(bodies).split(' '))
  const typo = (word: string) => (word.length < 4 ? word : word.slice(0, 2) + word[3] + word[2] + word.slice(4))
  return [
    await timings(
      'find as you type: 1 to 2 letters',
      many(() => nameWord().slice(0, random.int(1, 2))),
      text => get(`/api/find/names?q=${q(text)}`),
    ),
    await timings(
      'find as you type: 3 letters to a word',
      many(() => {
        const word = nameWord()
        return word.slice(0, random.int(3, Math.max(3, word.length)))
      }),
      text => get(`/api/find/names?q=${q(text)}`),
    ),
    await timings(
      'find as you type: two words',
      many(() => `${nameWord()} ${nameWord().slice(0, 3)}`),
      text => get(`/api/find/names?q=${q(text)}`),
    ),
    await timings(
      'find as you type: with a typing error',
      many(() => typo(nameWord())),
      text => get(`/api/find/names?q=${q(text)}`),
    ),
    await timings('full text: one word', many(bodyWord), text => get(`/api/find?q=${q(text)}`)),
    await timings(
      'full text: a very common word',
      many(() => random.pick(['the', 'and', 'for', 'with', 'this'])),
      text => get(`/api/find?q=${q(text)}`),
    ),
    await timings(
      'full text: two words',
      many(() => `${bodyWord()} ${bodyWord()}`),
      text => get(`/api/find?q=${q(text)}`),
    ),
    await timings(
      'full text: a phrase',
      many(() => {
        const words = random.pick(bodies).split(' ')
        const at = random.int(0, words.length - 3)
        return `"${words.slice(at, at + 2).join(' ')}"`
      }),
      text => get(`/api/find?q=${q(text)}`),
    ),
    await timings(
      'full text: one word, in a folder and below',
      many(() => [bodyWord(), random.pick(folderIds)] as const),
      ([text, id]) => get(`/api/find?q=${q(text)}&place=${id}`),
    ),
  ]
}
