import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, hold, makeFolders, newPerson, openDemo, openFolder, documentRow, treeRow } from './person'

const found = (page: Page) => page.getByRole('grid', { name: 'Found documents' }).getByRole('row')
const sum = (page: Page) => page.locator('main [role=status]', { hasText: /document/ })

/** A person with a folder "Office" that holds papers whose words are known. */
async function withPapers(page: Page): Promise<void> {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Class'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    { name: 'Lease of berth seven.md', text: '# Lease\n\nThe shore power is metered at cost price.' },
    { name: 'Notice.txt', text: 'Power from the shore is off on Monday.' },
    { name: 'Readings.csv', text: 'berth,units\n7,120\n' },
  ])
  await expect(documentRow(page, 'Readings')).toBeVisible()
  await page.goto('/find?q=power')
  await expect(found(page)).toHaveCount(2)
}

test('words, quotes and minus find what they say', async ({ page }) => {
  await withPapers(page)
  const field = page.getByLabel('Find in names and contents')
  await field.fill('"shore power"')
  await expect(found(page)).toHaveCount(1)
  await expect(found(page).first()).toContainText('Lease of berth seven')
  await field.fill('power -metered')
  await expect(found(page)).toHaveCount(1)
  await expect(found(page).first()).toContainText('Notice')
  await field.fill('berth')
  await expect(found(page)).toHaveCount(2)
  await expect(found(page).first()).toContainText('in the name')
  await field.fill('submarine')
  await expect(page.getByRole('heading', { name: 'Nothing is found' })).toBeVisible()
  await field.press('Escape')
  await expect(page.getByRole('heading', { name: 'Half a memory is enough' })).toBeVisible()
})

test('a search that finds nothing says what asks one thing too many', async ({ page }) => {
  await withPapers(page)
  const field = page.getByLabel('Find in names and contents')
  const less = page.getByRole('list', { name: 'One thing less' }).getByRole('listitem')
  await field.fill('"shore Monday"')
  await expect(less).toHaveText([/“shore Monday” not as a phrase, its words anywhere\s*1 document$/])
  await less.getByRole('button').click()
  await expect(found(page)).toHaveCount(1)
  await expect(field).toHaveValue('shore Monday')
  await field.fill('power submarine')
  await expect(less).toHaveText([/without “submarine”\s*2 documents$/])
  await page.goto('/find?q=power&types=table')
  await less.getByRole('button', { name: 'of any type' }).press('Enter')
  await expect(found(page)).toHaveCount(2)
  await page.goBack()
  await expect(page.getByRole('heading', { name: 'Nothing is found' })).toBeVisible()
})

test('narrowing by type, place and star works together, lives in the address and can be dropped at once', async ({
  page,
}) => {
  await withPapers(page)
  await page.getByLabel('Plain text', { exact: true }).check()
  await expect(found(page)).toHaveCount(2)
  await found(page).filter({ hasText: 'Notice' }).getByRole('button', { name: /Star/ }).click()
  await page.getByLabel('with a star', { exact: true }).check()
  await expect(found(page)).toHaveCount(1)
  await page.getByLabel('In this folder and below').getByLabel('1 Office', { exact: true }).check()
  await expect(page).toHaveURL(/places=/)
  await expect(found(page)).toHaveCount(1)
  await page.reload()
  await expect(found(page)).toHaveCount(1)
  await expect(page.getByLabel('In this folder and below').getByLabel('1 Office', { exact: true })).toBeChecked()
  await page.getByRole('button', { name: 'Without: in one folder' }).click()
  await expect(page.getByRole('heading', { name: 'Nothing is found' })).toBeVisible()
  await page.getByRole('button', { name: 'Search everywhere', exact: true }).click()
  await expect(found(page)).toHaveCount(2)
})

test('results are acted on like any list: star, move, Trash, undo', async ({ page }) => {
  await withPapers(page)
  await found(page).first().click()
  await page.keyboard.press('Control+a')
  await page.keyboard.press('m')
  await page.getByLabel('Narrow the folders').fill('class')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Moved 2 documents to 2 Class')
  await expect(found(page).first()).toContainText('2 Class')
  await found(page).first().click()
  await page.keyboard.press('Delete')
  await expect(found(page)).toHaveCount(1)
  await page.keyboard.press('Control+z')
  await expect(found(page)).toHaveCount(2)
  await expect(sum(page)).toContainText('2 documents')
})

test('a branch opens when something is held over it, and takes what is dropped', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Other'])
  await openFolder(page, 'Office')
  await makeFolders(page, ['Deep'])
  await openFolder(page, 'Other')
  await page.getByRole('button', { name: 'Close Office' }).click()
  await expect(treeRow(page, 'Deep')).toHaveCount(0)
  await bringIn(page, [{ name: 'Paper.txt', text: 'x' }])
  await expect(documentRow(page, 'Paper')).toBeVisible()
  await hold(page, documentRow(page, 'Paper'), treeRow(page, 'Office'))
  await expect(treeRow(page, 'Deep')).toBeVisible()
  const deep = await treeRow(page, 'Deep').boundingBox()
  if (!deep) throw new Error('Nothing to drop on.')
  await page.mouse.move(deep.x + 120, deep.y + 14, { steps: 4 })
  await expect(page.getByText('Move “Paper” to 1.1 Deep')).toBeVisible()
  await page.mouse.up()
  await expect(bottomLine(page)).toHaveText('Moved “Paper” to 1.1 Deep')
})

test('a list of documents sorts by its columns, naturally by name, and selects with Shift and Ctrl', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(
    page,
    ['Week 10', 'Week 2', 'Week 1'].map((name, index) => ({
      name: `${name}.txt`,
      text: 'x'.repeat(10 + index * 1000),
    })),
  )
  const names = page.getByRole('grid', { name: 'Documents' }).getByRole('row', { name: /Week/ })
  await expect(names).toHaveText([/Week 1(?!0)/, /Week 2/, /Week 10/])
  await page.getByRole('columnheader', { name: /Size/ }).click()
  await expect(page.getByRole('columnheader', { name: /Size/ })).toHaveAttribute('aria-sort', 'descending')
  await page.getByRole('columnheader', { name: /Size/ }).click()
  await expect(names).toHaveText([/Week 10/, /Week 2/, /Week 1(?!0)/])
  await names.nth(0).click()
  await names.nth(2).click({ modifiers: ['Shift'] })
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('3 documents')
  await names.nth(1).click({ modifiers: ['Control'] })
  await expect(page.getByRole('complementary', { name: 'Card' })).toContainText('2 documents')
})

test('the find field leads to the Find page with what was typed, and folders open from it', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('/')
  const field = page.getByRole('combobox', { name: 'Find' })
  await field.fill('berth leases')
  await field.press('ArrowDown')
  await field.press('ArrowUp')
  await field.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /Berth leases/ })).toBeVisible()
  await page.keyboard.press('/')
  await field.fill('certificate of insurance')
  await page.getByRole('option', { name: /inside documents as well/ }).click()
  await expect(page).toHaveURL(/\/find\?q=certificate/)
})
