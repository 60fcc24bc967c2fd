// A colleague who hands papers and folders over, as copies or as pointers (links) to the originals, which stay theirs.
// This one makes them up; a real one would be another account.

import { writeUriList } from '../../core/formats/index'
import { nameFromFile } from '../../core/plan/index'
import type { ArrivalSource, ArrivingFile } from '../services/arrivals/takeIn'

interface Paper {
  readonly name: string
  readonly text: string
}

const PAPERS: readonly Paper[] = [
  {
    name: 'Handout reef knot.md',
    text:
      '# Handout: the reef knot\n\nLeft over right, right over left. It joins two ends of the same line, and ' +
      'no others.\n',
  },
  {
    name: 'Lesson plan splice.md',
    text: '# The eye splice\n\nLearners unlay three strands, tuck each one against the lay, and compare.\n',
  },
  { name: 'Attendance autumn.csv', text: 'Learner,Week 1,Week 2\r\nOne,yes,yes\r\nTwo,no,yes\r\n' },
]
const [SENDER, FOLDER] = ['the evening school', 'Evening school papers']
const AT_A_TIME = 2

export interface ColleagueRequest {
  readonly as: 'copies' | 'pointers'
  /** A whole folder with the papers in it, and not two loose papers. */
  readonly folder: boolean
}

export const colleague: ArrivalSource<ColleagueRequest> = {
  fetch({ now }, { as, folder }) {
    const turn = Math.floor(now.getTime() / 1000)
    const papers = folder
      ? PAPERS
      : PAPERS.filter((_, index) => (index - (turn % PAPERS.length) + PAPERS.length) % PAPERS.length < AT_A_TIME)
    return Promise.resolve([
      {
        key: null,
        sender: SENDER,
        folder: folder ? FOLDER : null,
        files: papers.map(paper => fileOf(paper, as, now.toISOString())),
      },
    ])
  },
}

function fileOf({ name, text }: Paper, as: ColleagueRequest['as'], changedAt: string): ArrivingFile {
  if (as === 'copies') return { fileName: name, content: Buffer.from(text), changedAt, origin: 'colleague' }
  const pointer = writeUriList({
    address: `https://evening.example/papers/${encodeURIComponent(name)}`,
    title: name,
    remark: `Belongs to ${SENDER}`,
  })
  return { fileName: `${nameFromFile(name).name}.uri`, content: Buffer.from(pointer), changedAt, origin: 'colleague' }
}
