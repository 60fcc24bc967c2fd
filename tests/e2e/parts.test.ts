// Documents that are made of parts: sheets, messages. A hit says in which one, the reader shows it there, and what a
// mailbox holds can be made documents.

import { expect, test } from '@playwright/test'
import ExcelJS from 'exceljs'
import { bottomLine, documentRow, makeFolders, newPerson, openFolder, unfold } from './person'

async function workbook(): Promise<Buffer> {
  const book = new ExcelJS.Workbook()
  for (const name of ['Budget', 'Dues', 'Quays']) {
    const sheet = book.addWorksheet(name)
    for (let row = 1; row <= 150; row++) sheet.addRow([`${name} ${row}`, row * 12.5])
  }
  book.getWorksheet('Dues')?.addRow(['Capstan & Sons', 77])
  return Buffer.from(await book.xlsx.writeBuffer())
}

const mailbox = ['the winch', 'the quay', 'the ropes', 'the slipway']
  .map(
    subject =>
      `From a@b Mon Mar  2 10:00:00 2026\nSubject: About ${subject}\nFrom: Ada <a@b.example>\n\nDear board\n\n`,
  )
  .join('')

test('a hit in a table says its sheet, the reader goes to its row, and tabs lead to the other sheets', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Harbour'])
  await openFolder(page, 'Harbour')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles([{ name: 'dues of the harbour.xlsx', mimeType: 'application/x', buffer: await workbook() }])
  await documentRow(page, 'dues of the harbour').click()
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('3 sheets')
  await page.goto('/find?q=capstan')
  const hit = page.getByRole('row', { name: /dues of the harbour/ })
  await expect(hit).toContainText('sheet Dues')
  await hit.dblclick()
  await expect(page.getByRole('cell', { name: 'Capstan & Sons' })).toBeInViewport()
  await page.getByRole('tab', { name: 'Budget' }).click()
  await expect(page.getByRole('cell', { name: 'Budget 1', exact: true })).toBeInViewport()
})

test('the messages of a mailbox become documents with one key, and go again with Undo', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Board'])
  await openFolder(page, 'Board')
  await page
    .getByLabel('Files to bring in')
    .setInputFiles([{ name: 'board mail.mbox', mimeType: 'application/mbox', buffer: Buffer.from(mailbox) }])
  await documentRow(page, 'board mail').click()
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('4 messages')
  await page.keyboard.press('k')
  await expect(bottomLine(page)).toContainText('4 documents')
  await unfold(page, 'Board')
  await openFolder(page, 'board mail')
  await expect(documentRow(page, 'About the winch')).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(bottomLine(page)).toContainText('Undid')
  await expect(documentRow(page, 'About the winch')).toHaveCount(0)
})
