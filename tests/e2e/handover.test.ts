// A folder becomes somebody else's: offered in one browser, taken over in another.

import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, choose, documentRow, makeFolders, newPerson, openFolder } from './person'

test('a folder is handed over to somebody, who takes it over, and its giver can still read it', async ({
  page,
  browser,
}) => {
  await newPerson(page, '', 'Ida Fenn')
  const theirs = await (await browser.newContext()).newPage()
  const { email } = await newPerson(theirs, '', 'Per Aske')
  await makeFolders(page, ['Evening class', 'Office'])
  await openFolder(page, 'Evening class')
  await bringIn(page, [{ name: 'Bowline.txt', text: 'The rabbit comes out of the hole.' }])
  await expect(documentRow(page, 'Bowline')).toBeVisible()

  await openFolder(page, 'Evening class')
  await page.getByRole('button', { name: 'Go to or do' }).click()
  await page.getByRole('combobox', { name: 'Go to or do' }).fill('hand over')
  await page.keyboard.press('Enter')
  const dialog = page.getByRole('dialog', { name: 'Hand over' })
  await dialog.getByLabel('To whom').fill(email)
  await page.getByRole('option', { name: new RegExp(email) }).click()
  await choose(dialog.getByLabel('What I keep'), 'still read')
  await dialog.getByLabel('What they are told').fill('Yours from now on')
  await dialog.getByRole('button', { name: 'Offer it' }).click()
  await expect(bottomLine(page)).toContainText('Offered 1 Evening class to Per Aske')

  // Nothing has changed yet, and it is known what is offered to whom.
  await page.goto('/given')
  await expect(page.getByRole('list', { name: 'Offered to be handed over' })).toContainText('is offered to Per Aske')

  await theirs.goto('/in-tray')
  const offers = theirs.getByRole('region', { name: 'Handed over to you' })
  await expect(offers).toContainText(/Ida Fenn .+ would like “Evening class” to be yours/)
  await expect(offers).toContainText('1 folder, 1 document')
  await expect(offers).toContainText('Yours from now on')
  await offers.getByRole('button', { name: 'Take Evening class over', exact: true }).click()
  await expect(bottomLine(theirs)).toContainText('Took over “Evening class” from Ida Fenn')
  await expect(offers).toHaveCount(0)
  await theirs.goto('/plan')
  await openFolder(theirs, 'Evening class')
  await expect(documentRow(theirs, 'Bowline')).toBeVisible()

  // It is in the plan of its giver no longer, who reads it as it was agreed.
  await expect(page.getByRole('list', { name: 'Offered to be handed over' })).toHaveCount(0)
  await page.goto('/history')
  await expect(page.getByRole('main').getByText('Handed over “Evening class” to Per Aske')).toBeVisible()
  await page.goto('/plan')
  await page.getByRole('link', { name: /Per Aske: 1 Evening class/ }).click()
  await expect(page.getByRole('button', { name: 'Bowline' })).toBeVisible()
})
