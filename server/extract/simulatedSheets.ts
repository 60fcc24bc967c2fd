// Sheets of the simulated scanner: a little skewed, grey, with specks and a darker edge.

import { createCanvas } from '@napi-rs/canvas'

const [WIDTH, HEIGHT, MARGIN] = [1240, 1754, 150]

const SHEETS: readonly (readonly { readonly head: string; readonly lines: readonly string[] }[])[] = [
  [
    {
      head: 'Inspection of the floating pontoon',
      lines: [
        'Inspected on 14 October 2026 by Orla Venn for the quay office.',
        'The pontoon was walked from the gangway to the outer berth.',
        'Two cleats on the inner side are loose and were marked with red tape.',
      ],
    },
    {
      head: 'Findings',
      lines: [
        'Cleat 7: bolt sheared, to be replaced before winter.',
        'Cleat 12: tightened on the spot.',
        'The galvanised chain of the second anchor shows wear of four millimetres.',
      ],
    },
    {
      head: 'What is to be done',
      lines: [
        'Order two cleats of the larger size from the chandlery.',
        'Lift the second anchor with the workboat in November.',
        'Next inspection: April 2027. Signed, O. Venn',
      ],
    },
  ],
  [
    {
      head: 'Boathouse insurance',
      lines: [
        'Policy number 5521-B for the boathouse and the slipway.',
        'The yearly premium is 386.40 and is due on the first of February.',
        'Water damage is covered up to twelve thousand.',
      ],
    },
    {
      head: 'Conditions',
      lines: [
        'The doors are to be locked from dusk to dawn.',
        'Petrol is kept in the steel cabinet only.',
        'Damage is to be told within fourteen days.',
      ],
    },
    {
      head: 'Confirmation',
      lines: [
        'We confirm the cover for the coming year.',
        'Please keep this page with your papers.',
        'Harbour Mutual, 3 March 2026',
      ],
    },
  ],
]

/** The pages (JPEG) of one turn. */
export function simulatedSheets(turn: number): Buffer[] {
  const sheets = SHEETS[turn % SHEETS.length] ?? []
  return sheets.map((sheet, index) => draw(sheet, ((turn + index * 3) % 5) * 0.7 - 1.4))
}

function draw({ head, lines }: { readonly head: string; readonly lines: readonly string[] }, degrees: number): Buffer {
  const canvas = createCanvas(WIDTH, HEIGHT)
  const pen = canvas.getContext('2d')
  pen.fillStyle = '#D9D6CE'
  pen.fillRect(0, 0, WIDTH, HEIGHT)
  pen.translate(WIDTH / 2, HEIGHT / 2)
  pen.rotate((degrees * Math.PI) / 180)
  pen.translate(-WIDTH / 2, -HEIGHT / 2)
  pen.fillStyle = '#34322F'
  pen.font = 'bold 46px serif'
  pen.fillText(head, MARGIN, MARGIN + 60)
  pen.font = '33px serif'
  let y = MARGIN + 120
  for (const line of lines) {
    let words = ''
    for (const word of line.split(' ')) {
      if (pen.measureText(`${words} ${word}`).width > WIDTH - 2 * MARGIN) {
        pen.fillText(words, MARGIN, (y += 50))
        words = word
      } else words = words === '' ? word : `${words} ${word}`
    }
    pen.fillText(words, MARGIN, (y += 50))
    y += 24
  }
  pen.resetTransform()
  pen.fillStyle = '#6B6862'
  for (let speck = 0; speck < 160; speck++) pen.fillRect((speck * 7919) % WIDTH, (speck * 104_729) % HEIGHT, 2, 2)
  pen.fillStyle = 'rgba(60, 58, 54, 0.35)'
  pen.fillRect(WIDTH - 14, 0, 14, HEIGHT)
  return canvas.toBuffer('image/jpeg', 92)
}
