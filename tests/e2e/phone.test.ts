import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, makeFolders, newPerson } from './person'

test('on a phone everything is reached, and nothing lies beside the screen', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await page
    .getByRole('link', { name: /In-tray/ })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
  await bringIn(page, [{ name: 'Minutes of the harbour board.txt', text: 'The board met on Friday.' }])
  await expect(bottomLine(page)).toContainText('Minutes of the harbour board')
  await page.setViewportSize({ width: 390, height: 844 })

  const menu = page.getByRole('button', { name: 'My plan' })
  const overflow = () => page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)
  for (const name of ['History', 'Trash']) {
    await menu.click()
    await page.getByRole('list', { name: 'Account' }).getByText(name, { exact: true }).click()
    await expect(page.getByRole('heading', { name }).first()).toBeVisible()
    expect(await overflow()).toBeLessThanOrEqual(0)
  }

  await page
    .getByRole('navigation', { name: 'Places' })
    .getByRole('link', { name: /In-tray/ })
    .click()
  await page
    .getByRole('option', { name: /Minutes of the harbour board/ })
    .or(page.getByRole('row', { name: /Minutes/ }))
    .first()
    .click()
  const file = page.getByRole('button', { name: /^File/ }).first()
  const box = await file.boundingBox()
  expect(box !== null && box.x >= 0 && box.x + box.width <= 390).toBe(true)

  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Plan' }).click()
  await page.getByText('Office').first().click()
  await menu.click()
  await page.getByText('Sign out').click()
  await expect(page.getByLabel('E-mail address')).toBeVisible()
})
