// A colleague who hands documents and folders over. This one makes them up; a real one would be another account.

import type { HandedOver } from '../services/arrivals/takeHandedOver'

export interface Colleague {
  /** Papers that they hand over now. */
  handedOver(): Promise<readonly HandedOver[]>
  /** A folder of theirs, with the papers in it. */
  folder(): Promise<HandedOver>
}

const PAPERS = [
  { name: 'Handout reef knot.md', text: '# Handout: the reef knot\n\nLeft over right, right over left. It joins two ends of the same line, and no others.\n' },
  { name: 'Lesson plan splice.md', text: '# The eye splice\n\nLearners unlay three strands, tuck each one against the lay, and compare.\n' },
  { name: 'Attendance autumn.csv', text: 'Learner,Week 1,Week 2\r\nOne,yes,yes\r\nTwo,no,yes\r\n' },
] as const
const FROM = 'the evening school'

/** Two papers at a time, as of now. */
export function simulatedColleague(now: Date): Colleague {
  const turn = Math.floor(now.getTime() / 1000)
  const file = ({ name, text }: (typeof PAPERS)[number]) => ({ name, bytes: Buffer.from(text), changedAt: now.toISOString(), address: `https://evening.example/papers/${encodeURIComponent(name)}` })
  return {
    handedOver: () => Promise.resolve([{ from: FROM, folder: null, files: [0, 1].flatMap((index) => { const paper = PAPERS[(turn + index) % PAPERS.length]; return paper ? [file(paper)] : [] }) }]),
    folder: () => Promise.resolve({ from: FROM, folder: 'Evening school papers', files: PAPERS.map(file) }),
  }
}
