// From half a memory to the page; rules by pointing; kept searches; tags on many; a bundle as one ZIP; finding inside.

import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import {
  bottomLine,
  bringIn,
  choose,
  documentRow,
  makeFolders,
  newPerson,
  openDemo,
  openFolder,
  treeRow,
} from './person'

const found = (page: Page) => page.getByRole('grid', { name: 'Found documents' }).getByRole('row')
const field = (page: Page) => page.getByLabel('Find in names and contents')
// A memo in the reader may have headings of its own below.
const reader = (page: Page, name: RegExp) => page.getByRole('heading', { level: 1, name }).first()

async function withPapers(page: Page): Promise<void> {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Class'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    {
      name: 'Lease of berth seven.md',
      text: '# Lease\n\nThe shore power is metered at cost price. The tenant pays the harbour.',
    },
    {
      name: 'Notice 2026-03-04.txt',
      text: 'Power from the shore is off on Monday, said the harbour master to all of the tenants.',
    },
    { name: 'Readings.csv', text: 'berth,units\n7,120\n' },
  ])
  await expect(documentRow(page, 'Readings')).toBeVisible()
  await page.goto('/find?q=power')
  await expect(found(page)).toHaveCount(2)
}

test('five halves of a memory lead to the page', async ({ page }) => {
  await openDemo(page)
  await test.step('a folder by a name with a slip', async () => {
    await page.keyboard.press('/')
    const find = page.getByRole('combobox', { name: 'Find' })
    await find.fill('berht leases')
    await expect(page.getByRole('option').first()).toContainText('Berth leases')
    await find.press('Enter')
    await expect(page.getByRole('heading', { level: 1, name: /Berth leases/ })).toBeVisible()
  })
  await test.step('another form of a word inside', async () => {
    await page.goto('/find')
    await field(page).fill('invoices quarters')
    await expect(found(page).first()).toBeVisible()
    await field(page).press('Enter')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('toolbar', { name: 'Reader' })).toBeVisible()
    await expect(page.getByLabel('Find inside')).toHaveValue('invoices quarters')
  })
  await test.step('a slip inside, and what is shown instead', async () => {
    await page.goto('/find')
    await field(page).fill('insurnace')
    await expect(page.getByText('Showing insurance')).toBeVisible()
    await expect(found(page).first()).toBeVisible()
  })
  await test.step('that it was a picture', async () => {
    await page.goto('/find')
    await page.getByLabel('Picture or scan', { exact: true }).check()
    await expect(found(page).first()).toBeVisible()
    await expect(page).toHaveURL(/types=picture/)
  })
  await test.step('roughly when, and that it was a table', async () => {
    await page.goto('/find')
    await page.getByLabel('last 12 months').check()
    await page.getByLabel('Table', { exact: true }).check()
    await found(page).first().dblclick()
    await expect(page.getByRole('toolbar', { name: 'Reader' })).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page).toHaveURL(/last=12-month/)
  })
})

test('rules are made by pointing, say what they find, and which one leaves nothing', async ({ page }) => {
  await withPapers(page)
  await field(page).fill('')
  await page.getByRole('button', { name: 'Rules…' }).click()
  const rules = page.getByRole('group', { name: /Rules/ })
  await rules.getByLabel('Text', { exact: true }).fill('lease')
  await rules.getByLabel('Text', { exact: true }).press('Enter')
  await expect(found(page)).toHaveCount(1)
  await rules.getByRole('button', { name: 'Add a rule' }).click()
  await choose(rules.getByLabel('What the rule is about').nth(1), 'Type')
  await expect(page.getByText('This leaves nothing. Without it: 1.')).toHaveCount(1)
  await choose(rules.getByLabel('How the rules go together'), 'any of these')
  await expect(found(page)).toHaveCount(1)
  await expect(page.getByText('as typed: {any {name contains lease} {type pdf}}')).toBeVisible()
  await page.reload()
  await expect(found(page)).toHaveCount(1)
})

test('what is typed in braces becomes rules, and what is not understood is said', async ({ page }) => {
  await withPapers(page)
  await field(page).fill('harbour {type text} -{name contains notice}')
  await expect(field(page)).toHaveValue('harbour')
  await expect(found(page)).toHaveCount(1)
  await expect(found(page).first()).toContainText('Lease of berth seven')
  await field(page).fill('harbour {tag nowhere}')
  await expect(page.getByRole('alert')).toHaveText('Not understood: there is no tag “nowhere”.')
})

test('a search is kept, changed, stays current in another window, and holds nothing', async ({ page, context }) => {
  await withPapers(page)
  await page.getByRole('button', { name: 'Keep this search…' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Name', { exact: true }).fill('About power')
  await choose(dialog.getByLabel('Shown in the plan'), '1 Office')
  await dialog.getByRole('button', { name: 'Keep it' }).click()
  await expect(bottomLine(page)).toHaveText('Kept the search “About power” in 1 Office')
  const other = await context.newPage()
  await other.goto('/plan')
  const kept = other.getByRole('navigation', { name: 'Short list' }).getByRole('link', { name: /About power/ })
  await expect(kept).toContainText('2')
  await page.goto('/plan')
  await openFolder(page, 'Office')
  await expect(page.getByRole('list', { name: 'Kept searches shown here' })).toContainText('About power')
  await bringIn(page, [{ name: 'More power.txt', text: 'x' }])
  await expect(kept).toContainText('3')
  await kept.click()
  await expect(found(other)).toHaveCount(3)
  await other.getByLabel('last 7 days').check()
  await expect(other).toHaveURL(/last=7-day.*kept=/)
  await other.getByRole('button', { name: 'Change “About power”…' }).click()
  await expect(other.getByRole('button', { name: 'call it “power, changed last 7 days”' })).toBeVisible()
  await other.getByLabel('Name', { exact: true }).fill('All about power')
  await other.getByRole('button', { name: 'Change it' }).click()
  await expect(page.getByRole('list', { name: 'Kept searches shown here' })).toContainText('All about power')
})

test('many are tagged at once; a tag on some of them shows so', async ({ page }) => {
  await withPapers(page)
  await page.goto('/plan')
  await openFolder(page, 'Office')
  const card = page.getByRole('complementary', { name: 'Card' })
  await documentRow(page, 'Notice').click()
  await expect(card.getByRole('heading', { name: /Notice/ })).toBeVisible()
  await card.getByLabel('Add a tag').fill('signed')
  await card.getByLabel('Add a tag').press('Enter')
  await expect(bottomLine(page)).toHaveText(/Tagged “Notice 2026-03-04” with “signed”/)
  await expect(documentRow(page, 'Notice')).toContainText('signed')
  await documentRow(page, 'Notice').click()
  await page.keyboard.press('Control+a')
  await expect(card).toContainText('3 documents')
  await expect(card.getByTitle('on some of them')).toContainText('signed')
  await card.getByLabel('Add a tag').fill('harbour')
  await card.getByLabel('Add a tag').press('Enter')
  await expect(bottomLine(page)).toHaveText('Tagged 3 documents with “harbour”')
  await expect(documentRow(page, 'Readings')).toContainText('harbour')
  await card.getByLabel('Add a tag').fill('signd')
  await expect(card.getByRole('option', { name: /signed.*did you mean this/ })).toBeVisible()
})

test('a bundle is made from a selection, put in order, and downloaded as one ZIP', async ({ page }) => {
  await withPapers(page)
  await found(page).first().click()
  await page.keyboard.press('Control+a')
  await page.keyboard.press('b')
  await page.getByLabel('Name of a new bundle').fill('For Monday')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('New bundle “For Monday” of 2 documents')
  await page.goto('/desk')
  await page.getByRole('link', { name: 'For Monday' }).click()
  await expect(reader(page, /For Monday/)).toBeVisible()
  const rows = page.getByRole('grid', { name: 'Documents' }).getByRole('row', { name: /Lease|Notice/ })
  const first = (await rows.first().textContent()) ?? ''
  await rows.first().click()
  await page.keyboard.press('Alt+ArrowDown')
  await expect(rows.last()).toHaveText(new RegExp(/Lease|Notice/.exec(first)?.[0] ?? ''))
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Download as one ZIP' }).click()
  const file = await download
  expect(file.suggestedFilename()).toBe('For Monday.zip')
  expect(
    readFileSync(await file.path())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK')
})

test('the reader finds inside, goes from hit to hit, and on to the next of the list', async ({ page }) => {
  await withPapers(page)
  await found(page).first().click()
  const name = (await found(page).first().textContent()) ?? ''
  await expect(page.getByRole('complementary', { name: 'Card' }).getByText(/\d hits?/)).toBeVisible()
  await page.keyboard.press('Enter')
  const bar = page.getByRole('toolbar', { name: 'Reader' })
  await expect(bar.getByRole('status')).toHaveText(/^1 of \d$/)
  await page.getByLabel('Find inside').fill('tenants')
  await expect(bar.getByRole('status')).toHaveText('1 hit')
  await page.getByLabel('Find inside').press('Escape')
  await page.getByLabel('Find inside').press('Escape')
  await page.keyboard.press('n')
  await expect(reader(page, /Lease|Notice/)).not.toHaveText(/Lease/.test(name) ? /Lease/ : /Notice/)
  await page.goto('/recent')
  await expect(page.getByRole('grid', { name: 'Documents' }).getByRole('row', { name: /opened/ })).toHaveCount(2)
})

test('what a search finds becomes a folder with a name and a place of its own', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Class'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    { name: 'lease north.txt', text: 'a lease' },
    { name: 'lease south.txt', text: 'a lease' },
    { name: 'minutes.txt', text: 'no such word' },
  ])
  await expect(documentRow(page, 'minutes')).toBeVisible()
  await page.goto('/find?q=lease')
  await expect(page.getByRole('grid', { name: 'Found documents' }).getByRole('row')).toHaveCount(2)
  await page.getByRole('button', { name: 'Make a folder of it…' }).click()
  const sheet = page.getByRole('dialog', { name: 'Make a folder of this search' })
  await expect(sheet.getByLabel('Name of the folder')).toHaveValue('lease')
  await sheet.getByLabel('Name of the folder').fill('All leases')
  await sheet.getByLabel('Where the folder goes').fill('class')
  await page.getByRole('option', { name: /Class/ }).click()
  await sheet.getByText('move there').click()
  await sheet.getByRole('button', { name: /Make the folder/ }).click()
  await expect(page.getByRole('heading', { level: 1, name: 'All leases' })).toBeVisible()
  await expect(treeRow(page, 'All leases')).toContainText('2.1')
  await expect(documentRow(page, 'lease south')).toBeVisible()
})
