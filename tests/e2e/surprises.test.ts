// Acts do what one expects of them, also right after something else.

import { expect, test } from '@playwright/test'
import PDFDocument from 'pdfkit'
import { bottomLine, bringIn, makeFolders, newPerson, openFolder, documentRow, treeRow } from './person'

function pages(texts: readonly string[]): Promise<Buffer> {
  return new Promise(resolve => {
    const parts: Buffer[] = []
    const document = new PDFDocument({ autoFirstPage: false })
    document
      .on('data', (part: Buffer) => parts.push(part))
      .on('end', () => {
        resolve(Buffer.concat(parts))
      })
    for (const text of texts) document.addPage().fontSize(20).text(text)
    document.end()
  })
}

test('emptying the Trash offers no Undo, since it would undo something else', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Post'])
  await treeRow(page, 'Post').click()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.locator('.v-list-item', { hasText: 'Put into Trash' }).click()
  await page.getByRole('link', { name: 'Trash', exact: true }).click()
  await expect(page.getByRole('contentinfo').getByRole('button', { name: 'Undo' })).toBeVisible()
  await page.getByRole('button', { name: 'Empty the Trash' }).click()
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Delete/ })
    .click()
  await expect(bottomLine(page)).toContainText('for good')
  await expect(page.getByRole('contentinfo').getByRole('button', { name: 'Undo' })).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(bottomLine(page)).toContainText('cannot come back. Earlier acts can be undone in History.')
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await expect(treeRow(page, 'Office')).toBeVisible()
})

test('a kept search is deleted where it stands and comes back with Undo; two do not share a name', async ({ page }) => {
  await newPerson(page)
  await page.goto('/desk')
  const largest = page.getByRole('link', { name: /Largest/ })
  await expect(largest).toBeVisible()
  await page.getByRole('button', { name: 'Delete the kept search Largest' }).click()
  await expect(bottomLine(page)).toContainText('Dropped the kept search “Largest”')
  await expect(largest).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(largest).toBeVisible()
  await page.goto('/find?q=berth')
  await page.getByRole('button', { name: 'Keep this search…' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name').fill('largest')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(dialog.getByRole('alert')).toContainText('There is already a kept search “Largest”')
  await dialog.getByLabel('Name').fill('Berths')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await page.getByRole('button', { name: 'Change “Berths”…' }).click()
  await dialog.getByRole('button', { name: 'Delete it' }).click()
  await expect(page.getByRole('button', { name: 'Keep this search…' })).toBeVisible()
})

test('the reader opens a hit on its page and counts those that are not drawn yet', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  const bytes = await pages([
    ...Array.from({ length: 11 }, (_, index) => `Page ${index + 1} about ropes`),
    'The capstan stands here',
    'Ropes again',
    'A second capstan',
  ])
  await page
    .getByLabel('Files to bring in')
    .setInputFiles([{ name: 'manual.pdf', mimeType: 'application/pdf', buffer: bytes }])
  await documentRow(page, 'manual').click()
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('14 pages')
  await page.goto('/find?q=capstan')
  await page.getByRole('row', { name: /manual/ }).click()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: '1 of 2' })).toBeVisible()
  await expect(page.locator('[data-page="12"]')).toBeInViewport()
  await page.getByRole('button', { name: 'Next hit' }).click()
  await expect(page.getByRole('status').filter({ hasText: '2 of 2' })).toBeVisible()
  await expect(page.locator('[data-page="14"]')).toBeInViewport()
})

test('Ctrl+V after a copy puts the copy down once more, and makes no document of the clipboard', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['One', 'Two'])
  await openFolder(page, 'One')
  await bringIn(page, [{ name: 'alpha.txt', text: 'a' }])
  await documentRow(page, 'alpha').click()
  await page.keyboard.press('Control+c')
  await openFolder(page, 'Two')
  await page.keyboard.press('Control+v')
  await expect(page.getByRole('grid', { name: 'Documents' }).locator('[data-key]')).toHaveCount(1)
  await page.keyboard.press('Control+v')
  await expect(page.getByRole('grid', { name: 'Documents' }).locator('[data-key]')).toHaveCount(2)
  await expect(documentRow(page, 'alpha \\(2\\)')).toBeVisible()
})

test('keys act on nothing once the folder itself is chosen', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(page, [{ name: 'alpha.txt', text: 'a' }])
  await documentRow(page, 'alpha').click()
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('alpha')
  await treeRow(page, 'Office').click()
  await expect(documentRow(page, 'alpha')).toHaveAttribute('aria-selected', 'false')
  await page.keyboard.press('Escape')
  await page.locator('h1').click()
  await page.keyboard.press('Delete')
  await expect(documentRow(page, 'alpha')).toBeVisible()
})

test('a person sees their space and sessions, ends the others and changes the password', async ({ page, browser }) => {
  await newPerson(page)
  const email = await page.request
    .get('/api/account')
    .then(async reply => ((await reply.json()) as { email: string }).email)
  const second = await browser.newContext()
  const other = await second.newPage()
  await other.goto('/')
  await other.getByLabel('E-mail address').fill(email)
  await other.getByLabel('Password').fill('a long enough password')
  await other.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(other.getByRole('heading', { name: 'The plan is empty' })).toBeVisible()
  await page
    .getByRole('navigation', { name: 'Beside the plan' })
    .getByRole('button', { name: /My plan/ })
    .click()
  await page.locator('.v-list-item', { hasText: email }).click()
  await expect(page.getByText(/take 0 .{1,5} of 200 GB/)).toBeVisible()
  await page.getByRole('button', { name: 'End all others' }).click()
  await expect(page.getByText('One other session was ended.')).toBeVisible()
  await other.reload()
  await expect(other.getByRole('button', { name: 'Sign in', exact: true })).toBeVisible()
  await second.close()
  await page.getByLabel('Present password').fill('a long enough password')
  await page.getByLabel('New password').fill('password123456')
  await page.getByRole('button', { name: 'Change the password' }).click()
  await expect(page.getByText('This password is easy to guess')).toBeVisible()
  await page.getByLabel('New password').fill('seven grey mooring posts')
  await page.getByRole('button', { name: 'Change the password' }).click()
  await expect(page.getByText('Your password was changed.')).toBeVisible()
})
