// Areas: things are put where others see them, from wherever they lie, and the house rule that nothing else is given.

import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, choose, documentRow, makeFolders, newPerson, openFolder } from './person'

test('something is put into the area of another, kept first, and nothing is given but areas', async ({
  page,
  browser,
}) => {
  await newPerson(page, '', 'Ida Fenn')
  const theirs = await (await browser.newContext()).newPage()
  const { email } = await newPerson(theirs, '', 'Per Aske')
  await makeFolders(page, ['Handouts', 'Office'])
  await openFolder(page, 'Handouts')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Make it an area' }).click()
  await expect(bottomLine(page)).toHaveText('Made 1 Handouts an area')
  const head = page.getByRole('main')
  await expect(head.getByText('Area. Nobody else sees it yet.')).toBeVisible()
  await head.getByRole('button', { name: 'Give…' }).first().click()
  const dialog = page.getByRole('dialog', { name: 'Give' })
  await dialog.getByLabel('To whom').fill(email)
  await page.getByRole('option', { name: new RegExp(email) }).click()
  await choose(dialog.getByLabel('What they may do'), 'add to')
  await dialog.getByRole('button', { name: 'Give it' }).click()
  await expect(head.getByText('Area. Given with all below to Per Aske.')).toBeVisible()
  await bringIn(page, [{ name: 'Bowline.txt', text: 'The rabbit comes out of the hole.' }])
  await expect(documentRow(page, 'Bowline')).toBeVisible()

  // From their own plan, by keys alone, without looking for the folder.
  await expect(theirs.getByRole('navigation', { name: 'From others' })).toBeVisible()
  await makeFolders(theirs, ['My knots'])
  await openFolder(theirs, 'My knots')
  await bringIn(theirs, [{ name: 'Three splices.txt', text: 'Five tucks.' }])
  await documentRow(theirs, 'Three splices').click({ button: 'right' })
  await theirs.getByRole('menuitem', { name: 'Put into an area…' }).click()
  const sheet = theirs.getByRole('dialog', { name: 'Put into an area' })
  await expect(sheet.getByText('1 Handouts')).toBeVisible()
  await expect(sheet.getByText('Puts a copy into the plan of Ida Fenn', { exact: false })).toBeVisible()
  await expect(sheet.getByRole('radio').first()).toBeFocused()
  await theirs.keyboard.press('Enter')
  await expect(bottomLine(theirs)).toHaveText('Put a copy of “Three splices” into 1 Handouts of Ida Fenn')

  await expect(documentRow(page, 'Three splices')).toBeVisible()
  await expect(bottomLine(page)).toContainText('Per Aske: Added “Three splices” to 1 Handouts')
  await documentRow(page, 'Three splices').click({ button: 'right' })
  await page.getByRole('menuitem', { name: 'Keep first here' }).click()
  await expect(page.getByText('Kept first', { exact: true })).toBeVisible()
  await expect(page.locator('[data-key^="d:"]').first()).toContainText('Three splices')

  await page.goto('/people')
  const areas = page.getByRole('region', { name: 'Areas' })
  await expect(areas).toContainText('1 Handouts')
  await areas.getByRole('checkbox', { name: 'Nothing is given but areas' }).check()
  await expect(bottomLine(page)).toHaveText('Nothing is given but areas from now on')
  await page.goto('/plan')
  await openFolder(page, 'Office')
  await bringIn(page, [{ name: 'Lease.txt', text: 'One year.' }])
  await documentRow(page, 'Lease').click({ button: 'right' })
  await page.getByRole('menuitem', { name: 'Give…' }).click()
  await expect(dialog).toContainText('In this plan nothing is given but areas')
  await dialog.getByRole('button', { name: 'Put into an area…' }).click()
  await page.getByRole('dialog', { name: 'Put into an area' }).getByRole('button', { name: 'Put it in' }).click()
  await expect(bottomLine(page)).toContainText('Filed “Lease” in 1 Handouts as well')
})
