import { expect, test } from '@playwright/test'
import { bottomLine, bringIn, makeFolders, newPerson, openFolder, documentRow, treeRow, choose } from './person'

test('documents get running numbers, tags are typed and found again, a folder is pinned', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Post'])
  await openFolder(page, 'Post')
  await page.getByLabel('running numbers for its documents').check()
  await expect(bottomLine(page)).toHaveText('Began running numbers in 1 Post')
  await bringIn(page, [
    { name: 'letter.txt', text: 'a' },
    { name: 'notice.txt', text: 'b' },
  ])
  await expect(documentRow(page, 'letter')).toContainText(/1-00[12]/)
  await expect(documentRow(page, 'notice')).toContainText(/1-00[12]/)

  await documentRow(page, 'letter').click()
  await page.getByLabel('Add a tag').fill('signed')
  await expect(page.getByRole('option', { name: /signed.*new tag/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Tagged “letter” with “signed”')
  await expect(documentRow(page, 'letter')).toContainText('signed')
  await page.keyboard.press('Escape')

  await documentRow(page, 'notice').click()
  await page.getByLabel('Add a tag').fill('sigend')
  await expect(page.getByRole('option', { name: /signed.*did you mean this/ })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(bottomLine(page)).toHaveText('Tagged “notice” with “signed”')
  await page.getByRole('button', { name: 'Take the tag signed off' }).click()
  await expect(documentRow(page, 'notice')).not.toContainText('signed')

  await page.getByRole('button', { name: 'Pin', exact: true }).first().click()
  await expect(page.getByRole('navigation', { name: 'Short list' })).toContainText('Post')
  await page.keyboard.press('/')
  await page.keyboard.type('sign')
  await page.getByRole('option', { name: /signed.*tag on 1/ }).click()
  await expect(page.getByRole('grid', { name: 'Found documents' }).getByRole('row')).toHaveCount(1)
  await page.goto('/plan')
  await page.getByRole('navigation', { name: 'Short list' }).getByRole('button', { name: /Post/ }).first().click()
  await expect(treeRow(page, 'Post')).toHaveAttribute('aria-selected', 'true')
})

test('tags are put right for all that carry them: renamed, merged, hidden, deleted, and taken back', async ({
  page,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  for (const [name, tag] of [
    ['a', 'urgent'],
    ['b', 'pressing'],
    ['c', 'urgent'],
  ] as const) {
    await bringIn(page, [{ name: `${name} paper.txt`, text: name }])
    await documentRow(page, `${name} paper`).click()
    await expect(page.getByLabel('Card').getByRole('heading', { name: `${name} paper` })).toBeVisible()
    await page.getByLabel('Add a tag').fill(tag)
    await page.keyboard.press('Enter')
    await expect(bottomLine(page)).toHaveText(`Tagged “${name} paper” with “${tag}”`)
    await page.keyboard.press('Escape')
  }
  await page.goto('/tags')
  await expect(page.getByRole('row', { name: /urgent .*2 things/ })).toBeVisible()
  await page.getByRole('button', { name: 'Merge pressing' }).click()
  await choose(page.getByLabel('The tag that stays'), 'urgent (2)')
  await page.getByRole('button', { name: /^Merge, on/ }).click()
  await expect(page.getByRole('row', { name: /urgent .*3 things/ })).toBeVisible()
  await page.getByRole('button', { name: 'Rename urgent', exact: true }).click()
  await page.getByRole('textbox', { name: 'New name of the tag urgent' }).fill('this week')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('row', { name: /this week .*3 things/ })).toBeVisible()
  await page.getByLabel('Offer this week while typing').uncheck()
  await expect(bottomLine(page)).toHaveText('Changed the tag “this week”')
  await page.getByRole('button', { name: 'Delete this week' }).click()
  await page.getByRole('button', { name: 'Delete the tag' }).click()
  await expect(page.getByRole('heading', { name: 'There is no tag yet' })).toBeVisible()
  await page.keyboard.press('Control+z')
  await page.getByRole('link', { name: '3 things' }).click()
  await expect(page.getByRole('grid', { name: 'Found documents' }).getByRole('row')).toHaveCount(3)
})
