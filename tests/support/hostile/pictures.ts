// Pictures of sizes nobody can hold, pages that are their own next one, drawings that use themselves.

import type { HostileFile } from './file'

export function pictures(): HostileFile[] {
  const pngOf = (width: number, height: number) => {
    const header = Buffer.alloc(33)
    Buffer.from('89504e470d0a1a0a0000000d49484452', 'hex').copy(header)
    header.writeUInt32BE(width, 16)
    header.writeUInt32BE(height, 20)
    Buffer.from('0806000000', 'hex').copy(header, 24)
    return Buffer.concat([header, Buffer.from('0000000049454e44ae426082', 'hex')])
  }
  const tiff = Buffer.alloc(26)
  Buffer.from('49492a0008000000', 'hex').copy(tiff)
  tiff.writeUInt16LE(1, 8)
  tiff.writeUInt32LE(8, 22) // its next page is itself
  const svg = (inside: string) =>
    Buffer.from(
      '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="400" ' +
        `height="400">${inside}</svg>`,
    )
  return [
    ...[
      [100_000, 100_000],
      [0, 0],
      [2 ** 31 - 1, 1],
      [1, 2 ** 31 - 1],
      [30_000, 30_000],
    ].map(([width = 0, height = 0], index) => ({ name: `enormous ${index}.png`, bytes: pngOf(width, height) })),
    { name: 'endless.tif', bytes: tiff },
    { name: 'empty head.tif', bytes: Buffer.from('49492a0000000000', 'hex') },
    { name: 'uses itself.svg', bytes: svg('<g id="a"><use xlink:href="#a"/></g>') },
    { name: 'reads files.svg', bytes: svg('<image xlink:href="file:///etc/passwd" width="9" height="9"/>') },
    {
      name: 'blurs.svg',
      bytes: svg(
        `<filter id="f">${'<feGaussianBlur stdDeviation="400"/>'.repeat(60)}</filter><rect width="400" ` +
          'height="400" filter="url(#f)"/>',
      ),
    },
    { name: 'broken.gif', bytes: Buffer.from('474946383961ffffffff800000', 'hex') },
    { name: 'broken.webp', bytes: Buffer.from('52494646ffffffff57454250565038', 'hex') },
    {
      name: 'broken.jpg',
      bytes: Buffer.from('ffd8ffe000104a46494600010100000100010000ffc0001108ffffffff03012200', 'hex'),
    },
  ]
}
