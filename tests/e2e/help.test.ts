// Help where it is needed: told once, there again when asked, and all of it on one page.

import { expect, test } from '@playwright/test'
import { newPerson } from './person'

test('a thing is explained when it is met first, then only when it is asked for; one page has all', async ({
  page,
}) => {
  await newPerson(page)
  await page.getByRole('link', { name: /In-tray/ }).click()
  const note = page.getByRole('complementary', { name: 'About: In-tray' })
  await expect(note).toContainText('Here lies what has no place yet')
  await note.getByRole('button', { name: 'Understood' }).click()
  await expect(note).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
  await expect(note).toHaveCount(0)
  await page.getByRole('button', { name: 'What is this: In-tray?' }).click()
  await expect(page.getByRole('note')).toContainText('An empty In-tray means that all is filed.')
  await page.getByRole('link', { name: 'All help' }).click()
  await expect(page.getByRole('heading', { level: 2 })).toHaveCount(12)
  await page.getByLabel('Words of the help').fill('archive number')
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Number and code'])
  await page.getByLabel('Words of the help').fill('xyzzy')
  await expect(page.getByRole('status').filter({ hasText: 'No help has all of these words' })).toBeVisible()
})
