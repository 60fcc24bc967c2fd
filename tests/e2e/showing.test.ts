import { expect, test } from '@playwright/test'
import { setAsTiff } from '../support/fax'
import { bottomLine, bringIn, makeFolders, newPerson, openFolder, documentRow, choose } from './person'

test('a folder is shown as sheets, under headings, with other columns, and stays so', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Post'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    { name: 'dues.txt', text: 'Quarterly dues\nfor the berth' },
    { name: 'tides.csv', text: 'Day,High\n1,3.2' },
    { name: 'lease.txt', text: 'Berth lease' },
    { name: 'notice.md', text: '# Notice\n\nto all' },
  ])
  await expect(documentRow(page, 'tides')).toBeVisible()

  // Sheets, by the keyboard as well.
  await page.getByRole('button', { name: 'Sheets' }).click()
  const sheets = page.getByRole('grid', { name: 'Documents' })
  await expect(sheets.getByRole('row')).toHaveCount(4)
  await expect(sheets.locator('img')).toHaveCount(4)
  await documentRow(page, 'dues').click()
  await page.keyboard.press('ArrowRight')
  await expect(documentRow(page, 'lease')).toHaveAttribute('aria-selected', 'true')
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('s')
  await expect(bottomLine(page)).toHaveText('Starred “dues”')
  await page.keyboard.press('End')
  await page.keyboard.press('Shift+ArrowLeft')
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('2 documents')
  await page.keyboard.press('Escape')

  // Under headings, in rows again.
  await choose(page.getByLabel('Headings'), 'By type')
  await expect(sheets.getByRole('heading', { level: 2 })).toHaveText(['Table', 'Plain text'])
  await page.getByRole('button', { name: 'Rows' }).click()
  await expect(sheets.getByRole('heading', { level: 2 })).toHaveText(['Table', 'Plain text'])
  await expect(sheets.locator('[data-key]')).toHaveCount(4)

  // Another column, further to the left, wider.
  const names = () =>
    page
      .locator('[data-column]')
      .allTextContents()
      .then(all => all.map(text => text.replace(/[^A-Za-z ]/g, '').trim()))
  await page.getByRole('button', { name: 'Columns' }).click()
  await page.getByRole('group', { name: 'Columns' }).getByLabel('Way in').check()
  await page.getByRole('button', { name: 'Way in: further to the left' }).click()
  await page.keyboard.press('Escape')
  expect(await names()).toEqual(['Type', 'Changed', 'Way in', 'Size'])
  await expect(documentRow(page, 'tides')).toContainText('Upload')
  const edge = page.getByRole('separator', { name: 'Width of Way in' })
  await edge.focus()
  await page.keyboard.press('ArrowLeft')
  await expect(edge).toHaveAttribute('aria-valuenow', '88')
  await page.getByRole('button', { name: 'Size', exact: true }).focus()
  await page.keyboard.press('Alt+ArrowLeft')
  expect(await names()).toEqual(['Type', 'Changed', 'Size', 'Way in'])

  // It stays so, for this folder.
  await page.reload()
  await expect(sheets.getByRole('heading', { level: 2 })).toHaveText(['Table', 'Plain text'])
  expect(await names()).toEqual(['Type', 'Changed', 'Size', 'Way in'])
  await openFolder(page, 'Post')
  await bringIn(page, [{ name: 'letter.txt', text: 'a' }])
  await expect(documentRow(page, 'letter')).toBeVisible()
  await expect(page.getByLabel('Headings')).toHaveValue('No headings')
})

test('tags that documents like it carry are offered, and sound is played', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Dues'])
  await openFolder(page, 'Dues')
  await bringIn(
    page,
    ['4', '9', '12'].map(berth => ({ name: `Invoice berth ${berth}.txt`, text: berth })),
  )
  for (const berth of ['4', '9']) {
    await documentRow(page, `Invoice berth ${berth}`).click()
    await expect(page.getByLabel('Card').getByRole('heading', { name: `Invoice berth ${berth}` })).toBeVisible()
    await page.getByLabel('Add a tag').fill('quarterly')
    await page.keyboard.press('Enter')
    await expect(bottomLine(page)).toHaveText(`Tagged “Invoice berth ${berth}” with “quarterly”`)
    await page.keyboard.press('Escape')
  }
  await documentRow(page, 'Invoice berth 12').click()
  await page.getByRole('button', { name: /^Put on the tag quarterly, as on/ }).click()
  await expect(bottomLine(page)).toHaveText('Tagged “Invoice berth 12” with “quarterly”')
  await expect(page.getByRole('button', { name: 'Take the tag quarterly off' })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Put on the tag/ })).toHaveCount(0)

  await page
    .getByLabel('Files to bring in')
    .setInputFiles([{ name: 'foghorn.wav', mimeType: 'audio/wav', buffer: silence() }])
  await documentRow(page, 'foghorn').click()
  const player = page.getByLabel('Card').locator('audio')
  await expect(player).toBeVisible()
  await expect.poll(() => player.evaluate((audio: HTMLAudioElement) => audio.duration)).toBeCloseTo(0.5, 1)
})

/** Half a second of nothing, 8,000 samples a second (WAVE, PCM of 8 bits). */
function silence(): Buffer {
  const samples = Buffer.alloc(4000, 128)
  const head = Buffer.alloc(44)
  head.write('RIFF', 0)
  head.writeUInt32LE(36 + samples.length, 4)
  head.write('WAVEfmt ', 8)
  head.writeUInt32LE(16, 16)
  head.writeUInt16LE(1, 20)
  head.writeUInt16LE(1, 22)
  head.writeUInt32LE(8000, 24)
  head.writeUInt32LE(8000, 28)
  head.writeUInt16LE(1, 32)
  head.writeUInt16LE(8, 34)
  head.write('data', 36)
  head.writeUInt32LE(samples.length, 40)
  return Buffer.concat([head, samples])
}

test('a fax of two pages is shown page by page, with what is sought marked where it was recognised', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Faxes'])
  await openFolder(page, 'Faxes')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles({
      name: 'fax.tif',
      mimeType: 'image/tiff',
      buffer: await setAsTiff(['Harbour dues for 2027', 'Ferry timetable']),
    })
  await documentRow(page, 'fax').click()
  const card = page.getByRole('complementary', { name: 'Card' })
  await expect(card.getByRole('img', { name: 'fax' })).toBeVisible()
  await expect(card.getByText('found by what is in it')).toBeVisible({ timeout: 60_000 })
  await documentRow(page, 'fax').dblclick()
  await expect(page.getByRole('img', { name: 'fax, page 2' })).toBeVisible()
  await page.getByLabel('Find inside').fill('timetable')
  const hit = page.locator('[data-page="2"] [data-hit]')
  await expect(hit).toHaveCount(1)
  await expect(page.locator('[data-page="1"] [data-hit]')).toHaveCount(0)
  // The mark lies on the picture of its page.
  await expect
    .poll(() =>
      page.locator('[data-page="2"]').evaluate(sheet => {
        const [mark, picture] = [sheet.querySelector('[data-hit]'), sheet.querySelector('img')]
        if (!mark || !picture) return 'no mark, or no picture'
        const [inner, outer] = [mark.getBoundingClientRect(), picture.getBoundingClientRect()]
        const isWithin =
          inner.left > outer.left && inner.right < outer.right && inner.top > outer.top && inner.bottom < outer.bottom
        return isWithin ? 'within' : 'beside'
      }),
    )
    .toBe('within')
  await choose(page.getByLabel('To a page'), /^2 · 1 hit$/)
  await expect(hit).toBeInViewport()
})
