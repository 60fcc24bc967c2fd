import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import {
  bottomLine,
  bringIn,
  hold,
  makeFolders,
  newPerson,
  openDemo,
  openFolder,
  documentRow,
  treeRow,
  choose,
} from './person'

const codes = (page: Page) => page.getByRole('treeitem')

/** Holds a folder of the outline over another one, at this share of its height. */
const drag = (page: Page, name: string, onto: string, share: number) =>
  hold(page, treeRow(page, name), treeRow(page, onto), share)

test('folders are laid between others by drag, with the number said before the drop; Esc cancels', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta', 'Gamma'])
  await drag(page, 'Gamma', 'Alpha', 0.1)
  await expect(page.getByText('Place “Gamma” as 1 in the top of the plan')).toBeVisible()
  await page.keyboard.press('Escape')
  await page.mouse.up()
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Beta/, /3\s*Gamma/])
  await drag(page, 'Gamma', 'Alpha', 0.1)
  await page.mouse.up()
  await expect(codes(page)).toHaveText([/1\s*Gamma/, /2\s*Alpha/, /3\s*Beta/])
  await expect(bottomLine(page)).toHaveText('Placed “Gamma” as 1 in the top of the plan')
  await page.keyboard.press('Control+z')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Beta/, /3\s*Gamma/])
})

test('the outline is rearranged with the keyboard: up, down, in, out', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta', 'Gamma'])
  await openFolder(page, 'Gamma')
  await page.getByRole('tree').focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Gamma/, /3\s*Beta/])
  await page.keyboard.press('Alt+ArrowRight')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /1\.1\s*Gamma/, /2\s*Beta/])
  await page.keyboard.press('Alt+ArrowLeft')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Gamma/, /3\s*Beta/])
  await page.keyboard.press('Alt+ArrowDown')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Beta/, /3\s*Gamma/])
})

test('numbers with gaps take one in between, and where none is left renumbering is offered', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta', 'Gamma'])
  await page.getByRole('button', { name: 'Numbering…' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Step').fill('10')
  await dialog.getByLabel('First number').fill('10')
  await expect(dialog.getByText('3 numbers change; the place of 0 documents reads differently')).toBeVisible()
  await dialog.getByRole('button', { name: 'Number them' }).click()
  await expect(codes(page)).toHaveText([/10\s*Alpha/, /20\s*Beta/, /30\s*Gamma/])
  await expect(dialog).toHaveCount(0)
  await drag(page, 'Gamma', 'Beta', 0.1)
  await page.mouse.up()
  await expect(codes(page)).toHaveText([/10\s*Alpha/, /15\s*Gamma/, /20\s*Beta/])
  // Halving goes on until nothing is left.
  for (let round = 0; round < 8 && (await dialog.count()) === 0; round++) {
    const rows = await codes(page).allTextContents()
    const [, second, third] = [
      '',
      /Gamma/.test(rows[1] ?? '') ? 'Gamma' : 'Beta',
      /Gamma/.test(rows[2] ?? '') ? 'Gamma' : 'Beta',
    ]
    await drag(page, third, second, 0.1)
    await page.mouse.up()
    await expect
      .poll(async () => (await dialog.count()) > 0 || (await codes(page).allTextContents()).join() !== rows.join())
      .toBe(true)
  }
  await expect(dialog.getByText('spread with gaps')).toBeVisible()
  await dialog.getByRole('button', { name: 'Number them' }).click()
  await expect(codes(page).first()).toHaveText(/10\s*Alpha/)
  await expect(codes(page).nth(2)).toHaveText(/30/)
})

test('a folder holds its number, takes own text, is left out or kept first', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta', 'Gamma'])
  await openFolder(page, 'Beta')
  const number = page.getByLabel(/Own number or text/)
  await number.fill('7')
  await number.press('Enter')
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /7\s*Beta/, /8\s*Gamma/])
  await number.fill('Q1')
  await number.press('Enter')
  await expect(treeRow(page, 'Beta')).toHaveText(/Q1\s*Beta/)
  await page.getByLabel('left out of the numbers').check()
  await expect(codes(page)).toHaveText([/1\s*Alpha/, /2\s*Gamma/, /^Beta/])
  await page.getByLabel('kept first in its place').check()
  await expect(codes(page)).toHaveText([/^Beta/, /1\s*Alpha/, /2\s*Gamma/])
  await openFolder(page, 'Gamma')
  await number.fill('1')
  await number.press('Enter')
  await expect(codes(page)).toHaveText([/^Beta/, /1\s*Gamma/, /2\s*Alpha/])
})

test('a folder is merged into another: what meets what is seen first, and all of it is undone', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Letters', 'Post'])
  for (const [name, text] of [
    ['Letters', 'one'],
    ['Post', 'two'],
  ] as const) {
    await openFolder(page, name)
    await bringIn(page, [{ name: 'Invoice.txt', text }])
    await expect(documentRow(page, 'Invoice')).toBeVisible()
  }
  await openFolder(page, 'Letters')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.locator('.v-list-item', { hasText: 'Merge into' }).click()
  await choose(page.getByLabel('Merge into'), '2 Post')
  await expect(page.getByText('different bytes')).toBeVisible()
  await page.getByRole('button', { name: 'Merge them' }).click()
  await expect(bottomLine(page)).toHaveText('Merged “Letters” into 1 Post: 1 document')
  await expect(page.getByRole('heading', { level: 1, name: /Post/ })).toBeVisible()
  await expect(documentRow(page, 'Invoice (2)'.replace(/[()]/g, '\\$&'))).toBeVisible()
  await expect(page.getByRole('treeitem')).toHaveCount(1)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('treeitem')).toHaveCount(2)
})

test('a branch is duplicated, with its documents filed in both', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Letters'])
  await openFolder(page, 'Letters')
  await bringIn(page, [{ name: 'Invoice.txt', text: 'x' }])
  await expect(documentRow(page, 'Invoice')).toBeVisible()
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.locator('.v-list-item', { hasText: 'Duplicate with documents' }).click()
  await expect(bottomLine(page)).toHaveText('Made 2 Letters (2) from “Letters”, with 1 document filed there as well')
  await page.getByRole('treeitem', { name: /Letters \(2\)/ }).click()
  await expect(documentRow(page, 'Invoice')).toBeVisible()
})

test('the colour key is edited in one place: named, inked, patterned, made one', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Letters'])
  await openFolder(page, 'Letters')
  await page.getByRole('button', { name: 'Colour…' }).click()
  await page.locator('.v-list-item', { hasText: 'Urgent' }).click()
  await page.locator('footer').getByRole('button', { name: 'Edit…' }).click()
  const dialog = page.getByRole('dialog')
  const name = dialog.getByLabel('Name of the colour').nth(5)
  await name.fill('Right now')
  await name.press('Tab')
  await expect(page.locator('footer').getByRole('button', { name: 'Right now' })).toBeVisible()
  await dialog.getByLabel('Colour of Right now').fill('#44aa99')
  await expect(dialog.getByText('“Office” and “Right now” look alike.')).toBeVisible()
  await choose(dialog.getByLabel('Pattern of Right now'), 'dots')
  await expect(dialog.getByText('“Office” and “Right now” look alike.')).toHaveCount(0)
  await dialog.getByRole('button', { name: 'Take Right now out' }).click()
  await choose(dialog.getByRole('combobox', { name: 'What its folders get' }), 'Office')
  await dialog.getByRole('button', { name: 'Make them one' }).click()
  await dialog.getByRole('button', { name: 'Close Esc' }).click()
  await expect(bottomLine(page)).toHaveText('Made “Right now” into “Office” (1 folder)')
  await expect(page.locator('footer').getByRole('button', { name: 'Office' })).toBeVisible()
  await page.locator('footer').getByRole('button', { name: 'Office' }).click()
  await expect(page.getByRole('region', { name: 'What carries Office' })).toContainText('1 Letters')
})

test('the outline is narrowed in place by a number or a part of a name, and Enter goes there', async ({ page }) => {
  await openDemo(page)
  await page.keyboard.press('o')
  const narrow = page.getByLabel('Narrow the outline')
  await expect(narrow).toBeFocused()
  await narrow.fill('pontoon')
  await expect(codes(page)).toHaveText([
    /1\s*Quay office/,
    /1\.1\s*Berth leases/,
    /1\.1\.1\s*North pontoon/,
    /1\.1\.2\s*South pontoon/,
  ])
  await narrow.fill('2.2')
  await narrow.press('Enter')
  await expect(page.getByRole('heading', { level: 1, name: /Handouts/ })).toBeVisible()
  await expect(narrow).toHaveValue('')
})
