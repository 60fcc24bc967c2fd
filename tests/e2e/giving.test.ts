// A folder is given by a link, read by somebody without an account, and taken back.

import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, documentRow, makeFolders, newPerson, openFolder } from './person'

test('a link to a folder is made, read by whoever has it, told on the card, and ended', async ({ page, browser }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await makeFolders(page, ['Handouts'])
  await openFolder(page, 'Handouts')
  await bringIn(page, [
    { name: 'Bowline.txt', text: 'The rabbit comes out of the hole.' },
    { name: 'Splices.txt', text: 'Three strands.' },
  ])
  await expect(documentRow(page, 'Splices')).toBeVisible()
  const card = page.getByRole('complementary', { name: 'Card' })
  await openFolder(page, 'Handouts')
  await expect(card.getByText('only you')).toBeVisible()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.getByRole('menuitem', { name: 'Give…' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByText('Give 1.1 Handouts')).toBeVisible()
  await dialog.getByRole('button', { name: 'or make a link…' }).click()
  await dialog.getByPlaceholder('the evening class').fill('the evening class')
  await dialog.getByRole('button', { name: 'Make the link' }).click()
  const address = await dialog.getByLabel('Address of the link').inputValue()
  expect(address).toMatch(/\/from\/[\w-]{22}$/)
  await page.keyboard.press('Escape')
  await expect(card.getByText(/whoever has the link for the evening class may read/)).toBeVisible()
  await documentRow(page, 'Bowline').click()
  await expect(card.getByText(/because it lies in/)).toBeVisible()

  // Whoever would read it more is named before it is filed there.
  await openFolder(page, 'Office')
  await bringIn(page, [{ name: 'Salaries.txt', text: 'Secret sums.' }])
  await documentRow(page, 'Salaries').click()
  await page.keyboard.press('m')
  const moving = page.getByRole('dialog', { name: 'Move to' })
  await moving.getByLabel('Narrow the folders').fill('Handouts')
  await expect(moving.getByText('Whoever has the link for the evening class')).toBeVisible()
  await page.keyboard.press('Escape')

  const other = await (await browser.newContext()).newPage()
  await other.goto(address)
  await expect(other.getByRole('heading', { level: 1, name: 'Handouts' })).toBeVisible()
  await expect(other.getByText('Office')).toHaveCount(0)
  await other.getByRole('button', { name: 'Bowline' }).click()
  await expect(other.getByText('The rabbit comes out of the hole.')).toBeVisible()
  await other.getByLabel('Find in it').fill('strands')
  await expect(other.getByRole('button', { name: 'Splices' })).toBeVisible()
  await expect(other.getByRole('button', { name: 'Bowline' })).toHaveCount(0)

  await page.goto('/given')
  await expect(page.getByRole('row', { name: /1\.1 Handouts/ })).toContainText('1 time')
  await page.getByRole('checkbox', { name: /Tick 1\.1 Handouts for whoever has the link/ }).check()
  await page.getByRole('button', { name: 'Take back 1 thing' }).click()
  await expect(page.getByText('Nothing is given out')).toBeVisible()
  await expect(bottomLine(page)).toContainText('Ended the link to 1.1 Handouts')
  await other.reload()
  await expect(other.getByText('This link leads nowhere.', { exact: false })).toBeVisible()
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('row', { name: /1\.1 Handouts/ })).toBeVisible()
})
