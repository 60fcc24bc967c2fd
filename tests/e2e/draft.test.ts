import type { Page } from '@playwright/test'
import { expect, test } from '@playwright/test'
import {
  bottomLine,
  bringIn,
  makeFolders,
  newPerson,
  openDemo,
  openFolder,
  documentRow,
  treeRow,
  unfold,
  choose,
} from './person'

const editor = (page: Page) => page.locator('.cm-content')
const preview = (page: Page) => page.getByRole('region', { name: 'The plan as it will be' }).getByRole('listitem')
const summary = (page: Page) => page.getByLabel('What would happen').getByRole('status')
const applyButton = (page: Page) => page.getByRole('button', { name: /^Apply/ })

async function paste(page: Page, text: string): Promise<void> {
  await editor(page).click()
  await editor(page).evaluate((element, pasted) => {
    const clipboardData = new DataTransfer()
    clipboardData.setData('text/plain', pasted)
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }))
  }, text)
}

async function beginEmpty(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Draft the plan…' }).click()
  await page.getByRole('button', { name: 'An empty draft' }).click()
  await expect(editor(page)).toBeFocused()
}

const TERM = `1. Office [Urgent] -- the paperwork
   1.1 Leases
   1.2 Dues and invoices
2. Class
   - {Autumn, Spring, Summer} term
     - Week {01..12}
   - Handouts
   - Attendance
3. Study
   - Unit {A..H}
4. Archive
   - {2022..2026}`

test('a plan of 60 folders is pasted, seen before it is made, made as one act, and taken back', async ({ page }) => {
  await newPerson(page)
  await beginEmpty(page)
  await paste(page, TERM)
  await expect(summary(page)).toContainText('60 new')
  await expect(page.getByText('makes 36 folders')).toBeVisible()
  await expect(preview(page).nth(0)).toContainText('1Office')
  await page.keyboard.press('Control+Enter')
  await expect(bottomLine(page)).toHaveText('Applied a draft to the plan: 60 new')
  await expect(treeRow(page, 'Class')).toHaveText(/2\s*Class/)
  // What was made stands open.
  await expect(page.getByRole('button', { name: 'Close Class' })).toBeVisible()
  await expect(treeRow(page, 'Spring term')).toHaveText(/2\.2\s*Spring term/)
  await page.keyboard.press('Control+z')
  await expect(page.getByRole('treeitem')).toHaveCount(0)
  await page.keyboard.press('Control+Shift+z')
  await expect(treeRow(page, 'Class')).toBeVisible()
})

test('the present plan is rearranged in a draft: documents go with their folders', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta', 'Gamma'])
  await openFolder(page, 'Beta')
  await bringIn(page, [{ name: 'Inside.txt', text: 'x' }])
  await expect(documentRow(page, 'Inside')).toBeVisible()
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await page.getByRole('button', { name: 'Draft the plan…' }).click()
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await expect(editor(page)).toContainText('Gamma')
  // Beta goes into Alpha and gets another name; Gamma is removed by its line.
  await page.keyboard.press('Control+Home')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Tab')
  await page.keyboard.press('End')
  await page.keyboard.type(' papers')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Home')
  await page.keyboard.press('Shift+End')
  await page.keyboard.press('Delete')
  await expect(summary(page)).toContainText('1 renamed · 1 moved')
  await expect(summary(page)).toContainText('1 removed')
  await expect(preview(page).nth(1)).toContainText('Beta papers')
  await applyButton(page).click()
  await expect(bottomLine(page)).toHaveText('Applied a draft to the plan: 1 renamed, 1 moved and 1 removed')
  await unfold(page, 'Alpha')
  await openFolder(page, 'Beta papers')
  await expect(documentRow(page, 'Inside')).toBeVisible()
  await expect(treeRow(page, 'Gamma')).toHaveCount(0)
})

test('a draft of the present plan waits for the plan when its page is opened anew', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta'])
  await page.route('**/api/plan', async route => {
    await new Promise(resolve => setTimeout(resolve, 1500))
    await route.continue()
  })
  await page.goto('/draft')
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await expect(editor(page)).toContainText('Beta')
  await expect(page.getByText('The plan was changed meanwhile')).toHaveCount(0)
})

test('a line that is moved, deleted and brought back by undo stays the same folder', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta'])
  await page.getByRole('button', { name: 'Draft the plan…' }).click()
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await expect(editor(page)).toContainText('Beta')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Alt+ArrowUp')
  await expect(summary(page)).toContainText('1 in another order')
  await page.keyboard.press('Control+a')
  await page.keyboard.press('Delete')
  await expect(summary(page)).toContainText('2 removed')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(summary(page)).toContainText('nothing changes')
})

test('where the documents of removed folders go is asked', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta'])
  await openFolder(page, 'Beta')
  await bringIn(page, [{ name: 'Inside.txt', text: 'x' }])
  await expect(documentRow(page, 'Inside')).toBeVisible()
  await page.goto('/draft')
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await expect(editor(page)).toContainText('Beta')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Shift+Home')
  await page.keyboard.press('Delete')
  await choose(page.getByLabel('Where the documents of 2 Beta go'), '1 Alpha')
  await applyButton(page).click()
  await expect(bottomLine(page)).toContainText('1 removed')
  await openFolder(page, 'Alpha')
  await expect(documentRow(page, 'Inside')).toBeVisible()
})

test('a draft is kept by itself, says what is wrong, and follows the plan from another window', async ({
  page,
  context,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Alpha', 'Beta'])
  await page.goto('/draft')
  await page.getByRole('button', { name: 'The plan as it is' }).click()
  await expect(editor(page)).toContainText('Beta')
  await page.keyboard.press('Control+End')
  await page.keyboard.press('Enter')
  await page.keyboard.type('Bad/name')
  await expect(page.getByText('A name cannot hold').first()).toBeVisible()
  await applyButton(page).click()
  await expect(page.getByRole('alert')).toContainText('A name cannot hold')
  await expect(page.getByLabel('The draft', { exact: true }).getByText('kept', { exact: true })).toBeVisible()

  const other = await context.newPage()
  await other.goto('/plan')
  await expect(treeRow(other, 'Alpha')).toBeVisible()
  await makeFolders(other, ['From elsewhere'])
  await other.close()
  await expect(editor(page)).toContainText('From elsewhere')
  await expect(page.getByText('1 change was taken into the draft')).toBeVisible()

  await page.reload()
  await expect(editor(page)).toContainText('Bad/name')
  await page.goto('/draft')
  await expect(page.getByRole('link', { name: 'The whole plan' })).toBeVisible()
  await page.getByRole('button', { name: 'Discard The whole plan' }).click()
  await expect(page.getByRole('link', { name: 'The whole plan' })).toHaveCount(0)
})

test('pointing writes the notation: number, colour, purpose, and the grip drags lines', async ({ page }) => {
  await newPerson(page)
  await beginEmpty(page)
  await paste(page, 'Alpha\nBeta\nGamma')
  await page.keyboard.press('Control+Home')
  await page.getByLabel('Number', { exact: true }).fill('30')
  await page.keyboard.press('Tab')
  await choose(page.getByLabel('Colour', { exact: true }), 'Urgent')
  await page.getByLabel('Purpose', { exact: true }).fill('what matters')
  await page.keyboard.press('Tab')
  await expect(page.locator('.cm-line').first()).toHaveText('#30 Alpha [Urgent] -- what matters')
  const [grip, last] = [
    await page.locator('.grips .grip').nth(0).boundingBox(),
    await page.locator('.cm-line').nth(2).boundingBox(),
  ]
  if (!grip || !last) throw new Error('There is no grip.')
  await page.mouse.move(grip.x + 4, grip.y + 8)
  await page.mouse.down()
  await page.mouse.move(grip.x + 4, last.y + 12, { steps: 5 })
  await page.mouse.move(grip.x + 30, last.y + 24, { steps: 5 })
  await expect(page.locator('.drop-line')).toBeVisible()
  await page.mouse.up()
  await expect(page.locator('.cm-line')).toHaveText([/Beta/, /Gamma/, /\t?#30 Alpha/])
  await expect(preview(page).last()).toContainText('2.30')
})

test('a skeleton is laid under a folder, and a branch is kept as one', async ({ page }) => {
  await newPerson(page)
  await makeFolders(page, ['Courses'])
  await openFolder(page, 'Courses')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.locator('.v-list-item', { hasText: 'Draft this branch' }).click()
  await page.getByRole('button', { name: 'A course with units' }).click()
  await expect(page.getByRole('heading', { name: 'New folders in 1 Courses' })).toBeVisible()
  await applyButton(page).click()
  await expect(bottomLine(page)).toContainText('Applied a draft to 1 Courses: 29 new')
  await page.getByRole('button', { name: 'More', exact: true }).click()
  await page.locator('.v-list-item', { hasText: 'Keep as skeleton' }).click()
  await expect(bottomLine(page)).toContainText('Kept “Courses” as a skeleton')
  await page.goto('/draft')
  await expect(page.getByRole('button', { name: 'Courses', exact: true })).toBeVisible()
})

test('the next school year is made from this one, and the old one is closed under the archive', async ({ page }) => {
  await newPerson(page)
  await page.goto('/draft')
  await page.getByRole('button', { name: 'An empty draft' }).click()
  await paste(page, 'Year 2025-26\n\tAutumn 2025\n\tSpring 2026\nArchive')
  await applyButton(page).click()
  await expect(treeRow(page, 'Archive')).toBeVisible()
  await page.goto('/draft')
  await page.getByLabel('Branch').fill('yaer')
  await page.getByRole('option', { name: '1 Year 2025-26' }).click()
  await expect(page.getByLabel('The new one is called')).toHaveValue('Year 2026-27')
  await page.getByRole('button', { name: 'See the next period' }).click()
  await expect(summary(page)).toContainText('3 new · 1 moved')
  await applyButton(page).click()
  await expect(treeRow(page, 'Year 2026-27')).toHaveText(/1\s*Year 2026-27/)
  await expect(page.getByRole('button', { name: 'Close Archive' })).toBeVisible()
  await expect(treeRow(page, 'Year 2025-26')).toHaveText(/2\.1\s*Year 2025-26/)
  await page.keyboard.press('Control+z')
  await expect(treeRow(page, 'Year 2026-27')).toHaveCount(0)
})

test('the plan leaves as OPML, Markdown and CSV, and comes back from a file', async ({ page }) => {
  await openDemo(page)
  const saved: Record<string, string> = {}
  for (const [item, kind] of [
    ['Save as OPML', 'opml'],
    ['Save as Markdown', 'md'],
    ['Save as a table (CSV)', 'csv'],
  ] as const) {
    await page.getByRole('button', { name: 'More', exact: true }).click()
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.locator('.v-list-item', { hasText: item }).click(),
    ])
    expect(download.suggestedFilename()).toBe(`Tern Quay.${kind}`)
    saved[kind] = await (await import('node:fs/promises')).readFile(await download.path(), 'utf8')
  }
  expect(saved.csv).toContain('1.1,Berth leases,Quay office/Berth leases')
  for (const kind of ['opml', 'md', 'csv']) {
    await page.goto('/draft')
    await page
      .getByLabel('A file with an outline')
      .setInputFiles({ name: `plan.${kind}`, mimeType: 'text/plain', buffer: Buffer.from(saved[kind] ?? '') })
    await expect(summary(page)).toContainText('65 new')
    await page.getByRole('button', { name: 'Discard' }).click()
  }
  await page.goto('/draft')
  await page
    .getByLabel('A file with an outline')
    .setInputFiles({ name: 'broken.opml', mimeType: 'text/plain', buffer: Buffer.from('<opml') })
  await expect(page.getByRole('alert')).toContainText('not a sound OPML file')
  await page.goto('/contents')
  await expect(page.getByText('Berth leases')).toBeVisible()
})

test('a draft stays whole while its folder is in the Trash, and typed words survive leaving at once', async ({
  page,
  context,
}) => {
  await newPerson(page)
  await makeFolders(page, ['Office'])
  await openFolder(page, 'Office')
  await makeFolders(page, ['Inside'])
  await page.goto('/draft')
  await choose(page.getByLabel('Where the folders go'), '1 Office')
  await page.getByRole('button', { name: 'This branch as it is' }).click()
  await expect(editor(page)).toContainText('Inside')
  const other = await context.newPage()
  await other.goto('/plan')
  await openFolder(other, 'Office')
  await other.getByRole('button', { name: 'More acts' }).click()
  await other.getByText('Put into Trash').click()
  await expect(page.getByText('The folder of this draft is in the Trash')).toBeVisible()
  await expect(editor(page)).toContainText('Inside')
  await expect(applyButton(page)).toBeDisabled()
  await other.keyboard.press('Control+z')
  await expect(other.getByRole('treeitem', { name: /Office/ })).toBeVisible()
  await other.close()
  await expect(page.getByText('The folder of this draft is in the Trash')).toHaveCount(0)
  await editor(page).click()
  await page.keyboard.press('Control+End')
  await page.keyboard.type(' and more')
  await page.getByRole('link', { name: 'Keep as draft' }).click()
  await page.getByRole('link', { name: '1 Office' }).click()
  await expect(editor(page)).toContainText('Inside and more')
})

test('a folder of the desktop becomes a draft, and its documents come in when it is applied', async ({ page }) => {
  await newPerson(page)
  await page.goto('/draft')
  await page.getByLabel('A folder of the desktop', { exact: true }).evaluate((input: HTMLInputElement) => {
    const files = ['Papers/May/sea.txt', 'Papers/May/sand.txt', 'Papers/index.txt'].map(path => {
      const file = new File([path], path.split('/').at(-1) ?? '')
      Object.defineProperty(file, 'webkitRelativePath', { value: path })
      return file
    })
    Object.defineProperty(input, 'files', { value: files })
    input.dispatchEvent(new Event('change'))
  })
  await expect(page.getByText('3 documents of the desktop folder come in when it is applied')).toBeVisible()
  await applyButton(page).click()
  await expect(page.getByRole('button', { name: 'Close Papers' })).toBeVisible()
  await openFolder(page, 'May')
  await expect(documentRow(page, 'sea')).toBeVisible()
  await expect(documentRow(page, 'sand')).toBeVisible()
})
