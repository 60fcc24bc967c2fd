import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, documentRow, makeFolders, newPerson, openFolder } from './person'

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
  // Filing is a step of its own: what is looked at and what is decided fill the screen, and the list is one tap away.
  const file = page.getByRole('button', { name: /^File/ }).first()
  const box = await file.boundingBox()
  expect(box !== null && box.x >= 0 && box.x + box.width <= 390).toBe(true)
  await expect(page.getByRole('status').filter({ hasText: /^1 of 1$/ })).toBeVisible()
  await expect(page.getByText('The board met on Friday.')).toBeVisible()
  expect(await overflow()).toBeLessThanOrEqual(0)
  await page.getByRole('button', { name: 'In-tray', exact: true }).click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
  await expect(file).toBeHidden()

  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: 'Plan' }).click()
  await page.getByText('Office').first().click()
  await menu.click()
  await page.getByText('Sign out').click()
  await expect(page.getByLabel('E-mail address')).toBeVisible()
})

test.describe('with a finger', () => {
  test.use({ hasTouch: true })

  test('a long press chooses, taps add, and the bar at the foot puts all of them into Trash', async ({ page }) => {
    await newPerson(page)
    await makeFolders(page, ['Office'])
    await openFolder(page, 'Office')
    await bringIn(
      page,
      ['Lease', 'Minutes', 'Rota'].map(name => ({ name: `${name}.txt`, text: name })),
    )
    await expect(documentRow(page, 'Rota')).toBeVisible()
    await page.setViewportSize({ width: 390, height: 844 })
    const touch = await page.context().newCDPSession(page)
    const box = await documentRow(page, 'Lease').boundingBox()
    const at = { x: (box?.x ?? 0) + 120, y: (box?.y ?? 0) + 12 }
    await touch.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [at] })
    const bar = page.getByRole('region', { name: 'Chosen' })
    await expect(bar).toContainText('1 selected')
    await touch.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] })
    await expect(page.getByRole('menu')).toHaveCount(0)
    await documentRow(page, 'Rota').tap()
    await expect(bar).toContainText('2 selected')
    await bar.getByRole('button', { name: 'More for what is selected' }).tap()
    await page.getByRole('menuitem', { name: /Trash/ }).tap()
    await expect(bottomLine(page)).toContainText('2 documents')
    await expect(documentRow(page, 'Minutes')).toBeVisible()
    await expect(documentRow(page, 'Lease')).toHaveCount(0)
    await expect(bar).toHaveCount(0)
  })
})
