// The folders of the demo plan, and which papers lie in each.

import { OFFICE_AND_CLASS } from './outlineOffice'
import type { DemoFolder, Run } from './runs'
import { DUES, LEASE, LETTER, run } from './runs'
import type { Subject } from './texts'

export const OUTLINE: readonly DemoFolder[] = [
  ...OFFICE_AND_CLASS,
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
