// What made people stop and wonder once, and no longer does.

import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, documentRow, makeFolders, newPerson, openFolder, treeRow } from './person'

test('a folder gets a new colour by its name alone, in an ink that no other has', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Class'])
  await openFolder(page, 'Office')
  const colour = page.getByRole('complementary', { name: 'Card' }).getByRole('button', { name: 'none' })
  await colour.click()
  await page.getByText('New colour…').click()
  const name = page.getByRole('textbox', { name: 'Name of the new colour' })
  await expect(name).toBeFocused()
  await name.fill('Harbour board')
  await name.press('Enter')
  await expect(bottomLine(page)).toContainText('Added “Harbour board” to the colour key and gave it to “Office”')
  await expect(page.getByRole('complementary', { name: 'Card' }).getByText('Harbour board')).toBeVisible()
  const inks = await page.evaluate(async () => {
    const reply = (await (await fetch('/api/plan')).json()) as { meanings: { ink: string }[] }
    return reply.meanings.map(({ ink }) => ink)
  })
  expect(new Set(inks).size).toBe(inks.length)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('complementary', { name: 'Card' }).getByText('Harbour board')).toHaveCount(0)

  // In the key itself the new one is named at once.
  await colour.click()
  await page.getByText('Edit the colour key…').click()
  await page.getByRole('button', { name: 'Add a colour' }).click()
  await expect(page.getByRole('textbox', { name: 'Name of the colour' }).last()).toBeFocused()
})

test('an applied draft stands open in the outline, marked as new, and counts its folders', async ({ page }) => {
  await newPerson(page)
  await page.goto('/draft')
  await page.getByRole('button', { name: 'An empty draft' }).click()
  await page.locator('.cm-content').click()
  await page.keyboard.type('Course\n\tWeek 1\nWeek 2')
  await expect(page.getByRole('button', { name: /Apply 3 changes/ })).toBeEnabled()
  await page.keyboard.press('Control+Enter')
  await expect(treeRow(page, 'Week 1')).toContainText('new')
  await expect(treeRow(page, 'Course')).toContainText('2 folders')
})

test('the Find page goes to a typed code, takes a month for a time, and narrows from a folder to one below it', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Office', 'Class'])
  await openFolder(page, 'Office')
  await makeFolders(page, ['Leases', 'Dues'])
  await openFolder(page, 'Leases')
  await bringIn(page, [{ name: 'Winch permit 2024-01-12.txt', text: 'The winch may be used.' }])
  await expect(documentRow(page, 'Winch permit')).toBeVisible()
  await openFolder(page, 'Dues')
  await bringIn(page, [{ name: 'Winch dues.txt', text: 'Dues of the winch.' }])
  await expect(documentRow(page, 'Winch dues')).toBeVisible()

  await page.goto('/find')
  const field = page.getByLabel('Find in names and contents')
  await field.fill('winch january 2024')
  await expect(page.getByText('winch of January 2024')).toBeVisible()
  const found = page.getByRole('grid', { name: 'Found documents' })
  await expect(found.getByRole('row')).toHaveCount(1)
  await page.getByRole('button', { name: 'search for january 2024 instead' }).click()
  await expect(found.getByRole('row')).toHaveCount(0)

  await field.fill('winch')
  await expect(found.getByRole('row')).toHaveCount(2)
  const places = page.getByRole('list', { name: 'In this folder and below' })
  await places.getByRole('checkbox', { name: /Office/ }).check()
  await places.getByRole('checkbox', { name: /Leases/ }).check()
  await expect(found.getByRole('row')).toHaveCount(1)
  await expect(places.getByRole('checkbox', { name: /Office/ })).not.toBeChecked()

  await page.goto('/find')
  await field.fill('1.1')
  await expect(page.getByRole('link', { name: /1\.1 Leases/ })).toContainText('Enter')
  await field.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /Leases/ })).toBeVisible()

  await page.goto('/find')
  await field.fill('Winch permit')
  await page.getByRole('button', { name: 'Such as Winch permit 2024-01-12' }).click()
  await page.getByRole('link', { name: /what came the same day/ }).click()
  await expect(found.getByRole('row')).toHaveCount(2)
})

test('a tag on a row leads to all that carry it, folders as well', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await page.getByLabel('Add a tag').fill('urgent')
  await page.getByLabel('Add a tag').press('Enter')
  await bringIn(page, [{ name: 'Rota.txt', text: 'Rota' }])
  await documentRow(page, 'Rota').click()
  await page.getByRole('complementary', { name: 'Card' }).getByLabel('Add a tag').fill('urgent')
  await page.keyboard.press('Enter')
  await documentRow(page, 'Rota').getByRole('link', { name: 'urgent' }).click()
  await expect(page).toHaveURL(/\/find\?tags=/)
  await expect(page.getByRole('grid', { name: 'Found documents' }).getByRole('row')).toHaveCount(1)
  await expect(page.getByRole('link', { name: 'Office' }).first()).toBeVisible()
})
