import type { PlaceAct } from '../act'

export const draft: PlaceAct = {
  id: 'draft',
  title: 'Draft the plan, or a branch…',
  part: 'shape',
  words: ({ folder }) => (folder ? 'Draft this branch…' : 'Draft the plan…'),
  run: ({ folder }) => void navigateTo({ path: '/draft', query: { root: folder?.id } }),
}

export const nextPeriod: PlaceAct = {
  id: 'next-period',
  title: 'Next period…',
  part: 'shape',
  applies: ({ folder }) => folder !== null,
  run: ({ folder }) => void navigateTo({ path: '/draft', query: { root: folder?.id } }),
}
