// With keys alone, and by ear: what one walks to has the focus of the browser, so that it is read aloud.

import { expect, test } from '@playwright/test'
import { bringIn, documentRow, makeFolders, newPerson, openFolder } from './person'

test('Tab leads past the outline, and the rows of a list are walked through and left as one', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(page, [
    { name: 'Deposit.txt', text: 'Two months.' },
    { name: 'Lease.txt', text: 'One year.' },
    { name: 'Renewal.txt', text: 'Another year.' },
  ])
  await expect(documentRow(page, 'Renewal')).toBeVisible()
  await page.reload()
  await expect(documentRow(page, 'Renewal')).toBeVisible()

  await page.keyboard.press('Tab')
  const skip = page.getByRole('button', { name: 'To the page' })
  await expect(skip).toBeFocused()
  await expect(skip).toBeInViewport()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: 'Office' })).toBeFocused()

  await page.keyboard.press('ArrowDown')
  await expect(documentRow(page, 'Deposit')).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(documentRow(page, 'Lease')).toBeFocused()
  await expect(documentRow(page, 'Lease')).toHaveAttribute('aria-rowindex', '2')
  await page.keyboard.press('End')
  await expect(documentRow(page, 'Renewal')).toBeFocused()

  // A sheet gives the keys back to the row it was opened from.
  await page.keyboard.press('m')
  await expect(page.getByRole('dialog', { name: 'Move to' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(documentRow(page, 'Renewal')).toBeFocused()

  // So does a name that was typed.
  await page.keyboard.press('F2')
  await page.getByLabel('New name of Renewal').fill('Renewal 2027')
  await page.keyboard.press('Enter')
  await expect(documentRow(page, 'Renewal 2027')).toBeFocused()

  // A sheet that keys opened by a button gives them back to it.
  await page.getByRole('button', { name: /^Colour…/ }).press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('button', { name: /^Colour…/ })).toBeFocused()
  await documentRow(page, 'Renewal').focus()

  // One step of Tab enters the list, where it was left.
  await page.keyboard.press('Shift+Tab')
  await expect(documentRow(page, 'Renewal')).not.toBeFocused()
  await page.keyboard.press('Tab')
  await expect(documentRow(page, 'Renewal')).toBeFocused()

  // The reader gives them back to the row it was opened from.
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/\/document\//)
  await page.keyboard.press('Escape')
  await expect(documentRow(page, 'Renewal')).toBeFocused()

  // What is deleted, or moved away by a sheet, gives the keys to its neighbour.
  await page.keyboard.press('ArrowUp')
  await expect(documentRow(page, 'Lease')).toBeFocused()
  await page.keyboard.press('Delete')
  await expect(documentRow(page, 'Lease')).toHaveCount(0)
  await expect(documentRow(page, 'Renewal')).toBeFocused()
  await page.keyboard.press('m')
  const inTray = page.getByRole('dialog', { name: 'Move to' }).getByRole('option', { name: /In-tray/ })
  await inTray.click()
  await page.keyboard.press('Enter')
  await expect(documentRow(page, 'Renewal')).toHaveCount(0)
  await expect(documentRow(page, 'Deposit')).toBeFocused()
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(documentRow(page, 'Lease')).toBeVisible()

  await page.goto('/find?q=year')
  await expect(page.getByRole('row', { name: /Lease/ })).toBeVisible()
  await page.getByLabel('Find in names and contents').press('ArrowDown')
  const hits = page.getByRole('grid', { name: 'Found documents' })
  await expect(hits.getByRole('row').first()).toBeFocused()
  await page.keyboard.press('ArrowDown')
  await expect(hits.getByRole('row').nth(1)).toBeFocused()
})
