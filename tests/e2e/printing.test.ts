// What is looked at, on paper: whole, without the program around it.

import { expect, test } from '@playwright/test'
import { documentRow, makeFolders, newPerson, openFolder } from './person'

test('a register is printed whole with Ctrl+P, and goes back to its view', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Leases'])
  await openFolder(page, 'Leases')
  const files = Array.from({ length: 140 }, (_, index) => `lease ${String(index + 1).padStart(3, '0')}.txt`)
  await page
    .getByLabel('Files to bring in')
    .setInputFiles(files.map(name => ({ name, mimeType: 'text/plain', buffer: Buffer.from(name) })))
  await expect(documentRow(page, 'lease 001')).toBeVisible({ timeout: 60_000 })
  await expect(page.locator('footer [role=status]')).toHaveText(/Added 140 documents/, { timeout: 60_000 })
  const rows = page.getByRole('grid', { name: 'Documents' }).locator('[data-key]')
  expect(await rows.count()).toBeLessThan(80)
  // In place before the key is pressed: the browser's own would wait for a printer.
  await page.evaluate(() => {
    window.print = () => {
      const count = document.querySelectorAll('.document-list [data-key]').length
      document.body.dataset.printed = String(count)
      window.dispatchEvent(new Event('afterprint'))
    }
  })
  await page.keyboard.press('Control+p')
  await expect(page.locator('body')).toHaveAttribute('data-printed', '140')
  await expect.poll(() => rows.count()).toBeLessThan(80)
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('tree', { name: 'Folders' })).toBeHidden()
  await expect(page.getByRole('button', { name: /New folder/ })).toBeHidden()
  await expect(page.getByRole('heading', { level: 1, name: 'Leases' })).toBeVisible()
})
