import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, makeFolders, newPerson, openFolder, registerRow, treeRow } from './person'

test('documents get running numbers, tags are typed and found again, a folder is pinned', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Post'])
  await openFolder(page, 'Post')
  await page.getByLabel('running numbers for its documents').check()
  await expect(bottomLine(page)).toHaveText('Began running numbers in 1 Post')
  await bringIn(page, [{ name: 'letter.txt', text: 'a' }, { name: 'notice.txt', text: 'b' }])
  await expect(registerRow(page, 'letter')).toContainText(/1-00[12]/)
  await expect(registerRow(page, 'notice')).toContainText(/1-00[12]/)

  await registerRow(page, 'letter').click()
  await page.getByLabel('Add a tag').fill('signed')
  await expect(page.getByRole('option', { name: /signed.*new tag/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Tagged “letter” with “signed”')
  await expect(registerRow(page, 'letter')).toContainText('signed')
  await page.keyboard.press('Escape')

  await registerRow(page, 'notice').click()
  await page.getByLabel('Add a tag').fill('sigend')
  await expect(page.getByRole('option', { name: /signed.*did you mean this/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Tagged “notice” with “signed”')
  await page.getByRole('button', { name: 'Take the tag signed off' }).click()
  await expect(registerRow(page, 'notice')).not.toContainText('signed')

  await page.getByRole('button', { name: 'Pin', exact: true }).first().click()
  await expect(page.getByRole('navigation', { name: 'Pinned folders' })).toContainText('Post')
  await page.keyboard.press('/')
  await page.keyboard.type('sign')
  await page.getByRole('option', { name: /signed.*tag on 1/ }).click()
  await expect(page.getByRole('grid', { name: 'Found documents' }).getByRole('row')).toHaveCount(1)
  await page.goto('/plan')
  await page.getByRole('navigation', { name: 'Pinned folders' }).getByRole('button', { name: /Post/ }).first().click()
  await expect(treeRow(page, 'Post')).toHaveAttribute('aria-selected', 'true')
})
