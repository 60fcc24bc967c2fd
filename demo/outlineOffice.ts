// The office and the class of the demo plan: folders, and which papers lie in each.

import type { DemoFolder } from './runs'
import { DUES, LEASE, LETTER, run } from './runs'

export const OFFICE_AND_CLASS: readonly DemoFolder[] = [
  {
    name: 'Quay office',
    meaning: 'quay',
    purpose: 'The daily paperwork of the harbour. One signed paper for each matter; drafts stay in the In-tray.',
    folders: [
      {
        name: 'Berth leases',
        purpose: 'One signed lease per berth, renewals beside it. Drafts stay in the In-tray.',
        papers: [
          LEASE(7, { years: [2026, 2026] }),
          LETTER(2),
          run(1, 'lease', '2026-07-01 Standard lease terms', 'Standard lease terms', ['md'], { length: 13 }),
          run(1, 'lease', '2026-08-30 Waiting list for berths', 'Waiting list for berths', ['xlsx'], { table: 'dues' }),
        ],
        folders: [
          { name: 'North pontoon', papers: [LEASE(10, { berths: [1, 12], years: [2026, 2026] })] },
          {
            name: 'South pontoon',
            papers: [LEASE(9, { berths: [13, 24], years: [2026, 2026] }), LETTER(2, { berths: [13, 24] })],
          },
          { name: 'Notice given', meaning: 'urgent', papers: [LETTER(3)] },
          { name: 'Ended', meaning: 'closed', papers: [LEASE(3, { years: [2024, 2024] })] },
        ],
      },
      {
        name: 'Dues and invoices',
        purpose: 'What the berths owe and what was paid.',
        papers: [
          run(8, 'dues', '{date} Reading of the meters', 'Reading of the meters', ['csv', 'xlsx'], { table: 'dues' }),
        ],
        folders: [
          { name: 'Quarterly dues', papers: [DUES(18, { years: [2026, 2026] })] },
          {
            name: 'Shore power',
            purpose: 'Meters, sockets and what they cost.',
            papers: [
              run(
                8,
                'dues',
                '{date} Shore power, berth {berth}',
                'Shore power for berth {berth}',
                ['csv', 'pdf', 'txt'],
                { table: 'dues' },
              ),
            ],
          },
          {
            name: 'Visitors',
            papers: [
              run(3, 'german', '{date} Anfrage {boat}', 'Anfrage für einen Liegeplatz', ['docx', 'txt']),
              run(3, 'french', '{date} Demande {boat}', 'Demande de place au port', ['odt', 'pdf']),
              run(2, 'spanish', '{date} Solicitud {boat}', 'Solicitud de amarre', ['docx', 'html']),
            ],
          },
        ],
      },
      {
        name: 'Safety notices',
        meaning: 'urgent',
        purpose: 'What hangs on the board, newest first.',
        papers: [run(16, 'safety', '{date} Notice: {notice}', 'Notice: {notice}', ['pdf', 'docx', 'md', 'html'])],
      },
      {
        name: 'Suppliers',
        papers: [run(14, 'supplier', '{date} Offer from {firm}', 'Offer from {firm}', ['pdf', 'html', 'docx', 'txt'])],
      },
      {
        name: 'Meetings',
        purpose: 'Minutes of the quay committee.',
        papers: [
          run(14, 'minutes', '{date} Minutes of the committee', 'Minutes of the quay committee', ['docx', 'md', 'odt']),
        ],
      },
      {
        name: 'Insurance',
        papers: [run(7, 'letter', '{date} Insurance of the {part}', 'Insurance of the {part}', ['pdf', 'docx'])],
      },
      {
        name: 'Scans',
        purpose: 'Pages from the scanner that still have no good name.',
        papers: [run(5, 'letter', 'scan {n}', 'Letter about berth {berth}', ['png'])],
      },
    ],
  },
  {
    name: 'Ropework class',
    meaning: 'teaching',
    purpose: 'Thursday evenings in the boathouse, twelve learners.',
    folders: [
      {
        name: 'Lesson plans',
        purpose: 'One page for each evening.',
        folders: [
          {
            name: 'Autumn term',
            byName: true,
            numbering: { style: '01', joined: true, start: 1, step: 1 },
            papers: [run(2, 'lesson', 'Overview of the autumn term {year}', 'Autumn term {year}', ['md', 'docx'])],
            folders: Array.from({ length: 6 }, (_, index): DemoFolder => ({
              name: `Week ${index + 1}`,
              papers: [
                run(2, 'lesson', 'Week {week}: {knot}'.replace('{week}', String(index + 1)), 'The {knot}', [
                  'docx',
                  'md',
                ]),
              ],
            })),
          },
          {
            name: 'Spring term',
            papers: [run(9, 'lesson', 'Evening {n}: {knot}', 'The {knot}', ['docx', 'odt', 'md'])],
          },
        ],
      },
      {
        name: 'Handouts',
        purpose: 'What the learners take home.',
        link: 'the evening class',
        papers: [
          run(14, 'handout', 'Knots handout: {knot}', 'Handout: the {knot}', ['pdf', 'docx', 'html']),
          run(1, 'handout', 'Knots handout (final)', 'Knots for everybody', ['docx']),
          run(1, 'handout', 'Knots handout (final) (2)', 'Knots for everybody', ['docx']),
        ],
      },
      {
        name: 'Attendance',
        papers: [run(12, 'lesson', '{date} Attendance', 'Attendance', ['csv', 'xlsx'], { table: 'attendance' })],
      },
      { name: 'Photographs', papers: [run(3, 'handout', 'Board {n}', 'The {knot} on the board', ['png'])] },
    ],
  },
]
