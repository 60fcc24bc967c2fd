import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, hold, makeFolders, newPerson, openFolder, documentRow, treeRow } from './person'

test('things are picked up in three places and put down in a fourth, also after a reload', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['One', 'Two', 'Four'])
  for (const [folder, name] of [
    ['One', 'alpha'],
    ['Two', 'beta'],
  ] as const) {
    await openFolder(page, folder)
    await bringIn(page, [{ name: `${name}.txt`, text: name }])
    await documentRow(page, name).click()
    await page.keyboard.press(folder === 'One' ? 'x' : 'Control+x')
    await expect(documentRow(page, name)).toHaveClass(/in-hand/)
  }
  await page.getByRole('link', { name: /In-tray/ }).click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
  await bringIn(page, [{ name: 'gamma.txt', text: 'g' }])
  await page.getByRole('row', { name: /gamma/ }).click()
  await page.keyboard.press('x')
  const hand = page.getByRole('region', { name: 'In hand' })
  await expect(hand).toContainText('In hand: 3 documents')
  await expect(hand).toContainText('from 3 places')
  await page.reload()
  await expect(hand).toContainText('3 documents')
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await openFolder(page, 'Four')
  await hand.getByRole('button', { name: 'Look' }).click()
  await page.getByRole('button', { name: 'Let go of beta' }).click()
  await expect(hand).toContainText('2 documents')
  await page.keyboard.press('Escape')
  await hand.getByRole('button', { name: 'Move to 3' }).click()
  await expect(bottomLine(page)).toHaveText('Moved 2 documents to 3 Four')
  await expect(documentRow(page, 'alpha')).toBeVisible()
  await expect(documentRow(page, 'gamma')).toBeVisible()
  await expect(hand).toHaveCount(0)

  await documentRow(page, 'alpha').click()
  await page.keyboard.press('Control+c')
  await openFolder(page, 'Two')
  await page.keyboard.press('Control+v')
  await expect(bottomLine(page)).toHaveText('Copied “alpha” to 2 Two')
  await documentRow(page, 'beta').click()
  await page.keyboard.press('x')
  await openFolder(page, 'One')
  await hand.getByRole('button', { name: 'File here as well' }).click()
  await expect(bottomLine(page)).toHaveText('Filed “beta” in 1 One as well')
})

test('dragging with Ctrl files as well, and the hand takes what is dropped on it', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['One', 'Two'])
  await openFolder(page, 'One')
  await bringIn(page, [
    { name: 'alpha.txt', text: 'a' },
    { name: 'beta.txt', text: 'b' },
  ])
  await documentRow(page, 'beta').click()
  await page.keyboard.press('x')
  const [from, to] = [await documentRow(page, 'alpha').boundingBox(), await treeRow(page, 'Two').boundingBox()]
  if (!from || !to) throw new Error('Nothing to drag, or nowhere to drop it.')
  await page.mouse.move(from.x + 120, from.y + 14)
  await page.mouse.down()
  await page.mouse.move(from.x + 124, from.y + 18, { steps: 4 })
  await page.keyboard.down('Control')
  await page.mouse.move(to.x + 120, to.y + 14, { steps: 8 })
  await page.mouse.move(to.x + 124, to.y + 15, { steps: 2 })
  await expect(page.getByText('File “alpha” in 2 Two as well')).toBeVisible()
  await page.mouse.up()
  await page.keyboard.up('Control')
  await expect(bottomLine(page)).toHaveText('Filed “alpha” in 2 Two as well')
  await expect(documentRow(page, 'alpha')).toBeVisible()
  const hand = page.getByRole('region', { name: 'In hand' })
  const bar = await hand.boundingBox()
  if (!bar) throw new Error('The hand is not there.')
  await page.mouse.move(from.x + 120, from.y + 14)
  await page.mouse.down()
  await page.mouse.move(from.x + 124, from.y + 18, { steps: 4 })
  await page.mouse.move(bar.x + 200, bar.y + 20, { steps: 8 })
  await page.mouse.move(bar.x + 204, bar.y + 21, { steps: 2 })
  await expect(page.getByText('Pick up “alpha”')).toBeVisible()
  await page.mouse.up()
  await expect(hand).toContainText('2 documents')
})

test('a rectangle selects, with Ctrl it adds, and what is selected is dragged out as a file', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await bringIn(
    page,
    ['a', 'b', 'c', 'd', 'e'].map(name => ({ name: `${name} paper.txt`, text: name })),
  )
  await expect(documentRow(page, 'e paper')).toBeVisible()
  const box = async (name: string) =>
    (await documentRow(page, name).boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 }
  const [first, third, fifth] = [await box('a paper'), await box('c paper'), await box('e paper')]
  const below = fifth.y + fifth.height + 30
  await page.mouse.move(third.x + 200, below)
  await page.mouse.down()
  await page.mouse.move(third.x + 300, third.y + 10, { steps: 6 })
  await page.mouse.up()
  await expect(page.getByRole('row', { selected: true })).toHaveCount(3)
  await page.keyboard.down('Control')
  await page.mouse.move(third.x - 8, first.y + 4)
  await page.mouse.down()
  await page.mouse.move(third.x + 60, first.y + 12, { steps: 6 })
  await page.mouse.up()
  await page.keyboard.up('Control')
  await expect(page.getByRole('row', { selected: true })).toHaveCount(4)
  await documentRow(page, 'a paper').click()
  const carried = page.evaluate(
    () =>
      new Promise<string>(resolve => {
        window.addEventListener('dragstart', ({ dataTransfer }) => resolve(dataTransfer?.types.join(' ') ?? ''))
      }),
  )
  const types = await Promise.all([
    carried,
    (async () => {
      await page.mouse.move(first.x + 120, first.y + 14)
      await page.mouse.down()
      await page.mouse.move(first.x + 130, first.y + 24, { steps: 4 })
      await page.mouse.up()
    })(),
  ])
  expect(types[0]).toMatch(/downloadurl/)
})

test('a rectangle selects in the In-tray and among what is found', async ({ page }) => {
  await newPerson(page)
  await page.getByRole('link', { name: /In-tray/ }).click()
  await expect(page.getByRole('heading', { name: 'In-tray', exact: true })).toBeVisible()
  await bringIn(
    page,
    ['a', 'b', 'c'].map(name => ({ name: `${name} paper.txt`, text: name })),
  )
  for (const [list, address] of [
    ['Waiting documents', null],
    ['Found documents', '/find?q=paper'],
  ] as const) {
    if (address !== null) await page.goto(address)
    const rows = page.getByRole('grid', { name: list }).getByRole('row')
    await expect(rows).toHaveCount(3)
    const [second, third] = [await rows.nth(1).boundingBox(), await rows.nth(2).boundingBox()]
    if (!second || !third) throw new Error('The rows are not there.')
    await page.mouse.move(third.x + 200, third.y + third.height + 40)
    await page.mouse.down()
    await page.mouse.move(third.x + 150, second.y + 12, { steps: 6 })
    await expect(page.locator('.rectangle')).toBeVisible()
    await page.mouse.up()
    await expect(page.locator('.rectangle')).toHaveCount(0)
    await expect(page.getByRole('grid', { name: list }).getByRole('row', { selected: true })).toHaveCount(2)
  }
})

test('a document dropped on another makes a folder of both, undone as one; those kept first have an order', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Ropework', 'Sails'])
  await openFolder(page, 'Ropework')
  const files = ['2026-02-01 Knots: bowline', '2026-03-01 Knots: reef', 'Splices']
  await bringIn(
    page,
    files.map(name => ({ name: `${name}.txt`, text: name })),
  )
  const names = () => page.getByRole('grid', { name: 'Documents' }).locator('.two-lines')
  await expect(names()).toHaveText(files)
  await hold(page, documentRow(page, '2026-03-01 Knots: reef'), documentRow(page, '2026-02-01 Knots: bowline'), 0.5)
  await expect(page.getByText('Put 2 documents into a new folder in 1 Ropework')).toBeVisible()
  await page.mouse.up()
  const field = page.getByRole('dialog').getByLabel('Name of the folder')
  await expect(field).toHaveValue('Knots')
  await expect(field).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Put 2 documents into the new folder 1.1 Knots')
  await expect(names()).toHaveText(['Splices'])
  await page.keyboard.press('Control+z')
  await expect(names()).toHaveText(files)
  for (const name of ['Splices', '2026-03-01 Knots: reef']) {
    await documentRow(page, name).click({ button: 'right' })
    await page.getByRole('menuitem', { name: 'Keep first here' }).click()
    await expect(bottomLine(page)).toHaveText(`Kept “${name}” first in 1 Ropework`)
  }
  await expect(names()).toHaveText(['2026-03-01 Knots: reef', 'Splices', '2026-02-01 Knots: bowline'])
  await documentRow(page, 'Splices').click()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(names()).toHaveText(['Splices', '2026-03-01 Knots: reef', '2026-02-01 Knots: bowline'])

  // A hit is dragged into the outline, which stands where one narrows as long as it is held.
  await page.goto('/find?q=Splices')
  const hit = page.getByRole('row', { name: /Splices/ })
  await expect(hit).toBeVisible()
  await expect(treeRow(page, 'Sails')).toHaveCount(0)
  const from = await hit.boundingBox()
  if (!from) throw new Error('Nothing to drag.')
  await page.mouse.move(from.x + 140, from.y + 14)
  await page.mouse.down()
  await page.mouse.move(from.x + 160, from.y + 24, { steps: 5 })
  const to = await treeRow(page, 'Sails').boundingBox()
  if (!to) throw new Error('Nothing to drop on.')
  await page.mouse.move(to.x + 60, to.y + 14, { steps: 6 })
  await expect(page.getByText('Move “Splices” to 2 Sails')).toBeVisible()
  await page.mouse.up()
  await expect(bottomLine(page)).toHaveText('Moved “Splices” to 2 Sails')
})
