import { expect, test } from '@playwright/test'
import {
  bottomLine,
  bringIn,
  hold,
  makeFolders,
  newPerson,
  openDemo,
  openFolder,
  documentRow,
  signUp,
  treeRow,
} from './person'

test('a plan is built, filed into and searched with the keyboard, and everything is taken back', async ({ page }) => {
  await signUp(page)
  await makeFolders(page, ['Office', 'Class'])
  await expect(treeRow(page, '2 Class')).toBeVisible()
  await openFolder(page, 'Office')
  await expect(page).toHaveTitle('1 Office · Hembix')
  await makeFolders(page, ['Leases'])
  await expect(bottomLine(page)).toHaveText('New folder “Leases” in 1 Office')

  await bringIn(page, [
    { name: 'Berth 7.txt', text: 'The shore power is metered at cost.' },
    { name: 'Plain.md', text: '# Plain\n\nNothing of interest.' },
  ])
  await expect(documentRow(page, 'Berth 7')).toBeVisible()
  await expect(documentRow(page, 'Plain')).toBeVisible()

  await documentRow(page, 'Berth 7').click()
  await page.keyboard.press('m')
  await page.getByLabel('Narrow the folders').fill('leas')
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Moved “Berth 7” to 1.1 Leases')
  await expect(documentRow(page, 'Berth 7')).toHaveCount(0)

  await page.goto('/find?q=metered')
  await expect(page).toHaveTitle('metered: Find · Hembix')
  const found = page.getByRole('grid', { name: 'Found documents' }).getByRole('row')
  await expect(found).toHaveCount(1)
  await expect(found.locator('mark')).toHaveText('metered')
  await page.getByLabel('Find in names and contents').press('Enter')
  await page.keyboard.press('g')
  await expect(page).toHaveURL(/\/plan\/.+doc=/)
  await expect(documentRow(page, 'Berth 7')).toHaveAttribute('aria-selected', 'true')

  await page.keyboard.press('Delete')
  await expect(documentRow(page, 'Berth 7')).toHaveCount(0)
  await page.keyboard.press('Control+z')
  await expect(documentRow(page, 'Berth 7')).toBeVisible()
  await page.reload()
  await expect(documentRow(page, 'Berth 7')).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(documentRow(page, 'Berth 7')).toHaveCount(0)
  await page.keyboard.press('Control+Shift+z')
  await expect(documentRow(page, 'Berth 7')).toBeVisible()
})

test('Esc leaves no folder behind, a twin is hinted at, and F2 renames', async ({ page }) => {
  await newPerson(page)
  await page.keyboard.press('n')
  await expect(page.getByText('New folder in the top of the plan')).toBeVisible()
  const field = page.getByRole('textbox', { name: /Name of the new folder/ })
  expect(
    await field.evaluate((input: HTMLInputElement) =>
      input.value.slice(input.selectionStart ?? 0, input.selectionEnd ?? 0),
    ),
  ).toBe('New folder')
  await page.keyboard.press('Escape')
  await expect(page.getByRole('treeitem')).toHaveCount(0)

  await makeFolders(page, ['Office'])
  await page.keyboard.press('n')
  await field.fill('office')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('There is already “1 Office” here')
  await page.keyboard.press('Escape')

  await page.getByRole('row', { name: /Office/ }).click({ position: { x: 90, y: 50 } })
  await page.keyboard.press('F2')
  await page.getByRole('textbox', { name: 'New name of Office' }).fill('Quay office')
  await page.keyboard.press('Enter')
  await expect(treeRow(page, 'Quay office')).toBeVisible()
})

test('an address may say a number, one that leads nowhere says so, and Ctrl+Y does again', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'School'])
  await page.goto('/plan/2')
  await expect(page.getByRole('heading', { name: /School/ }).first()).toBeVisible()
  await expect(page).toHaveURL(/\/plan\/[0-9a-f-]{36}$/)
  await page.goto('/plan/7.7')
  await expect(page.getByRole('heading', { name: 'This folder is not here' })).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(treeRow(page, 'School')).toHaveCount(0)
  await page.keyboard.press('Control+y')
  await expect(treeRow(page, 'School')).toBeVisible()
})

test('a drag says what it will do before the drop, and does it', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['From', 'Into'])
  await openFolder(page, 'From')
  await bringIn(page, [{ name: 'Minutes.txt', text: 'x' }])
  await expect(documentRow(page, 'Minutes')).toBeVisible()
  await hold(page, documentRow(page, 'Minutes'), treeRow(page, 'Into'))
  await expect(page.getByText('Move “Minutes” to 2 Into')).toBeVisible()
  await page.mouse.up()
  await expect(bottomLine(page)).toHaveText('Moved “Minutes” to 2 Into')
})

test('the find field answers while typing, and forgives errors', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('/')
  const field = page.getByRole('combobox', { name: 'Find' })
  await expect(field).toBeFocused()
  await field.fill('2.2')
  await expect(page.getByRole('listbox', { name: 'Found' }).getByRole('option').first()).toContainText('Handouts')
  await field.fill('ivnoice')
  await expect(page.getByText('Showing invoice for “ivnoice”')).toBeVisible()
  await page
    .getByRole('listbox', { name: 'Found' })
    .getByRole('option', { name: /Invoice, berth/ })
    .first()
    .click()
  await expect(page).toHaveURL(/\/document\//)
  await page.goBack()
  await expect(page).toHaveURL(/\/plan$/)
})

test('two windows follow each other', async ({ page, context }) => {
  await newPerson(page)
  const other = await context.newPage()
  await other.goto('/plan')
  await expect(other.getByRole('heading', { name: 'The plan is empty' })).toBeVisible()
  await makeFolders(page, ['Seen everywhere'])
  await expect(treeRow(other, 'Seen everywhere')).toBeVisible()
  await other.close()
})

test('a name that is taken is asked about, and a new version keeps the old one', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(page, [{ name: 'Terms.txt', text: 'one' }])
  await expect(documentRow(page, 'Terms')).toBeVisible()
  await bringIn(page, [{ name: 'Terms.txt', text: 'two, longer' }])
  await expect(page.getByText('This name is taken here')).toBeVisible()
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(documentRow(page, 'Terms')).toContainText('version 2')
  await documentRow(page, 'Terms').click()
  await page.getByRole('button', { name: '2, the current is 2' }).click()
  await expect(page.getByLabel('Card').locator('a[href*="version=1"]')).toBeVisible()
})

test('History undoes one act in the middle, and says what stands against another', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['First', 'Second'])
  await openFolder(page, 'First')
  await bringIn(page, [{ name: 'Inside.txt', text: 'x' }])
  await expect(documentRow(page, 'Inside')).toBeVisible()
  await page.getByRole('link', { name: 'History' }).click()
  await page.getByRole('button', { name: 'Undo: New folder “First” in the top of the plan' }).click()
  await expect(page.getByRole('alert')).toContainText('Added “Inside” to 1 First')
  await page.getByRole('button', { name: 'Undo: New folder “Second” in the top of the plan' }).click()
  await expect(bottomLine(page)).toContainText('Undid: New folder “Second”')
})

test('stars, the Desk and the Trash work from the demo plan', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    { name: 'One.txt', text: '1' },
    { name: 'Two.txt', text: '2' },
  ])
  await expect(documentRow(page, 'Two')).toBeVisible()
  await page.keyboard.press('Control+a')
  await page.keyboard.press('s')
  await expect(bottomLine(page)).toHaveText('Starred 2 documents')
  await page.getByRole('link', { name: 'Desk' }).click()
  await expect(documentRow(page, 'One')).toBeVisible()
  await documentRow(page, 'One').click()
  await page.keyboard.press('Delete')
  await expect(documentRow(page, 'One')).toHaveCount(0)
  await page.getByRole('link', { name: 'Trash' }).click()
  await page.getByRole('button', { name: 'Restore One' }).click()
  await expect(bottomLine(page)).toHaveText('Restored “One” to 1 Office')
})
