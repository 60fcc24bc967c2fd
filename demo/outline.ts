// The folders of the demo plan, and which papers lie in each.

import type { Numbering } from '../core/numbering/index'
import type { Origin } from '../core/rows/index'
import type { Format } from './papers'
import type { Subject } from './texts'

export const MEANINGS = [
  { key: 'quay', name: 'Quay office', ink: '#44AA99', closed: false },
  { key: 'teaching', name: 'Teaching', ink: '#332288', closed: false },
  { key: 'study', name: 'Study', ink: '#CDB75B', closed: false },
  { key: 'building', name: 'Building', ink: '#AA4499', closed: false },
  { key: 'regatta', name: 'Regatta', ink: '#117733', closed: false },
  { key: 'urgent', name: 'Urgent', ink: '#CC6677', closed: false },
  { key: 'closed', name: 'Closed', ink: '#B7B2A6', closed: true },
] as const
export type MeaningKey = (typeof MEANINGS)[number]['key']

/**
 * A run of papers: how many, about what, called what. In names and titles {n} counts, {date}, {berth}, {boat},
 * {person}, {firm}, {knot}, {month} and {year} are filled.
 */
export interface Run {
  readonly count: number
  readonly subject: Subject
  readonly name: string
  readonly title: string
  readonly formats: readonly Format[]
  readonly table?: 'dues' | 'attendance'
  /** Years of the dates; the three years of the plan unless said. */
  readonly years?: readonly [number, number]
  readonly length?: number
  /** How it arrived, and from whom; an upload unless said. */
  readonly origin?: Origin
  readonly sender?: string
  /** Numbers of the berths; 1 to 24 unless said. */
  readonly berths?: readonly [number, number]
}

export interface DemoFolder {
  readonly name: string
  readonly meaning?: MeaningKey
  readonly purpose?: string
  readonly number?: number
  readonly numbering?: Numbering
  readonly byName?: true
  /** It is given out by a link, for these people. */
  readonly link?: string
  readonly papers?: readonly Run[]
  readonly folders?: readonly DemoFolder[]
}

const run = (
  count: number,
  subject: Subject,
  name: string,
  title: string,
  formats: readonly Format[],
  more: Partial<Run> = {},
): Run => ({ count, subject, name, title, formats, ...more })
const LEASE = (count: number, more: Partial<Run> = {}) =>
  run(
    count,
    'lease',
    '{date} Berth lease, pontoon {berth} (signed)',
    'Berth lease: pontoon {berth}',
    ['pdf', 'pdf', 'docx', 'odt'],
    { length: 13, ...more },
  )
const LETTER = (count: number, more: Partial<Run> = {}) =>
  run(
    count,
    'letter',
    '{date} Letter to berth {berth} about {topic}',
    'Letter to berth {berth} about {topic}',
    ['odt', 'docx', 'pdf'],
    more,
  )
const DUES = (count: number, more: Partial<Run> = {}) =>
  run(count, 'dues', '{date} Invoice, berth {berth}', 'Invoice for berth {berth}', ['pdf', 'pdf', 'docx'], more)

export const OUTLINE: readonly DemoFolder[] = [
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
  {
    name: 'Coastal certificate',
    meaning: 'study',
    purpose: 'For the examination in spring: skipper in coastal waters.',
    folders: [
      {
        name: 'Navigation',
        papers: [run(12, 'navigation', 'Navigation exercise {n}', 'Navigation exercise {n}', ['pdf', 'docx', 'md'])],
        folders: [
          {
            name: 'Tides',
            papers: [run(9, 'navigation', 'Tides, sheet {n}', 'Tides, sheet {n}', ['pdf', 'csv'], { table: 'dues' })],
          },
          { name: 'Charts', papers: [run(2, 'navigation', 'Chart notes {n}', 'Notes on the chart', ['md', 'txt'])] },
        ],
      },
      { name: 'Weather', papers: [run(12, 'weather', 'Weather notes {n}', 'Weather notes {n}', ['md', 'txt', 'odt'])] },
      {
        name: 'Radio',
        papers: [
          run(10, 'radio', 'Radio procedure exercise {n}', 'Radio procedure, exercise {n}', ['odt', 'pdf', 'txt']),
        ],
      },
      {
        name: 'Rules of the road',
        papers: [run(3, 'navigation', 'Rules, card {n}', 'Rules of the road, card {n}', ['md', 'html'])],
      },
      {
        name: 'Past papers',
        numbering: { style: '1', joined: true, start: 2023, step: 1 },
        papers: [
          run(11, 'navigation', 'Past paper {year} {month}', 'Past paper, {month} {year}', ['pdf'], { length: 22 }),
        ],
      },
    ],
  },
  {
    name: 'Boathouse repair',
    meaning: 'building',
    purpose: 'Sill, roof and wiring of the boathouse, one step after the other.',
    folders: [
      {
        name: 'Surveys',
        papers: [run(8, 'repair', '{date} Survey of the {part}', 'Survey of the {part}', ['pdf', 'docx'])],
      },
      {
        name: 'Quotes',
        papers: [run(10, 'repair', '{date} Quote from {firm}', 'Quote from {firm}', ['pdf', 'html', 'docx'])],
      },
      { name: 'Permits', papers: [run(3, 'repair', '{date} Permit for the {part}', 'Permit for the {part}', ['pdf'])] },
      {
        name: 'Wiring',
        papers: [run(8, 'repair', '{date} Wiring of the {part}', 'Wiring of the {part}', ['pdf', 'txt', 'png'])],
      },
      {
        name: 'Site diary',
        purpose: 'One page for each working day.',
        papers: [run(20, 'repair', '{date} Site diary', 'Site diary', ['md', 'txt'])],
      },
      {
        name: 'Stuff',
        papers: [
          run(1, 'minutes', 'notes', 'Notes', ['txt']),
          run(1, 'weather', 'cutting', 'A cutting', ['txt']),
          run(1, 'supplier', 'rope prices', 'Rope prices', ['csv'], { table: 'dues' }),
          run(1, 'regatta', 'cake list', 'Cakes', ['md']),
        ],
      },
    ],
  },
  {
    name: 'Regatta 2027',
    meaning: 'regatta',
    numbering: { style: 'A', joined: true, start: 1, step: 1 },
    purpose: 'The second Saturday in June.',
    folders: [
      {
        name: 'Entries',
        papers: [run(9, 'regatta', 'Entry {boat}', 'Entry of the {boat}', ['pdf', 'txt'], { years: [2026, 2026] })],
      },
      {
        name: 'Courses',
        papers: [run(2, 'regatta', 'Course {n}', 'Course {n}', ['md', 'png'], { years: [2026, 2026] })],
      },
      {
        name: 'Prizes',
        papers: [
          run(2, 'regatta', 'Prize list, draft {n}', 'Prize list', ['odt', 'csv'], {
            table: 'dues',
            years: [2026, 2026],
          }),
        ],
      },
      {
        name: 'Marshals',
        papers: [run(2, 'regatta', 'Marshals, list {n}', 'Marshals', ['docx', 'md'], { years: [2026, 2026] })],
      },
    ],
  },
  {
    name: 'Archive',
    meaning: 'closed',
    number: 9,
    purpose: 'Past years, as they were left.',
    folders: [
      { name: 'Leases 2024', papers: [LEASE(12, { years: [2024, 2024] })] },
      { name: 'Leases 2025', papers: [LEASE(12, { years: [2025, 2025] })] },
      { name: 'Dues 2024', papers: [DUES(14, { years: [2024, 2024] })] },
      { name: 'Dues 2025', papers: [DUES(14, { years: [2025, 2025] })] },
      {
        name: 'Regatta 2025',
        papers: [
          run(4, 'regatta', 'Results {year}, class {n}', 'Results, class {n}', ['pdf', 'csv'], {
            table: 'dues',
            years: [2025, 2025],
          }),
        ],
      },
      {
        name: 'Regatta 2026',
        papers: [
          run(4, 'regatta', 'Results {year}, class {n}', 'Results, class {n}', ['pdf', 'docx'], {
            years: [2026, 2026],
          }),
        ],
      },
      {
        name: 'Old boathouse',
        folders: [
          {
            name: 'Letters',
            folders: [
              {
                name: 'Insurance',
                folders: [
                  { name: 'Flood', folders: [{ name: 'Copies', papers: [LETTER(2, { years: [2024, 2024] })] }] },
                ],
              },
            ],
          },
        ],
      },
    ],
  },
]

/** What waits in the In-tray. */
export const IN_TRAY: readonly Run[] = [
  run(1, 'lease', 'scan 0042', 'Berth lease: pontoon 7', ['pdf'], { length: 13, years: [2026, 2026], origin: 'scan' }),
  run(1, 'letter', 'Re: sockets for the boathouse', 'Re: sockets for the boathouse', ['txt'], {
    years: [2026, 2026],
    origin: 'mail',
    sender: 'Brightwire Electrics <office@brightwire.example>',
  }),
  run(1, 'navigation', 'tide tables 2027', 'Tide tables 2027', ['pdf'], { years: [2026, 2026] }),
  run(1, 'handout', 'Knots handout (final) (2)', 'Knots for everybody', ['docx'], { years: [2026, 2026] }),
  run(1, 'radio', 'Radio procedure exercise 3', 'Radio procedure, exercise 3', ['odt'], {
    years: [2026, 2026],
    origin: 'colleague',
    sender: 'the evening school',
  }),
  run(1, 'dues', 'invoice_88213', 'Invoice 88213', ['pdf'], {
    years: [2026, 2026],
    origin: 'mail',
    sender: 'Harl & Dow Timber <accounts@harldow.example>',
  }),
  run(1, 'repair', 'IMG_2231', 'Sill beam, north corner', ['png'], { years: [2026, 2026] }),
  run(1, 'german', 'Anfrage Sommer', 'Anfrage für den Sommer', ['docx'], { years: [2026, 2026] }),
  run(1, 'french', 'Réservation été', 'Réservation pour l’été', ['odt'], { years: [2026, 2026] }),
  run(1, 'supplier', 'price list ropes', 'Price list of ropes', ['html'], { years: [2026, 2026] }),
  run(1, 'minutes', 'minutes draft', 'Minutes, draft', ['md'], { years: [2026, 2026] }),
  run(1, 'weather', 'Untitled', 'Weather notes', ['txt'], { years: [2026, 2026] }),
]

/** Tags that some papers carry: of which subject, and one in so many, the newest first. */
export const TAGS: readonly {
  readonly name: string
  readonly subject: Subject
  readonly every: number
  readonly most: number
}[] = [
  { name: 'to pay', subject: 'dues', every: 2, most: 9 },
  { name: 'signed', subject: 'lease', every: 1, most: 14 },
  { name: 'needs an answer', subject: 'letter', every: 3, most: 4 },
  { name: 'for the committee', subject: 'minutes', every: 2, most: 6 },
]
